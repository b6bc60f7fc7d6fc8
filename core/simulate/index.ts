export { buildWorld, settingMs, type Inhabitant, type LockAt, type World } from './world';
export type { Alarm, CardOutcome, Effect, SimState, Stimulus, Timer } from './simState';
export { player, type Player } from './player';
export {
  brokenSolver,
  explore,
  exploredAnew,
  readsOf,
  explorer,
  NotShared,
  soundSolver,
  stateAt,
  type Explored,
  type Place,
} from './explored';
export { answered, type Step } from './exchange';
export { BATTERY } from './mains';
export { changedBy, presentedTo, readAt, type Credential } from './stimuli';
export { advance, atRest, dueBy, resettle, stimulate, timerRun } from './step';
export { doorHold, leverOpens, lockStatuses, type LockStatus } from './lockStatus';
export { gone, ONE_EACH, type Whereabouts } from './people';
export { standing, type Standing } from './standing';
export { whyFree, type WhyFree } from './whyFree';
export { conditionsOf } from './settleState';
export { batteryFeed, batteryVolts } from './battery';
export { foresee, relayKeys, sampleLanes, type LaneSample } from './lanes';
export { addressOf, busPorts, pulled, readCard, type CardRead, type PortAt } from './cardRead';
export { movedByOperatorOnly, operatorOpens } from './operatorOpens';
