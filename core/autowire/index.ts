export { autowire, type Wiring } from './autowire';
export { cableBetween, lengthBetween, runOf } from './lengths';
export { doorParts, lockDeadState, placed, type DoorParts, type Placed } from './doorParts';
export { busPortOf, stateFor, suits, supplyFor } from './templates/index';
export type { SettingRun } from './run';
