export * from './plan';
export * from './edit';
export { blankDoor } from './blankDoor';
export { blankCard, blankPerson, UNLIMITED } from './blankPerson';
export { emptyPlan } from './emptyPlan';
export {
  COLLECTIONS,
  KINDS,
  hasTerminal,
  kindOf,
  type Collection,
  type Entities,
  type Kind,
} from './kinds/index';
export { COLOUR_ROLES, type ColourRole } from './schemas/colourRoles';
export type { Region, Site } from './schemas/site';
export type { Adjusted, Brief, DeadState, DeadStateChoice, Door, Schools } from './schemas/door';
export type { Expectation, Side, SituationId } from './situations';
export type { Device } from './schemas/device';
export type { Conductor } from './schemas/conductor';
export type { Cable } from './schemas/cable';
export type { CardNumber, HeldCard, Person } from './schemas/person';
export type { KeypadRecord, SlotContent } from './schemas/memory';
export type { Reading } from './schemas/reading';
export type { Sides } from './schemas/sides';
export type { Space, SpaceKind } from './schemas/space';
export type { Calendar, DayOff } from './schemas/calendar';
export type { Hours, HoursRow } from './schemas/hours';
export type { OwnCardFormat } from './schemas/cardFormat';
export type { Leaflet } from './schemas/language';
export type { Exception, Grant, Level } from './schemas/level';
export type { Zone } from './schemas/zone';
export type { Act, Scenario } from './schemas/scenario';
export * from './kinds/terminal';
export { applyEdit, type EditResult } from './applyEdit';
export { assemble, type Lists, type Misfit } from './assemble';
export { VERBS } from './verbs';
export * from './allOf';
export { cardsInUse, fingersOf, hasSlot, isTheirs, sameCard, wasTheirs } from './credentialsHeld';
export { formatsOf } from './formatsOf';
export { doorsOf, grantsAt, levelsOf, opensEver, peopleAt } from './doorsOpenedBy';
export * from './scope';
export { conductorsOf, devicesOf, inSiteOrder, wiresOn } from './siteIndex';
export * from './wireLine';
export * from './types';
export * from './colourScheme';
export * from './secrets';
export {
  applyDelta,
  changedEntries,
  editBack,
  planDelta,
  type Changed,
  type EditBack,
  type PlanDelta,
} from './planDelta';
export { countedNumber, writtenNumber } from './countedNumber';
export * from './assumable';
export { changedIds } from './lineage';
export { differences, type Difference, type PlanDifferences } from './differences';
export { ASSUMED_SIGN, shownColour, shownGauge, shownLength } from './shownWire';
export { sameContent } from './sameContent';
export { staleDoors, touchedDoors } from './touchedDoors';
