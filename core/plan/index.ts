export * from './plan';
export * from './edit';
export { emptyPlan } from './emptyPlan';
export {
  COLLECTIONS,
  COLOUR_ROLES,
  KINDS,
  hasTerminal,
  kindOf,
  siteSchema,
  type Collection,
  type Entities,
  type Kind,
} from './kinds/index';
export type { ColourRole, Region, Site } from './kinds/site';
export type { Brief, DeadState, DeadStateChoice, Door, Schools } from './kinds/door';
export type { Device } from './kinds/device';
export type { Conductor } from './kinds/conductor';
export type { Cable } from './kinds/cable';
export type { CardNumber, Person } from './kinds/person';
export type { KeypadRecord, SlotContent } from './kinds/memory';
export type { Reading } from './kinds/reading';
export * from './kinds/terminal';
export { applyEdit, type EditResult } from './applyEdit';
export { admit, parseEdit, type Admitted } from './admit';
export { assemble, type Lists, type Misfit } from './assemble';
export { issuesOf, pathText, type Issue } from './issueText';
export { VERBS } from './verbs';
export * from './scope';
export * from './wireLine';
export * from './types';
export * from './colourScheme';
export * from './secrets';
export { applyDelta, changedEntries, planDelta, type Changed, type PlanDelta } from './planDelta';
export { staleDoors, touchedDoors } from './touchedDoors';
