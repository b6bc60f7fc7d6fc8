export { lanesOf, type Lane, type LaneKind } from './lanes';
export { inOrder, play, type Done, type Played, type Run, type Track } from './play';
export { differing, judge, shownAt, type Differs } from './judge';
export { offered, SCENARIO_NAMES, type Offered, type ScenarioName } from './library';
export { TIMER_TOLERANCE, timeKeepers, worstTimes, type TimeKeeper, type WorstTimes } from './tolerance';
export { stimulusOf } from './stimulusOf';
