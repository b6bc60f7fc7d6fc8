import { describe } from './kind';

export const ZONES = describe('zones', {
  list: 'zones',
  as: 'zone',
  word: 'fire zone',
  key: 'id',
  verbs: { add: 'addZone', set: 'setZone', remove: 'removeZone' },
  fixed: ['id'],
  most: 500,
  refs: [
    {
      to: 'devices',
      of: ({ relays }) => relays.map((id, index) => ({ id, at: `relays[${index}]` })),
      onGone: ({ relays }, gone) => ({ relays: relays.filter((id) => id !== gone) }),
    },
    {
      to: 'doors',
      of: ({ releases, keeps }) => [
        ...releases.map((id, index) => ({ id, at: `releases[${index}]` })),
        ...keeps.map((id, index) => ({ id, at: `keeps[${index}]` })),
      ],
      onGone: ({ releases, keeps }, gone) => ({
        releases: releases.filter((id) => id !== gone),
        keeps: keeps.filter((id) => id !== gone),
      }),
    },
  ],
  secrets: {},
  doors: () => [],
});
