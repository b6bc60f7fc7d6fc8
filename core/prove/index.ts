export { callers, type Caller } from './callers';
export { letsIn } from './letsIn';
export { lineReading, panelLines, toldOf, type LineReading, type PanelLine } from './panelLines';
export * from './proof';
export { cellsFrom } from './cells';
export { cellsOf, label, prove, proveOne, provenFor, tallyOf, worstOf } from './prove';
export { LEAST_RELEASE_MS, releaseFrom, stretchFrom, type Release } from './stretch';
export { leavesFreely, patience, waysFrom, waysOut, type Ways } from './ways';
export { fireReleases } from './fireReleases';
export {
  needsNetwork,
  played,
  prepared,
  sameTrials,
  SITUATIONS,
  trialAt,
  tried,
  trialsOf,
  type Situation,
  type Trial,
} from './situations';
export { delaysOf, type Delay } from './delays';
export { openingOf, type Opening } from './opening';
