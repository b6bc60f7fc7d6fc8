export { fixesFor, fixesForZone, type Fix } from './fixes';
export { graphOf, isSafe, type Passage, type SiteGraph } from './graph';
export { openingsOf, SITE_SITUATIONS, siteSituations, zonesInOrder, type SiteSituation } from './openings';
export {
  openSite,
  pictureOf,
  trapsOf,
  zoneCells,
  type Picture,
  type SiteOpenings,
  type SpaceState,
  type Trap,
  type ZoneCell,
} from './site';
export { reachWithFaults, type ReachFault } from './withFaults';
export { breaches, waysToSafety, type Openings, type WayOut } from './walk';
export type { Opening } from '../prove/index';
export { BOX, DOOR_BOX, layRooms, type PlacedDoor, type PlacedSpace, type RoomLayout } from './layout';
export {
  releaseTree,
  type ReleaseTree,
  type Throw,
  type TreeDoor,
  type TreePart,
  type TreeRelay,
  type TreeRelease,
  type TreeWork,
} from './releaseTree';
export { layTree, TREE, type TreeBox, type TreeColumn, type TreeEdge, type TreeLayout } from './treeLayout';
export { situationsShown, siteVerdicts, type Chain, type Nowhere, type SiteVerdicts } from './verdicts';
