export { callers, type Caller } from './callers';
export * from './proof';
export { label, prove, proveOne, waysOut, worstOf } from './prove';
export { fireReleases } from './fireReleases';
export { SITUATIONS, type Situation } from './situations';
