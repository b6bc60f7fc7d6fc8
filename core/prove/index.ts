export * from './proof';
export { label, prove, waysOut, worstOf } from './prove';
export { doorDevices, SITUATIONS, type Situation } from './situations';
