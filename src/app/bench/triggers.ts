import { does, functionOf, functionsOf } from '#core/devices/index';
import { actsOf, byWhoLeaves } from '#core/acts/index';
import { doorDevices } from '#core/door/index';
import { callers, fireReleases, needsNetwork } from '#core/prove/index';
import type { Device } from '#core/plan/index';
import { heedsLockdown, keepsFreePassage, standing, type Stimulus } from '#core/simulate/index';
import { say } from '#words/app/bench/triggers';
import type { Bench as BenchState } from '../../parts/bench/useBench';

/** Something that can be done to a door. */
export interface Trigger {
  readonly id: string;
  readonly label: string;
  readonly on?: boolean;
  /** True where nobody stands on the side from which it is done. */
  readonly nobody?: boolean;
  readonly stimulus: Stimulus;
}

type Group = (bench: BenchState, on: (key: string) => boolean) => Trigger[];

/** Cards and codes: at the entry, at the reader inside where there is one, and at a second relay. */
const credentials: Group = ({ world }) => {
  const readers = [...doorDevices(world, 'reader'), ...doorDevices(world, 'busReader')];
  const keypads = doorDevices(world, 'ownCodes');
  const list: Trigger[] = [];
  if (keypads.length > 0 || readers.length > 0) {
    const label = keypads.length > 0 ? say.code : say.card;
    list.push({ id: 'card', label, stimulus: { kind: 'credential', valid: true } });
    list.push({
      id: 'wrong',
      label: keypads.length > 0 ? say.wrongCode : say.wrongCard,
      stimulus: { kind: 'credential', valid: false },
    });
  }
  for (const { device } of readers.filter(({ device }) => device.place === 'inside' && readers.length > 1))
    list.push({
      id: `card-${device.id}`,
      label: say.cardAt(device.tag),
      stimulus: { kind: 'credential', valid: true, device: device.id },
    });
  for (const { device, type } of keypads)
    if ((functionOf(type, 'decides')?.channels.length ?? 0) > 1)
      list.push({
        id: `second-${device.id}`,
        label: say.holdOpenCode,
        stimulus: { kind: 'credential', valid: true, device: device.id, output: 1 },
      });
  return list;
};

const ways: Group = ({ world, state, people }) => {
  const all = byWhoLeaves(world).filter(({ purpose }) => purpose === 'leave');
  const list = all.map(({ at: { device, type }, stimulus }): Trigger => ({
    id: `exit-${device.id}`,
    label: `${does(type, 'delayedEgress') ? say.pushAndHold : say.exit}${all.length > 1 ? ` ${device.tag}` : ''}`,
    stimulus,
  }));
  if (state.doorOpen) list.push({ id: 'door', label: say.closeDoor, stimulus: { kind: 'closeDoor' } });
  // While it stands open whoever is there may go through behind the other.
  const through = (from: 'inside' | 'outside'): Trigger => ({
    id: `open-${from}`,
    label: `${from === 'inside' ? say.leave : say.enter}${state.doorOpen ? say.behind : ''}`,
    nobody: people[from] === 0,
    stimulus: { kind: 'openDoor', from },
  });
  list.push(through('inside'), through('outside'));
  if (world.door.brief.keyOverride === true && !state.doorOpen)
    list.push({
      id: 'open-key',
      label: say.keyFromOutside,
      nobody: people.outside === 0,
      stimulus: { kind: 'openDoor', from: 'key' },
    });
  return list;
};

/** A tag, with its door where that is another. */
const tagAt = ({ door }: BenchState['world'], device: Device): string =>
  device.door === door.id || device.door === null ? device.tag : `${device.door}/${device.tag}`;

const tagById = (world: BenchState['world'], id: string): string => {
  const found = world.byId.get(id);
  return found ? tagAt(world, found.device) : id;
};

/** Bells, key switches, handsets, and the keys of answering stations wherever they stand. */
const calls: Group = ({ world }, on) => {
  const press = (device: string, tag: string, label: string): Trigger => ({
    id: `press-${device}`,
    label: `${label} ${tag}`,
    stimulus: { kind: 'press', device },
  });
  const list: Trigger[] = [];
  for (const { device, type, key } of callers(world))
    if (key === null)
      list.push(press(device.id, device.tag, type.family === 'sounder' ? say.ring : say.keyOf));
  for (const { device, type } of doorDevices(world, 'switch')) {
    const turned = functionsOf(type, 'switch').some(({ state }) => on(`${device.id}:${state}`));
    list.push({ ...press(device.id, device.tag, say.turn), on: turned });
  }
  for (const { device, key } of callers(world)) {
    if (key !== null)
      list.push({
        id: `key-${device.id}-${key}`,
        label: say.keyOf2(key, tagAt(world, device)),
        stimulus: { kind: 'press', device: device.id, key },
      });
  }
  return list;
};

const emergencies: Group = ({ world }, on) => {
  const list: Trigger[] = [];
  for (const { device, type } of doorDevices(world, 'breakGlass')) {
    const broken = functionsOf(type, 'breakGlass').some(({ state }) => on(`${device.id}:${state}`));
    const act = type.roles.alarmContact ? say.pull(device.tag) : say.breakGlass;
    list.push({
      id: `glass-${device.id}`,
      label: broken ? say.reset(device.tag) : act,
      on: broken,
      stimulus: { kind: broken ? 'resetGlass' : 'breakGlass', device: device.id },
    });
  }
  const fires = fireReleases(world);
  const drops = doorDevices(world, 'fireInput');
  if (fires.length + drops.length > 0) {
    const alarm = [...fires, ...drops].some(({ device, type }) =>
      [...functionsOf(type, 'fireRelay'), ...functionsOf(type, 'fireInput')].some(({ state }) =>
        on(`${device.id}:${state}`),
      ),
    );
    list.push({ id: 'fire', label: say.fire, on: alarm, stimulus: { kind: 'fire' } });
    if (alarm) {
      list.push({ id: 'fire-gone', label: say.fireLineLost, stimulus: { kind: 'fireGone' } });
      list.push({ id: 'fire-reset', label: say.resetByKey, stimulus: { kind: 'fireReset' } });
    }
  }
  return list;
};

/** What else hands can do here: a key that re-arms, a button behind a key or on the street. */
const others = (world: BenchState['world'], offered: readonly Trigger[]): Trigger[] => {
  const done = new Set(
    offered.flatMap(({ stimulus }) =>
      stimulus.kind === 'press' ? [`${stimulus.device} ${stimulus.key ?? ''}`] : [],
    ),
  );
  return actsOf(world).flatMap(({ id, at, purpose, stimulus }): Trigger[] =>
    stimulus.kind === 'press' && purpose !== 'call' && !done.has(`${stimulus.device} ${stimulus.key ?? ''}`)
      ? [{ id, label: `${purpose === 'rearm' ? say.reArm : say.press} ${at.device.tag}`, stimulus }]
      : [],
  );
};

/** New fuses where some have blown. */
const fuses: Group = ({ world, state }) =>
  standing(world, state).flatMap(({ kind, id, undo }): Trigger[] =>
    kind === 'fuse' && id !== null && undo[0]
      ? [{ id: `fuse-${id}`, label: say.newFuseIn(tagById(world, id)), on: true, stimulus: undo[0] }]
      : [],
  );

const power: Group = ({ world, state }) => {
  const feeds = [...state.feeds.values()];
  const dead = feeds.length > 0 && feeds.every((feed) => feed.kind === 'off');
  // A supply without a battery is dead at once, and comes back by the same button.
  const mainsOff = feeds.some((feed) => feed.kind !== 'mains');
  return [
    { id: 'mains', label: say.mainsOff, on: mainsOff, stimulus: { kind: 'mains', on: mainsOff } },
    { id: 'dead', label: say.allDead, on: dead, stimulus: { kind: 'dead', on: !dead } },
    ...(needsNetwork(world)
      ? [
          {
            id: 'network',
            label: say.networkLost,
            on: !state.network,
            stimulus: { kind: 'network', on: !state.network } as const,
          },
        ]
      : []),
    ...(world.inhabitants.some(keepsFreePassage)
      ? [
          {
            id: 'hours',
            label: say.hoursOfFreePassage,
            on: state.hours,
            stimulus: { kind: 'hours', on: !state.hours } as const,
          },
        ]
      : []),
    ...(world.inhabitants.some(heedsLockdown)
      ? [
          {
            id: 'lockdown',
            label: say.lockdownOfTheSite,
            on: state.lockdown,
            stimulus: { kind: 'lockdown', on: !state.lockdown } as const,
          },
        ]
      : []),
  ];
};

/** What can be done to this door, from the devices it has and the state it is in. */
export const triggersOf = (bench: BenchState): Trigger[] => {
  const on = (key: string) => bench.state.states.has(key);
  const hands = [credentials, ways, calls].flatMap((group) => group(bench, on));
  return [
    ...hands,
    ...others(bench.world, hands),
    ...[emergencies, fuses, power].flatMap((group) => group(bench, on)),
  ];
};
