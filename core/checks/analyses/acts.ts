import { actsAt, actsOf, byWhoLeaves, type Act } from '../../acts/index';
import { callers } from '../../prove/index';
import type { Stimulus, World } from '../../simulate/index';

const once = (list: readonly Stimulus[]): Stimulus[] => [
  ...new Map(list.map((stimulus) => [JSON.stringify(stimulus), stimulus])).values(),
];

const done = (acts: readonly Act[], ...purposes: readonly Act['purpose'][]): Stimulus[] =>
  acts.flatMap(({ purpose, stimulus }) => (purposes.includes(purpose) ? [stimulus] : []));

/** What people do to have the door let go: each card and code, each exit device, each key of a handset or station. */
export const asks = (world: World): Stimulus[] => [
  ...done(actsOf(world), 'enter'),
  ...done(byWhoLeaves(world), 'leave'),
  ...callers(world).map(({ device, key }): Stimulus => ({
    kind: 'press',
    device: device.id,
    ...(key === null ? {} : { key }),
  })),
];

/** Everything that may be done at a door: what lets it go, what rings, every key switch, glass, lever, and a fire. */
export function acts(world: World): Stimulus[] {
  const here = world.inhabitants.filter(({ device }) => [world.door.id, null].includes(device.door));
  // An answering station elsewhere calls for its own doors; an alarm comes to all relays at once.
  const others = here
    .flatMap(actsAt)
    .filter(({ needs, stimulus, purpose }) => {
      const elsewhere = purpose === 'call' && stimulus.kind === 'press' && stimulus.key !== undefined;
      return needs !== 'panel' && !elsewhere;
    })
    .map(({ stimulus }) => stimulus);
  return [
    ...once([...asks(world), ...others]),
    { kind: 'fire' },
    { kind: 'openDoor', from: 'inside' },
    { kind: 'openDoor', from: 'force' },
  ];
}
