export {
  countFaults,
  IMPROVEMENTS,
  improvementsOf,
  type FaultCounts,
  type Improvement,
  type ImprovementId,
} from './improve';
export { withGlass } from './withGlass';
