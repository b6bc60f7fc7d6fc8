import { EMPTY_BRIEF, type DoorId } from './plan';
import type { Door } from './schemas/door';

/** A door about which nothing has been said yet, at its place in the ledger. */
export const blankDoor = (id: DoorId, order: number, name = ''): Door => ({
  id,
  order,
  name,
  brief: EMPTY_BRIEF,
  deadState: null,
  schools: {},
  freePassage: null,
  openingHours: null,
  expectations: [],
  notes: '',
  lastWire: 0,
});
