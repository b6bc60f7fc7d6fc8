import { actsOf, byWhoLeaves, isRightful, neighbourActs } from '../acts/index';
import { does, functionOf } from '../devices/index';
import { deciders, doorDevices, entries, exits } from '../door/index';
import { callers, fireReleases, needsNetwork } from '../prove/index';
import {
  BATTERY,
  heedsLockdown,
  keepsFreePassage,
  keyTurns,
  neighboursOf,
  type SimState,
  type Stimulus,
  type World,
} from '../simulate/index';

/** Something that may happen next at a door. */
export interface OrderEvent {
  readonly id: string;
  /** What is done; null for time that passes until the next timer is due. */
  readonly stimulus: Stimulus | null;
  /** True for what may let a door go: a card or code on the list, an exit, a key inside, a glass, a fire, a loss of power. */
  readonly frees: boolean;
  /** True for what a person inside does to get out. */
  readonly leaves: boolean;
  /** Whether it can happen in this state at all. */
  may(state: SimState): boolean;
}

const always = () => true;
type Options = Partial<Pick<OrderEvent, 'frees' | 'leaves' | 'may'>>;
const event = (id: string, stimulus: Stimulus | null, options: Options = {}): OrderEvent => ({
  id,
  stimulus,
  frees: false,
  leaves: false,
  may: always,
  ...options,
});

/** Longest row of wrong cards that is looked at comes from the door's own lock-out: one event says one more of them. */
function people(world: World): OrderEvent[] {
  const list: OrderEvent[] = [];
  for (const { device, type } of entries(world)) {
    const outputs = does(type, 'ownCodes') ? (functionOf(type, 'decides')?.channels.length ?? 1) : 1;
    for (let output = 0; output < outputs; output += 1)
      list.push(
        event(
          `card:${device.id}:${output}`,
          { kind: 'credential', valid: true, device: device.id, output },
          { frees: true },
        ),
      );
    list.push(event(`wrong:${device.id}`, { kind: 'credential', valid: false, device: device.id }));
  }
  const leaving = byWhoLeaves(world).filter(({ purpose }) => purpose === 'leave');
  for (const { id, stimulus } of leaving) list.push(event(id, stimulus, { frees: true, leaves: true }));
  for (const { device, key } of callers(world))
    list.push(
      event(
        `press:${device.id}:${key ?? ''}`,
        { kind: 'press', device: device.id, ...(key === null ? {} : { key }) },
        // A bell at the street lets nobody in; the handset upstairs does.
        { frees: device.place !== 'outside' },
      ),
    );
  for (const act of actsOf(world)) {
    if (act.stimulus.kind !== 'press') continue;
    const { device, key } = act.stimulus;
    const kept = does(act.at.type, 'switch');
    const named = kept ? `switch:${device}` : act.id;
    const done = ({ stimulus }: OrderEvent) =>
      stimulus?.kind === 'press' &&
      stimulus.device === device &&
      (act.purpose === 'call' || key === undefined || stimulus.key === key);
    // Whoever stands outside and has no key lets nothing go by it.
    if (!list.some(done)) list.push(event(named, act.stimulus, { frees: isRightful(act) }));
  }
  return list;
}

const leaf = (world: World): OrderEvent[] => [
  event('open:inside', { kind: 'openDoor', from: 'inside' }, { may: (state) => !state.doorOpen }),
  event('open:outside', { kind: 'openDoor', from: 'outside' }, { may: (state) => !state.doorOpen }),
  event('open:force', { kind: 'openDoor', from: 'force' }, { may: (state) => !state.doorOpen }),
  ...(world.locks.some(({ device }) => device.leaf === 2)
    ? [
        event(
          'open:force:2',
          { kind: 'openDoor', from: 'force', leaf: 2 },
          { may: (state) => !state.doorOpen },
        ),
      ]
    : []),
  ...(keyTurns(world)
    ? [event('open:key', { kind: 'openDoor', from: 'key' }, { may: (state) => !state.doorOpen })]
    : []),
  event('close', { kind: 'closeDoor' }, { may: (state) => state.doorOpen }),
];

/** What happens at the other doors of the circuit. Where one device works both doors of a small room, people go through the other as well. */
function besides(world: World): OrderEvent[] {
  const { doors, interlocked, isOpen, isFree } = neighboursOf(world);
  const felt = world.inhabitants.some(
    ({ device, type }) => doors.includes(device.door ?? '') && does(type, 'doorContact'),
  );
  const leaves = [
    event(
      'others-open',
      { kind: 'otherDoors', open: true },
      interlocked ? { may: (state) => !isOpen(state) && isFree(state) } : {},
    ),
    event('others-shut', { kind: 'otherDoors', open: false }, interlocked ? { may: isOpen } : {}),
  ];
  const { inhabitants } = world;
  const throughOthers = doors.flatMap((id) => [
    ...entries({ door: { id }, inhabitants }).map(({ device }) =>
      event(`card:${device.id}:0`, { kind: 'credential', valid: true, device: device.id }),
    ),
    ...exits({ door: { id }, inhabitants }).map(({ device }) =>
      event(`press:${device.id}`, { kind: 'press', device: device.id }),
    ),
  ]);
  // Whatever else is done there and may be felt here lets nothing go at this door.
  const coupled = neighbourActs(world).map(({ id, stimulus }) => event(id, stimulus));
  const people = interlocked ? throughOthers : [];
  const known = new Set(people.map(({ id }) => id));
  return [...people, ...coupled.filter(({ id }) => !known.has(id)), ...(felt ? leaves : [])];
}

function emergencies(world: World): OrderEvent[] {
  const list: OrderEvent[] = [];
  for (const act of actsOf(world)) {
    if (act.stimulus.kind !== 'breakGlass' || !act.undo) continue;
    const { device, type } = act.at;
    const state = `${device.id}:${functionOf(type, 'breakGlass')?.state ?? ''}`;
    const frees = isRightful(act);
    list.push(
      event(`glass:${device.id}`, act.stimulus, {
        frees,
        leaves: frees,
        may: ({ states }) => !states.has(state),
      }),
      event(`glass-reset:${device.id}`, act.undo, { may: ({ states }) => states.has(state) }),
    );
  }
  if (fireReleases(world).length > 0 || doorDevices(world, 'fireInput').length > 0)
    list.push(
      event('fire', { kind: 'fire' }, { frees: true }),
      event('fire-gone', { kind: 'fireGone' }),
      event('fire-reset', { kind: 'fireReset' }),
    );
  return list;
}

/** What is fed by the mains, or by its cable, and what may stop thinking. */
function failures(world: World): OrderEvent[] {
  const fed = ({ feeds }: SimState, kind: 'battery' | 'off') =>
    [...feeds.values()].some((feed) => feed.kind === kind);
  const list = [
    event(
      'mains-off',
      { kind: 'mains', on: false },
      {
        frees: true,
        may: (state) => state.feeds.size === 0 || !(fed(state, 'battery') || fed(state, 'off')),
      },
    ),
    event(
      'mains-on',
      { kind: 'mains', on: true },
      { may: (state) => fed(state, 'battery') || fed(state, 'off') },
    ),
  ];
  if (world.netlist.branches.some((branch) => branch.kind === 'source' && branch.battery))
    list.push(
      event(
        'battery-empty',
        { kind: 'batteryAt', share: 1e-6 },
        { frees: true, may: (state) => fed(state, 'battery') },
      ),
    );
  if (world.netlist.branches.some(({ kind }) => kind === 'source'))
    list.push(
      event(
        'all-dead',
        { kind: 'dead', on: true },
        { frees: true, may: (state) => ![...state.feeds.values()].some(({ kind }) => kind === 'off') },
      ),
    );
  if (needsNetwork(world))
    list.push(
      event('network-off', { kind: 'network', on: false }, { frees: true, may: ({ network }) => network }),
      event('network-on', { kind: 'network', on: true }, { may: ({ network }) => !network }),
    );
  if (world.inhabitants.some(heedsLockdown))
    list.push(
      event('lockdown', { kind: 'lockdown', on: true }, { may: ({ lockdown }) => !lockdown }),
      event('lockdown-over', { kind: 'lockdown', on: false }, { may: ({ lockdown }) => lockdown }),
    );
  if (world.inhabitants.some(keepsFreePassage))
    list.push(
      event('hours', { kind: 'hours', on: true }, { frees: true, may: ({ hours }) => !hours }),
      event('hours-over', { kind: 'hours', on: false }, { may: ({ hours }) => hours }),
    );
  const devices = deciders(world).map(({ device }) => device.id);
  if (devices.length > 0)
    list.push(
      event('hang', { kind: 'hang', devices }, { may: ({ hung }) => hung.size === 0 }),
      event('restart', { kind: 'restart', devices }, { may: ({ hung }) => hung.size > 0 }),
    );
  return list;
}

/** Time passes until the next timer is due; a battery that runs down is an event of its own. */
export const WAIT = event('wait', null, {
  may: ({ queue }) => queue.some(({ device }) => device !== BATTERY),
});

/** Everything that may happen at a door, in a fixed order; time first, as it passes by itself. */
export const eventsOf = (world: World): OrderEvent[] => [
  WAIT,
  ...people(world),
  ...leaf(world),
  ...emergencies(world),
  ...failures(world),
  ...besides(world),
];
