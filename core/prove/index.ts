export { callers, type Caller } from './callers';
export * from './proof';
export { label, prove, proveOne, waysOut, worstOf } from './prove';
export { fireReleases, SITUATIONS, type Situation } from './situations';
