import { does } from '../devices/index';
import { deciders, doorDevices, entries, exits } from '../door/index';
import { type Brief, type DeadState } from '../plan/index';
import {
  neighboursOf,
  player,
  type Inhabitant,
  type Player,
  type SimState,
  type Stimulus,
  type World,
} from '../simulate/index';
import { fireReleases } from './fireReleases';
import type { Expectation, SituationId } from './proof';

/** A situation: how to bring it about from rest, and what must then be possible. */
export interface Situation {
  readonly id: SituationId;
  /** Devices at which it can be brought about, each tried for itself; left out where it is done nowhere in particular. */
  at?(world: World): readonly Inhabitant[];
  /** Null where the door has nothing that could be in this situation. `device`: the one of `at`. */
  prepare<T>(world: World, rest: T, by: Player<T>, device: string): T | null;
  outside(brief: Brief, state: DeadState, world: World): Expectation;
  inside(brief: Brief, state: DeadState): Expectation;
}

const run = <T>(by: Player<T>, state: T, ...stimuli: Stimulus[]): T =>
  stimuli.reduce((current, stimulus) => by.act(current, stimulus), state);

/** A situation as one device brings it about. */
export interface Trial {
  readonly situation: Situation;
  readonly device: Inhabitant['device'] | null;
}

/** Every way in which every situation can be brought about at this door. */
export const trialsOf = (world: World): Trial[] =>
  SITUATIONS.flatMap((situation): Trial[] =>
    situation.at
      ? situation.at(world).map(({ device }) => ({ situation, device }))
      : [{ situation, device: null }],
  );

/** Plays a trial. */
export const played = <T>({ situation, device }: Trial, world: World, rest: T, by: Player<T>): T | null =>
  situation.prepare(world, rest, by, device?.id ?? '');

/** Brings a trial about in the simulation itself. */
export const tried = (trial: Trial, world: World, rest: SimState): SimState | null => {
  fireReleases(world, rest);
  return played(trial, world, rest, player(world));
};

/** Brings a situation about in the simulation itself, at the first device where it can be. */
export const prepared = (situation: Situation, world: World, rest: SimState): SimState | null => {
  const first = situation.at?.(world)[0];
  return situation.at && !first ? null : tried({ situation, device: first?.device ?? null }, world, rest);
};

/** Readers and keypads outside before those inside. */
const entriesOutsideFirst = (world: World): Inhabitant[] => {
  const all = entries(world).filter((one, at, list) => list.findIndex((it) => it === one) === at);
  const inside = (one: Inhabitant) => one.device.place === 'inside';
  return [...all.filter((one) => !inside(one)), ...all.filter(inside)];
};

const shut = () => 'must-not' as const;
const open = () => 'must' as const;
const either = () => 'may' as const;

/** A door that opens when dead must do so by itself in a fire; one that stays locked is left by its lever. */
const released = (_brief: Brief, state: DeadState): Expectation =>
  state === 'fail-safe' ? 'must-freely' : 'must';
/** Rescuers may need to enter; else a released door may be open or shut from outside. */
const forRescuers = (brief: Brief, state: DeadState): Expectation => {
  if (state === 'fail-secure') return 'must-not';
  return brief.rescuers === true ? 'must-freely' : 'may';
};

/** Longest unlock time plus a margin: after it any release by time is over, ms. */
const UNTIL_RELOCKED = 120_000;

export const SITUATIONS: readonly Situation[] = [
  { id: 'rest', prepare: (_world, rest) => rest, outside: shut, inside: open },
  {
    id: 'credential',
    at: entriesOutsideFirst,
    prepare: (_world, rest, by, device) => run(by, rest, { kind: 'credential', valid: true, device }),
    outside: open,
    inside: open,
  },
  {
    id: 'wrong-credential',
    at: entriesOutsideFirst,
    prepare: (_world, rest, by, device) => run(by, rest, { kind: 'credential', valid: false, device }),
    outside: shut,
    inside: open,
  },
  {
    id: 'exit',
    at: exits,
    prepare: (_world, rest, by, device) => run(by, rest, { kind: 'press', device }),
    outside: either,
    inside: (_brief, state) => (state === 'fail-safe' ? 'must-freely' : 'must'),
  },
  {
    id: 'left-open',
    prepare: (world, rest, by) => {
      const opened = run(
        by,
        rest,
        { kind: 'credential', valid: true },
        { kind: 'openDoor', from: 'outside' },
      );
      if (!by.isOpen(opened)) return null;
      return by.wait(run(by, by.wait(opened, UNTIL_RELOCKED), { kind: 'closeDoor' }), UNTIL_RELOCKED);
    },
    outside: shut,
    inside: open,
  },
  {
    id: 'forced',
    prepare: (world, rest, by) =>
      by.wait(run(by, rest, { kind: 'openDoor', from: 'force' }, { kind: 'closeDoor' }), UNTIL_RELOCKED),
    outside: shut,
    inside: open,
  },
  {
    id: 'mains-off',
    prepare: (world, rest, by) => run(by, rest, { kind: 'mains', on: false }),
    outside: shut,
    inside: open,
  },
  {
    id: 'battery-low',
    prepare: (world, rest, by) =>
      world.netlist.branches.some((branch) => branch.kind === 'source' && branch.battery)
        ? run(by, rest, { kind: 'batteryAt', share: 1e-6 })
        : null,
    outside: shut,
    inside: open,
  },
  {
    id: 'dead',
    prepare: (world, rest, by) => run(by, rest, { kind: 'dead', on: true }),
    outside: forRescuers,
    inside: released,
  },
  {
    id: 'fire',
    prepare: (world, rest, by) => run(by, rest, { kind: 'fire' }),
    outside: forRescuers,
    inside: released,
  },
  {
    id: 'fire-burnt',
    prepare: (world, rest, by) =>
      fireReleases(world).length > 0 ? run(by, rest, { kind: 'fire' }, { kind: 'fireGone' }) : null,
    outside: forRescuers,
    inside: released,
  },
  {
    id: 'fire-reset',
    prepare: (world, rest, by) =>
      fireReleases(world).length > 0
        ? run(by, rest, { kind: 'fire' }, { kind: 'fireGone' }, { kind: 'fireReset' })
        : null,
    outside: shut,
    inside: open,
  },
  {
    id: 'break-glass',
    at: (world) => doorDevices(world, 'breakGlass'),
    prepare: (_world, rest, by, device) => run(by, rest, { kind: 'breakGlass', device }),
    outside: either,
    inside: released,
  },
  {
    id: 'break-glass-reset',
    at: (world) => doorDevices(world, 'breakGlass'),
    prepare: (_world, rest, by, device) =>
      run(by, rest, { kind: 'breakGlass', device }, { kind: 'resetGlass', device }),
    outside: shut,
    inside: open,
  },
  {
    id: 'controller-hung',
    prepare: (world, rest, by) => {
      const devices = deciders(world).map(({ device }) => device.id);
      return devices.length > 0 ? run(by, rest, { kind: 'hang', devices }) : null;
    },
    outside: shut,
    inside: open,
  },
  {
    id: 'controller-dead',
    prepare: (world, rest, by) => {
      const devices = deciders(world).map(({ device }) => device.id);
      return devices.length > 0 ? run(by, rest, { kind: 'fail', devices }) : null;
    },
    outside: shut,
    inside: open,
  },
  {
    id: 'network-lost',
    prepare: (world, rest, by) =>
      needsNetwork(world) ? run(by, rest, { kind: 'network', on: false }) : null,
    // What its cable feeds is dead without it, and opens or stays shut as it does then.
    outside: (_brief, _state, world) => (fedByCable(world) ? 'may' : 'must-not'),
    inside: open,
  },
  {
    id: 'lockdown',
    prepare: (world, rest, by) => {
      const buttons = world.inhabitants.filter(
        ({ type }) => type.roles.lockdownContact && does(type, 'switch'),
      );
      return buttons.length > 0
        ? run(by, rest, ...buttons.map(({ device }): Stimulus => ({ kind: 'press', device: device.id })))
        : null;
    },
    outside: shut,
    inside: open,
  },
  {
    id: 'partner-open',
    prepare: (world, rest, by) =>
      neighboursOf(world).interlocked ? run(by, rest, { kind: 'otherDoors', open: true }) : null,
    outside: shut,
    inside: open,
  },
];

/** True where something here is told over a network, or fed by its cable. */
export const needsNetwork = ({ inhabitants }: World): boolean =>
  inhabitants.some(({ type }) => type.poe !== undefined || does(type, 'link'));

const fedByCable = ({ inhabitants }: World): boolean =>
  inhabitants.some(({ type }) => type.poe !== undefined);
