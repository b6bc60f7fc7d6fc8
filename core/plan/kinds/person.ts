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
  ],
  secrets: { code: '', card: null },
  doors: ({ doors }) => doors,
});
