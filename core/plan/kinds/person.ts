import { doorsOf } from '../opens';
import { describe } from './kind';

export const PEOPLE = describe('people', {
  list: 'people',
  as: 'person',
  word: 'person',
  key: 'id',
  verbs: { add: 'addPerson', set: 'setPerson', remove: 'removePerson' },
  fixed: ['id'],
  most: 20_000,
  refs: [
    {
      to: 'doors',
      of: ({ doors }) => doors.map((id, index) => ({ id, at: `doors[${index}]` })),
      onGone: (person, gone) => ({ doors: person.doors.filter((id) => id !== gone) }),
    },
    {
      to: 'devices',
      of: ({ slots }) => Object.keys(slots).map((id) => ({ id, at: 'slots' })),
      onGone: ({ slots }, gone) => {
        const { [gone]: _slot, ...rest } = slots;
        return { slots: rest };
      },
    },
    {
      to: 'levels',
      of: ({ levels }) => levels.map((id, index) => ({ id, at: `levels[${index}]` })),
      onGone: ({ levels }, gone) => ({ levels: levels.filter((id) => id !== gone) }),
    },
  ],
  secrets: { code: '', card: null },
  doors: (person, plan) => doorsOf(plan, person),
});
