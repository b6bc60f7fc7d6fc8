import { describe } from './kind';

export const HOURS = describe('hours', {
  list: 'hours',
  as: 'hours',
  word: 'hours',
  key: 'id',
  verbs: { add: 'addHours', set: 'setHours', remove: 'removeHours' },
  fixed: ['id'],
  most: 500,
  refs: [
    {
      to: 'calendars',
      of: ({ holidays }) => holidays.map(({ calendar: id }, index) => ({ id, at: `holidays[${index}]` })),
      // Without its calendar a holiday would be a day like any other, and nobody would have said so.
      onGone: 'keeps',
    },
  ],
  secrets: {},
  doors: ({ id }, { doors }) =>
    Object.values(doors).flatMap((door) =>
      door.freePassage === id || door.openingHours === id ? [door.id] : [],
    ),
});
