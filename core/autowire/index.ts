export { autowire, type Wiring } from './autowire';
export { portAt, stateFor, suits, supplyFor } from './templates/index';
export type { SettingRun } from './run';
export { NO_TARGET, targetOf, type Target } from './target';
