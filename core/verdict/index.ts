export * from './doorVerdict';
export { judge, judgeInSteps, summarise, unjudged, type Judgement } from './judge';
export type { StationMark } from './marks';
