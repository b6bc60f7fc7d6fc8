export { callers, type Caller } from './callers';
export { letsIn } from './letsIn';
export * from './proof';
export { cellsOf, label, leavesFreely, prove, proveOne, provenFor, waysOut, worstOf } from './prove';
export { fireReleases, sameReleases } from './fireReleases';
export { needsNetwork, prepared, SITUATIONS, type Situation } from './situations';
export { openingOf, type Opening } from './opening';
