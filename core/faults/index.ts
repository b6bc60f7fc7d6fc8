export { faultsOf, type Fault, type FaultKind, type Whose } from './fault';
export { breakNow, brokenWorld, defectOf } from './brokenWorld';
export { OUTCOMES, type Outcome } from './outcome';
export type { FaultResult } from './result';
export { sweep } from './sweep';
export { sweepAnew } from './sweepAnew';
export { sweepSite, type SiteResult } from './sweepSite';
