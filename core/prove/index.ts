export * from './proof';
export { label, prove, worstOf } from './prove';
export { doorDevices, SITUATIONS, type Situation } from './situations';
