import { describe } from './kind';

export const SIDES = describe('sides', {
  list: 'sides',
  as: 'sides',
  word: 'sides of a door',
  key: 'id',
  verbs: { put: 'setSides' },
  fixed: ['id'],
  most: 2000,
  refs: [
    { to: 'doors', of: ({ id }) => [{ id, at: 'id' }], onGone: 'goes' },
    {
      to: 'spaces',
      of: ({ outside, inside }) => [
        ...(outside === null ? [] : [{ id: outside, at: 'outside' }]),
        ...(inside === null ? [] : [{ id: inside, at: 'inside' }]),
      ],
      onGone: ({ outside, inside }, gone) => ({
        ...(outside === gone ? { outside: null } : {}),
        ...(inside === gone ? { inside: null } : {}),
      }),
    },
  ],
  secrets: {},
  doors: () => [],
});
