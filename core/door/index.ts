export { doorParts, lockDeadState, placed, type DoorParts, type Placed } from './doorParts';
export { doorTimes, LEAST_SECONDS, type DoorTimes, type TimeRole } from './doorTimes';
export { cableBetween, isRunEntered, lengthBetween, runOf } from './lengths';
export { fireLineFor, isFireLine, type FireLine } from './fireLine';
export { deciders, doorDevices, entries, exits, glassesInside, type Populated } from './doorDevices';
export { standAt, type Stand } from './stand';
export { inputsOf, type InputAt, type InputPurpose } from './inputs';
export { doorsAround, neighbourhood } from './neighbourhood';
// What changes whole doors is imported file by file: it is heavy, and no page begins with it.
export type { LeftOut } from './copyDoor';
export type { Exchange } from './exchangeType';
export type { NewDoor, NewDoorFault } from './newDoors';
