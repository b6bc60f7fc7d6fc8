import { actsOf, byWhoLeaves } from '../acts/index';
import { does } from '../devices/index';
import { deciders, doorDevices } from '../door/index';
import type { Brief, DeadState } from '../plan/index';
import { heedsLockdown, neighboursOf, type Player, type Stimulus, type World } from '../simulate/index';
import {
  alarms,
  asksToLeave,
  elsewhere,
  entriesInside,
  entriesOutside,
  lockdownButtons,
  orNobody,
  supplies,
} from './askedAt';
import { either, forRescuers, open, released, shut } from './expected';
import { fireReleases } from './fireReleases';
import type { Expectation } from './proof';
import type { Situation } from './situation';
import { askAt, situationStimuli } from './situationStimuli';

const run = <T>(by: Player<T>, state: T, ...stimuli: Stimulus[]): T =>
  stimuli.reduce((current, stimulus) => by.act(current, stimulus), state);

/** A fire relay for itself, or all of them at once. */
const alarm = (device: string): Stimulus => (device === '' ? { kind: 'fire' } : { kind: 'fire', device });

/** Whoever resets what has let go has the key of a delayed egress with him. */
const rearmed = (world: World): Stimulus[] =>
  actsOf(world).flatMap(({ purpose, stimulus }) => (purpose === 'rearm' ? [stimulus] : []));

/** Shut; but a delayed egress whose key turns nobody knows where stays free until it does. */
const shutOnceArmed = (_brief: Brief, _state: DeadState, world: World): Expectation =>
  doorDevices(world, 'delayedEgress').length > rearmed(world).length ? 'may' : 'must-not';

/** Longest unlock time plus a margin: after it any release by time is over, ms. */
const UNTIL_RELOCKED = 120_000;

export const SITUATIONS: readonly Situation[] = [
  { id: 'rest', prepare: (_world, rest) => rest, outside: shut, inside: open },
  {
    id: 'credential',
    at: (world) => orNobody([...entriesOutside(world), ...situationStimuli(world).outputs]),
    prepare: (_world, rest, by, device, output) =>
      device === ''
        ? rest
        : run(by, rest, { kind: 'credential', valid: true, device, ...(output > 0 ? { output } : {}) }),
    outside: open,
    inside: open,
  },
  {
    // Where people leave by a card as well.
    id: 'credential-inside',
    at: entriesInside,
    prepare: (_world, rest, by, device) => run(by, rest, { kind: 'credential', valid: true, device }),
    outside: either,
    inside: (_brief, state) => (state === 'fail-safe' ? 'must-freely' : 'must'),
  },
  {
    id: 'wrong-credential',
    at: (world) => [...entriesOutside(world), ...entriesInside(world)],
    prepare: (_world, rest, by, device) => run(by, rest, { kind: 'credential', valid: false, device }),
    outside: shut,
    inside: open,
  },
  {
    id: 'exit',
    at: asksToLeave,
    prepare: (world, rest, by, device) => {
      const act = byWhoLeaves(world).find(
        ({ at, purpose }) => at.device.id === device && purpose === 'leave',
      );
      return run(by, rest, act?.stimulus ?? { kind: 'press', device });
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
    id: 'supply-dead',
    at: supplies,
    prepare: (_world, rest, by, device) => run(by, rest, { kind: 'dead', on: true, devices: [device] }),
    // What opens when dead may open; what stays locked stays so.
    outside: (_brief, state) => (state === 'fail-safe' ? 'may' : 'must-not'),
    inside: open,
  },
  {
    id: 'dead',
    prepare: (world, rest, by) => run(by, rest, { kind: 'dead', on: true }),
    outside: forRescuers,
    inside: released,
  },
  {
    id: 'power-back',
    prepare: (world, rest, by) =>
      by.wait(
        run(by, rest, { kind: 'dead', on: true }, { kind: 'dead', on: false }, ...rearmed(world)),
        UNTIL_RELOCKED,
      ),
    outside: shutOnceArmed,
    inside: open,
  },
  {
    id: 'fire',
    at: alarms,
    prepare: (_world, rest, by, device) => run(by, rest, alarm(device)),
    outside: forRescuers,
    inside: released,
  },
  {
    id: 'fire-burnt',
    at: alarms,
    prepare: (world, rest, by, device) =>
      fireReleases(world).length > 0 ? run(by, rest, alarm(device), { kind: 'fireGone' }) : null,
    outside: forRescuers,
    inside: released,
  },
  {
    // What a fire has released stays so until somebody resets it, though all power goes and comes back.
    id: 'fire-power',
    prepare: (world, rest, by) =>
      fireReleases(world).length > 0
        ? run(
            by,
            rest,
            { kind: 'fire' },
            { kind: 'fireGone' },
            { kind: 'dead', on: true },
            { kind: 'dead', on: false },
          )
        : null,
    outside: forRescuers,
    inside: released,
  },
  {
    id: 'fire-reset',
    prepare: (world, rest, by) =>
      fireReleases(world).length > 0
        ? by.wait(
            run(by, rest, { kind: 'fire' }, { kind: 'fireGone' }, { kind: 'fireReset' }, ...rearmed(world)),
            UNTIL_RELOCKED,
          )
        : null,
    outside: shutOnceArmed,
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
    prepare: (world, rest, by, device) =>
      by.wait(
        run(by, rest, { kind: 'breakGlass', device }, { kind: 'resetGlass', device }, ...rearmed(world)),
        UNTIL_RELOCKED,
      ),
    outside: shutOnceArmed,
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
    // Each button for itself, and what is called for the whole site at whatever keeps it.
    at: (world) => {
      const all = [...lockdownButtons(world), ...world.inhabitants.filter(heedsLockdown)];
      return all.length > 0 ? all : null;
    },
    prepare: (world, rest, by, device) => {
      const one = world.byId.get(device);
      if (!one) return null;
      return run(by, rest, heedsLockdown(one) ? { kind: 'lockdown', on: true } : { kind: 'press', device });
    },
    outside: shut,
    inside: open,
  },
  {
    id: 'partner-open',
    // Whoever asks to come in meanwhile must be refused.
    at: (world) => situationStimuli(world).asks && [situationStimuli(world).asks!],
    prepare: (world, rest, by, device) => {
      if (!neighboursOf(world).interlocked) return null;
      const opened = run(by, rest, { kind: 'otherDoors', open: true });
      const asks = world.byId.get(device);
      return asks ? run(by, opened, askAt(asks)) : opened;
    },
    outside: shut,
    inside: open,
  },
  {
    id: 'partner-unlocked',
    prepare: (world, rest, by) => {
      const { partner, asks } = situationStimuli(world);
      return partner ? run(by, rest, askAt(partner), ...(asks ? [askAt(asks)] : [])) : null;
    },
    outside: shut,
    inside: open,
  },
  {
    id: 'tamper',
    at: (world) => situationStimuli(world).lids,
    prepare: (_world, rest, by, device) => run(by, rest, { kind: 'press', device }),
    outside: shut,
    inside: open,
  },
  {
    // Whatever people do at another door, this one stays as it is.
    id: 'other-door',
    at: elsewhere,
    prepare: (_world, rest, by, _device, _output, act) => (act ? run(by, rest, act.stimulus) : null),
    outside: shut,
    inside: open,
  },
  {
    // And whoever may come in here still comes in; but where only one door of a room opens at a time.
    id: 'card-after-other-door',
    at: (world) =>
      neighboursOf(world).interlocked || entriesOutside(world).length === 0 ? [] : elsewhere(world),
    prepare: (world, rest, by, _device, _output, act) => {
      const [first] = entriesOutside(world);
      if (!act || !first) return null;
      return run(by, run(by, rest, act.stimulus), askAt(first));
    },
    outside: open,
    inside: open,
  },
];

/** True where something here is told over a network, or fed by its cable. */
export const needsNetwork = ({ inhabitants }: World): boolean =>
  inhabitants.some(({ type }) => type.poe !== undefined || does(type, 'link'));

const fedByCable = ({ inhabitants }: World): boolean =>
  inhabitants.some(({ type }) => type.poe !== undefined);
