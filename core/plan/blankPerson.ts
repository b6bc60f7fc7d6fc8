import type { Person } from './schemas/person';

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
  card: null,
  slots: {},
});
