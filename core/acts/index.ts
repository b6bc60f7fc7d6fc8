export type { Act, Needs, Purpose } from './act';
export { actsAt } from './actsAt';
export { actsOf, byAnybodyOutside, byWhoLeaves, isRightful } from './byReach';
export { scenarioActs } from './scenarioActs';
export { coupledWith, type Coupled } from './coupled';
export { neighbourActs } from './neighbourActs';
