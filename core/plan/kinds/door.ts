import { countedNumber } from '../countedNumber';
import { describe } from './kind';

export const DOORS = describe('doors', {
  list: 'doors',
  as: 'door',
  word: 'door',
  key: 'id',
  verbs: { add: 'addDoor', set: 'setDoor', remove: 'removeDoor' },
  fixed: ['id'],
  most: 2000,
  refs: [
    {
      to: 'hours',
      of: ({ freePassage, openingHours }) =>
        Object.entries({ freePassage, openingHours }).flatMap(([at, id]) =>
          id === null ? [] : [{ id, at }],
        ),
      // Without its opening hours a door would be open to its people at all hours.
      onGone: 'keeps',
    },
  ],
  leaves(plan, { id }) {
    const n = countedNumber(id, 'D');
    const last = Object.keys(plan.doors).every((other) => other === id || countedNumber(other, 'D') < n);
    return last && n > plan.site.lastDoor ? { kind: 'setSite', patch: { lastDoor: n } } : null;
  },
  secrets: {},
  doors: (door) => [door.id],
});
