import { does } from '../devices/index';
import { deciders, doorDevices, entries, exits } from '../door/index';
import { type Brief, type DeadState } from '../plan/index';
import { player, type Player, type SimState, type Stimulus, type World } from '../simulate/index';
import { fireReleases } from './fireReleases';
import type { Expectation, SituationId } from './proof';

/** A situation: how to bring it about from rest, and what must then be possible. */
export interface Situation {
  readonly id: SituationId;
  /** Null where the door has nothing that could be in this situation. */
  prepare<T>(world: World, rest: T, by: Player<T>): T | null;
  outside(brief: Brief, state: DeadState, world: World): Expectation;
  inside(brief: Brief, state: DeadState): Expectation;
}

const run = <T>(by: Player<T>, state: T, ...stimuli: Stimulus[]): T =>
  stimuli.reduce((current, stimulus) => by.act(current, stimulus), state);

/** Brings a situation about in the simulation itself. */
export const prepared = (situation: Situation, world: World, rest: SimState): SimState | null => {
  fireReleases(world, rest);
  return situation.prepare(world, rest, player(world));
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
    prepare: (world, rest, by) =>
      entries(world).length > 0 ? run(by, rest, { kind: 'credential', valid: true }) : null,
    outside: open,
    inside: open,
  },
  {
    id: 'wrong-credential',
    prepare: (world, rest, by) =>
      entries(world).length > 0 ? run(by, rest, { kind: 'credential', valid: false }) : null,
    outside: shut,
    inside: open,
  },
  {
    id: 'exit',
    prepare: (world, rest, by) => {
      const exit = exits(world)[0];
      return exit ? run(by, rest, { kind: 'press', device: exit.device.id }) : null;
    },
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
    prepare: (world, rest, by) => {
      const glass = doorDevices(world, 'breakGlass')[0];
      return glass ? run(by, rest, { kind: 'breakGlass', device: glass.device.id }) : null;
    },
    outside: either,
    inside: released,
  },
  {
    id: 'break-glass-reset',
    prepare: (world, rest, by) => {
      const glass = doorDevices(world, 'breakGlass')[0];
      if (!glass) return null;
      const device = glass.device.id;
      return run(by, rest, { kind: 'breakGlass', device }, { kind: 'resetGlass', device });
    },
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
      hasPartners(world) ? run(by, rest, { kind: 'otherDoors', open: true }) : null,
    outside: shut,
    inside: open,
  },
];

/** True where something here is told over a network, or fed by its cable. */
export const needsNetwork = ({ inhabitants }: World): boolean =>
  inhabitants.some(({ type }) => type.poe !== undefined || does(type, 'link'));

/** True where a device in this circuit keeps its doors from being open together. */
const hasPartners = ({ inhabitants, door }: World): boolean =>
  inhabitants.some(({ type }) => does(type, 'interlock')) &&
  inhabitants.some(({ device }) => device.door !== null && device.door !== door.id);

const fedByCable = ({ inhabitants }: World): boolean =>
  inhabitants.some(({ type }) => type.poe !== undefined);
