export * from './doorVerdict';
export { judge, judgeInSteps, summarise, unjudged, type Judgement } from './judge';
export { withoutCodes } from './withoutCodes';
export type { StationMark } from './marks';
