import type { HeldCard, Person } from './schemas/person';

/** In no group, with no level, and with no first or last day. */
export const UNLIMITED = {
  group: '',
  levels: [],
  from: null,
  until: null,
} as const satisfies Partial<Person>;

/** Somebody who opens nothing yet. */
export const blankPerson = (id: string, name: string): Person => ({
  id,
  name,
  role: 'user',
  doors: [],
  ...UNLIMITED,
  code: '',
  cards: [],
  fingers: 0,
  phone: '',
  slots: {},
});

/** A card of the format that most are, given out by nobody that is known. */
export const blankCard = (facility: number, number: number): HeldCard => ({
  facility,
  number,
  format: 'bits-26',
  given: null,
  by: '',
  lost: null,
  slots: {},
});
