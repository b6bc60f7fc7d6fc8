export { addDays, isWithin, mondayOf, weekdayOf, type Day } from './day';
export { both, covers, joined, without, type Span } from './spans';
export { dayOffIn, hoursOn, type DayHours } from './hoursOn';
export { hoursOfDoor, mayOpen, type Answer, type Moment, type Rule } from './mayOpen';
export {
  configurationDifferences,
  configurationOf,
  decidedBy,
  decides,
  OFFLINE,
  type Arrives,
  type Configuration,
  type ConfigurationDifference,
  type Decision,
} from './configuration';
export { judge, type Ground, type Judgement, type Presented } from './judge';
export { changesAt, opensOn } from './opensOn';
export { offOn, weekOfDoor, weekOfPerson, type Bar, type DoorDay, type PersonDay } from './week';
export { noWays, type NoWay } from './ways';
export { concerns, type Concern } from './concerns';
