export type { Drawing, Live, Shape } from './shapes';
export { drawLoop, type DrawOptions } from './drawLoop';
export { liveView, type HoldWords } from './liveView';
export { bandWidth, contactPaths, fusePaths, toSvg } from './svg';
export {
  diagramModel,
  layoutGraph,
  readLayout,
  type DiagramLayout,
  type DiagramModel,
  type DiagramNode,
  type LaidOut,
  type LayoutGraph,
} from './diagram';
export { diagramSvg, diagramTree, type Look, type SvgNode } from './diagramTree';
