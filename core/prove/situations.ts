import { actsOf, byWhoLeaves, neighbourActs, type Act } from '../acts/index';
import { does } from '../devices/index';
import { deciders, doorDevices, entries, exits } from '../door/index';
import { type Brief, type DeadState } from '../plan/index';
import {
  heedsLockdown,
  neighboursOf,
  player,
  type Inhabitant,
  type Player,
  type SimState,
  type Stimulus,
  type World,
} from '../simulate/index';
import { fireReleases, sameReleases, soloReleases } from './fireReleases';
import type { Expectation, SituationId } from './proof';
import { askAt, situationStimuli, sameSituationStimuli } from './situationStimuli';

/** A device at which somebody asks; of a keypad that works several things, by the codes of this output, from 0. */
export interface Asked {
  /** Null where it is done at all of them at once. */
  readonly device: Inhabitant['device'] | null;
  readonly output?: number;
  /** What is done there, where that is not told by the situation alone. */
  readonly act?: Act;
}

/** A situation: how to bring it about from rest, and what must then be possible. */
export interface Situation {
  readonly id: SituationId;
  /** Devices at which it can be brought about, each tried for itself; left out, or null, where it is done nowhere in particular. */
  at?(world: World): readonly Asked[] | null;
  /** Null where the door has nothing that could be in this situation. `device`, `output`: those of `at`. */
  prepare<T>(world: World, rest: T, by: Player<T>, device: string, output: number, act?: Act): T | null;
  outside(brief: Brief, state: DeadState, world: World): Expectation;
  inside(brief: Brief, state: DeadState): Expectation;
}

const run = <T>(by: Player<T>, state: T, ...stimuli: Stimulus[]): T =>
  stimuli.reduce((current, stimulus) => by.act(current, stimulus), state);

const lockdownButtons = ({ inhabitants }: World) =>
  inhabitants.filter(({ type }) => type.roles.lockdownContact && does(type, 'switch'));

/** A situation as one device brings it about. */
export interface Trial {
  readonly situation: Situation;
  readonly device: Inhabitant['device'] | null;
  readonly output?: number;
  readonly act?: Act;
}

/** Where a trial is made, in labels of the door, those of another with its number before; null where nowhere in particular. */
export const trialAt = ({ device, output = 0, act }: Trial): string | null => {
  const at = device && (output > 0 ? `${device.tag} output ${output + 1}` : device.tag);
  if (!act || !at) return at;
  const code = act.stimulus.kind === 'credential' ? (act.stimulus.output ?? 0) : 0;
  return `${device.door} ${at}${code > 0 ? ` output ${code + 1}` : ''}`;
};

/** Every way in which every situation can be brought about at this door. `rest`: the door at rest, where it is at hand. */
export function trialsOf(world: World, rest?: SimState): Trial[] {
  situationStimuli(world, rest);
  soloReleases(world, rest);
  return SITUATIONS.flatMap(
    (situation): Trial[] =>
      situation.at?.(world)?.map(({ device, output = 0, act }) => ({
        situation,
        device,
        output,
        ...(act ? { act } : {}),
      })) ?? [{ situation, device: null }],
  );
}

/** A door with something broken in it is still tried as the sound one is: at the same devices, by the same fire relays. */
export const sameTrials = (sound: World, broken: World, rest?: SimState): void => {
  sameReleases(sound, broken, rest);
  sameSituationStimuli(sound, broken, rest);
};

/** Plays a trial. */
export const played = <T>(
  { situation, device, output, act }: Trial,
  world: World,
  rest: T,
  by: Player<T>,
): T | null => situation.prepare(world, rest, by, device?.id ?? '', output ?? 0, act);

/** Brings a trial about in the simulation itself. */
export const tried = (trial: Trial, world: World, rest: SimState): SimState | null => {
  fireReleases(world, rest);
  soloReleases(world, rest);
  situationStimuli(world, rest);
  return played(trial, world, rest, player(world));
};

/** Brings a situation about in the simulation itself, at the first device where it can be. */
export const prepared = (situation: Situation, world: World, rest: SimState): SimState | null => {
  const at = situation.at?.(world) ?? null;
  return at?.length === 0 ? null : tried({ situation, device: null, ...at?.[0] }, world, rest);
};

const isInside = ({ device }: Inhabitant): boolean => device.place === 'inside';

/** Readers and keypads at which somebody asks to come in. */
export const entriesOutside = (world: World): Inhabitant[] =>
  [...new Set(entries(world))].filter((one) => !isInside(one));
const entriesInside = (world: World): Inhabitant[] => [...new Set(entries(world))].filter(isInside);

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

/** Where nothing takes a card or a code, somebody who may come in stands before the door all the same. */
const orNobody = (asked: readonly Asked[]): readonly Asked[] | null => (asked.length > 0 ? asked : null);

/** A fire relay for itself, or all of them at once. */
const alarm = (device: string): Stimulus => (device === '' ? { kind: 'fire' } : { kind: 'fire', device });

/** All fire relays at once; and each by itself, where there are several that have to do with this door's locks. */
const alarms = (world: World): readonly Asked[] | null => {
  const each = soloReleases(world);
  return each.length > 0 ? [{ device: null }, ...each] : null;
};

/** Supplies of this circuit that can die while others live. */
const supplies = ({ inhabitants, netlist }: World): readonly Asked[] => {
  const feeding = new Set(
    netlist.branches.flatMap((branch) => (branch.kind === 'source' ? [branch.device] : [])),
  );
  return feeding.size > 1 ? inhabitants.filter(({ device }) => feeding.has(device.id)) : [];
};

/** Exit devices; and what feels itself that somebody pushes. */
const asksToLeave = (world: World): readonly Asked[] => {
  const asked = new Set(exits(world).map(({ device }) => device.id));
  const others = byWhoLeaves(world).filter(
    ({ purpose, at }) => purpose === 'leave' && !asked.has(at.device.id),
  );
  return [...exits(world), ...others.map(({ at }) => at)];
};

const elsewhere = (world: World): readonly Asked[] =>
  neighbourActs(world).map((act) => ({ device: act.at.device, act }));

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
