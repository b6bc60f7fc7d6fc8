export { autowire, cableBetween, lengthBetween, type Wiring } from './autowire';
export { doorParts, lockDeadState, placed, type DoorParts, type Placed } from './doorParts';
