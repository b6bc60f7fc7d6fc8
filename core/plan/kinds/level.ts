import { describe } from './kind';

export const LEVELS = describe('levels', {
  list: 'levels',
  as: 'level',
  word: 'access level',
  key: 'id',
  verbs: { add: 'addLevel', set: 'setLevel', remove: 'removeLevel' },
  fixed: ['id'],
  most: 1000,
  refs: [
    {
      to: 'doors',
      of: ({ grants, exceptions }) => [
        ...grants.flatMap(({ doors }, at) =>
          doors.map((id, index) => ({ id, at: `grants[${at}].doors[${index}]` })),
        ),
        ...exceptions.flatMap(({ doors }, at) =>
          doors.map((id, index) => ({ id, at: `exceptions[${at}].doors[${index}]` })),
        ),
      ],
      onGone: ({ grants, exceptions }, gone) => ({
        grants: grants.map((grant) => ({ ...grant, doors: without(grant.doors, gone) })),
        // An exception for this door alone would become one for all of them.
        exceptions: exceptions
          .filter(({ doors }) => doors.length === 0 || doors.some((id) => id !== gone))
          .map((exception) => ({ ...exception, doors: without(exception.doors, gone) })),
      }),
    },
    {
      to: 'hours',
      of: ({ grants }) =>
        grants.flatMap(({ hours: id }, at) => (id === null ? [] : [{ id, at: `grants[${at}].hours` }])),
      // Without its hours it would open at all hours.
      onGone: 'keeps',
    },
  ],
  secrets: {},
  doors: ({ grants }) => grants.flatMap(({ doors }) => doors),
});

const without = (doors: readonly string[], gone: string): string[] => doors.filter((id) => id !== gone);
