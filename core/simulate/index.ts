export { buildWorld, paced, settingMs, type Inhabitant, type LockAt, type World } from './world';
export type { Alarm, CardOutcome, Effect, Memory, SimState, Stimulus, Timer } from './simState';
export { player, type Player } from './player';
export { explore, readsOf, type Explored, type Settled } from './explored';
export { explorer, NotShared, type Circuit, type Explorer, type Place } from './explorer';
export { answered, type Step } from './exchange';
export { heedsLockdown, keepsFreePassage, keepsPassback } from '../functions/index';
export { BATTERY } from './mains';
export { remembering, type Remembering } from './remembering';
export { stateInterner, setInterner, sayTable } from './stateInterner';
export { changedBy, presentedTo, readAt, type Credential } from './stimuli';
export { advance, afterNext, atRest, dueBy, happens, resettle, stimulate, timerRun } from './step';
export {
  activeHold,
  doorHold,
  secondHold,
  holdOf,
  leafWithoutLock,
  isDrawnByHand,
  isLatched,
  keyTurns,
  leverOpens,
  lockStatuses,
  type LockStatus,
} from './lockStatus';
export { gone, ONE_EACH, type Whereabouts } from './people';
export { standing, type Standing } from './standing';
export { whyFree, type WhyFree } from './whyFree';
export { conditionsOf, settledAnew } from './settleState';
export { batteryFeed, batteryVolts } from './battery';
export { egressAlarms, egressReleases, foresee, relayKeys, sampleLanes, type LaneSample } from './lanes';
export { addressOf, busPorts, readCard, type CardRead, type PortAt } from './cardRead';
export { neighboursOf, type Neighbours } from './neighbours';
export { leafByHand, leafMoves, movedByOperatorOnly, operatorOpens } from './operatorOpens';
export { PUSH, REARM } from '../functions/index';
