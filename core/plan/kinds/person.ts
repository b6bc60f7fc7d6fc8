import { CARD_FORMATS } from '../../cards/format';
import { doorsOf } from '../doorsOpenedBy';
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
      of: ({ slots, cards }) => [
        ...Object.keys(slots).map((id) => ({ id, at: 'slots' })),
        ...cards.flatMap((card, index) =>
          Object.keys(card.slots).map((id) => ({ id, at: `cards[${index}].slots` })),
        ),
      ],
      onGone: ({ slots, cards }, gone) => ({
        slots: without(slots, gone),
        cards: cards.map((card) => ({ ...card, slots: without(card.slots, gone) })),
      }),
    },
    {
      to: 'levels',
      of: ({ levels }) => levels.map((id, index) => ({ id, at: `levels[${index}]` })),
      onGone: ({ levels }, gone) => ({ levels: levels.filter((id) => id !== gone) }),
    },
    {
      to: 'cardFormats',
      of: ({ cards }) =>
        cards.flatMap(({ format }, index) =>
          isKnown(format) ? [] : [{ id: format, at: `cards[${index}].format` }],
        ),
      // A card without its frame is none that a reader could send.
      onGone: 'keeps',
    },
  ],
  secrets: { code: '', cards: [] },
  doors: (person, plan) => doorsOf(plan, person),
});

const isKnown = (format: string): boolean => CARD_FORMATS.some(({ id }) => id === format);

const without = (slots: Readonly<Record<string, number>>, gone: string): Record<string, number> => {
  const { [gone]: _slot, ...rest } = slots;
  return rest;
};
