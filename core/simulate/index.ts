export { buildWorld, settingMs, type Inhabitant, type LockAt, type World } from './world';
export type { Alarm, CardOutcome, Effect, SimState, Stimulus, Timer } from './simState';
export { advance, atRest, stimulate, type Step } from './step';
export { doorHold, leverOpens, lockStatuses, type LockStatus } from './lockStatus';
export { conditionsOf } from './settleState';
export { batteryFeed, batteryVolts } from './battery';
export { foresee, relayKeys, sampleLanes, type LaneSample } from './lanes';
export { addressOf, busPorts, readCard, type CardRead, type PortAt } from './cardRead';
export { movedByOperatorOnly, operatorOpens } from './operatorOpens';
