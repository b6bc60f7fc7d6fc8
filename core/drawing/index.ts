export type { Drawing, Live, Shape } from './shapes';
export { drawLoop, type DrawOptions } from './drawLoop';
export { liveView, type HoldWords } from './liveView';
export { bandWidth, contactPaths, toSvg } from './svg';
