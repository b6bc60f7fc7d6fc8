export * from './doorVerdict';
export { judge, summarise, unjudged, type Judgement } from './judge';
export type { StationMark } from './marks';
