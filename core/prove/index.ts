export { callers, type Caller } from './callers';
export { letsIn } from './letsIn';
export { lineReading, panelLines, toldOf, type LineReading, type PanelLine } from './panelLines';
export * from './proof';
export { cellsOf, label, leavesFreely, prove, proveOne, provenFor, tallyOf, waysOut, worstOf } from './prove';
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
export { openingOf, type Opening } from './opening';
