export { editOf, type Candidate, type Change, type WireEnd } from './change';
export {
  BOUNDS,
  searchCauses,
  type Cause,
  type CauseReport,
  type Repair,
  type SearchBounds,
} from './searchCauses';
