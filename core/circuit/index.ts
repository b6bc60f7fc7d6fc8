export type { Branch, BranchOf, ResolvedBattery } from './branch';
export { AT_REST, type Conditions, type Feed } from './conditions';
export { compileNetlist, terminalAt, withConductors, type Netlist } from './netlist';
export { blownBetween, BLOWS_AT, withNewFuses } from './fuses';
export {
  BLOWN,
  LIMITING,
  OFF,
  ON,
  voltsAcross,
  voltsBetween,
  type Damage,
  type OperatingPoint,
} from './operatingPoint';
export { isUntouched, witness, type Witness } from './untouched';
export { withDefect, type Bridged, type Defect } from './withDefect';
export { isAlternating } from './modes';
export { pose, type Posed } from './posed';
export { circleOf } from './circle';
export { settle, settleToRead, settleVolts, type Watch } from './settle';
export { linearise, type LinearNetwork } from './linearNetwork';
export { islandReferences, solveDense } from './denseTwin';
export { measureAllOhms, measureOhms } from './measureOhms';
export { groupedNodes, joinedNodes } from './joined';
export { readInput, readInputAt, type InputReading } from './readInput';
export { currentPath, type PathStep } from './currentPath';
export { isUnsettledAt } from './unsettled';
