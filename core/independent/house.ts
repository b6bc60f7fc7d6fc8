import {
  functionsOf,
  needsKey,
  resolveLock,
  roleValue,
  settingValue,
  type Channel,
  type DeviceType,
} from '../devices/index';
import {
  deviceOf,
  pinOf,
  scopeOf,
  typeIn,
  type Device,
  type Door,
  type DoorId,
  type Plan,
} from '../plan/index';
import type { AtRest } from './rest';
import { NotRead, wiringOf, type Wiring } from './wiring';

/** A device with what it is. */
export interface Thing {
  readonly device: Device;
  readonly type: DeviceType;
}

/** One door's worth of whatever decides: its relay, its exit input, and how long it lets go. */
export interface Decider {
  readonly thing: Thing;
  readonly relay: string;
  readonly exitInput: string;
  readonly contactInput: string | null;
  /** Whether it waits for the other doors of its device: never, when somebody comes in, or when somebody leaves too. */
  readonly waits: 'never' | 'entry' | 'always';
  /** Asked while it reads so. */
  readonly asks: 'open' | 'closed';
  readonly level: boolean;
  /** The exit only tells that somebody leaves. */
  readonly reports: boolean;
  readonly exitMs: number;
  readonly unlockMs: number;
  readonly key: string;
}

/** A door with everything that its circuit reaches, read anew. */
export interface House {
  readonly door: Door;
  readonly things: readonly Thing[];
  readonly wiring: Wiring;
  readonly deciders: readonly Decider[];
  /** Of this door and of every other that its circuit reaches. */
  readonly locks: readonly Bolt[];
}

/** One winding that holds a leaf. */
export interface Bolt {
  readonly door: DoorId;
  readonly leaf: 1 | 2;
  readonly element: string;
  /** Volts from which a magnet holds, and below which it lets go; a bolt instead goes by whether it is pulled in. */
  readonly magnet: { readonly holds: number; readonly frees: number } | null;
  readonly dead: 'fail-safe' | 'fail-secure';
  /** A handle draws it. */
  readonly byHandle: boolean;
}

/** What a leaf does: held, free, or in between, of which nothing is said. */
export type Hold = 'held' | 'free' | 'between';

/** What the locks of a leaf make of it; null where it has none. */
export function leafHold({ locks }: House, rest: AtRest, door: DoorId | null, leaf: 1 | 2): Hold | null {
  const its = locks.filter((one) => one.door === door && one.leaf === leaf);
  if (its.length === 0) return null;
  const holds = its.map(({ element, magnet, dead }): Hold => {
    if (!magnet) return (rest.doing.get(element) === 1) === (dead === 'fail-safe') ? 'held' : 'free';
    const volts = Math.abs(rest.volts.get(element) ?? 0);
    return volts >= magnet.holds ? 'held' : volts <= magnet.frees ? 'free' : 'between';
  });
  return holds.includes('held') ? 'held' : holds.includes('between') ? 'between' : 'free';
}

const second = (thing: Thing, role: 'exit' | 'unlock', channel: number): number => {
  const value = roleValue(thing.type, thing.device.settings, role, channel);
  return 1000 * (typeof value === 'number' ? value : 5);
};

/** What an interlock of this device asks of it. */
function waitsOf({ type, device }: Thing): Decider['waits'] {
  const [lobby] = functionsOf(type, 'interlock');
  const set = (id: string | undefined) =>
    id === undefined ? undefined : settingValue(type, device.settings, id);
  if (!lobby || set(lobby.usedSetting) !== 'on') return 'never';
  return set(lobby.exitsSetting) === 'pass' ? 'entry' : 'always';
}

const decidersOf = (thing: Thing): Decider[] => {
  const channels: Channel[] = [
    ...functionsOf(thing.type, 'decides').flatMap((one) => one.channels),
    ...functionsOf(thing.type, 'timer').map((one) => one.channel),
  ];
  return channels.map((channel, index) => ({
    thing,
    relay: channel.relay,
    exitInput: channel.exitInput,
    contactInput: channel.contactInput,
    waits: waitsOf(thing),
    asks: roleValue(thing.type, thing.device.settings, 'form', index) === 'NC' ? 'open' : 'closed',
    level: channel.exitSense === 'level',
    reports: roleValue(thing.type, thing.device.settings, 'rex', index) === 'reports',
    exitMs: second(thing, 'exit', index),
    unlockMs: second(thing, 'unlock', index),
    key: `${thing.device.id} ${index}`,
  }));
};

/** The windings of a device that hold leaves. Of a lock that nothing decides there are none; at the door that is read, `NotRead`. */
function boltsOf({ device, type }: Thing, landed: (pin: string) => boolean, at: DoorId): Bolt[] {
  const spec = type.lock;
  const resolved = resolveLock(type, device.settings, landed);
  const { door, leaf } = device;
  if (!spec || !resolved || door === null) return [];
  if (spec.kind === 'strike' && resolved.dead === null) {
    if (door === at) throw new NotRead('a lock that nothing decides');
    return [];
  }
  const rated =
    spec.kind === 'magnet'
      ? typeof spec.ratedVolts === 'number'
        ? spec.ratedVolts
        : Number(spec.ratedVolts.values[String(settingValue(type, device.settings, spec.ratedVolts.setting))])
      : 0;
  return resolved.parts.map((part) => ({
    door,
    leaf,
    element: `${device.id}:${part}`,
    magnet:
      spec.kind === 'magnet'
        ? { holds: rated * spec.holdShare, frees: rated * Math.sqrt(spec.freeNewtons / spec.forceNewtons) }
        : null,
    dead: spec.kind === 'magnet' ? ('fail-safe' as const) : resolved.dead!,
    byHandle: spec.kind === 'strike' && spec.noHandle !== true && spec.jams !== true,
  }));
}

/** Reads a door. Throws `NotRead` where it has what is not read here. */
export function houseOf(plan: Plan, id: DoorId): House {
  const door = plan.doors[id];
  if (!door) throw new NotRead(`no door ${id}`);
  const scope = scopeOf(plan, id);
  const things = scope.devices.map((device) => ({ device, type: typeIn(plan, device) }));
  const landed = (device: string) => (pin: string) =>
    scope.conductors.some(({ from, to }) =>
      [from, to].some((end) => deviceOf(end) === device && pinOf(end) === pin),
    );
  const locks = things.flatMap((thing) => boltsOf(thing, landed(thing.device.id), id));
  if (!locks.some((one) => one.door === id)) throw new NotRead('no lock');
  return { door, things, wiring: wiringOf(scope), deciders: things.flatMap(decidersOf), locks };
}

/** What a hand can do at a device, and where whoever does it stands. */
export interface Hand {
  readonly thing: Thing;
  readonly kind: 'press' | 'break' | 'switch' | 'push';
  /** The states it sets, and for how long, ms; for good where it is null. */
  readonly sets: readonly string[];
  readonly ms: number | null;
  readonly from: 'outside' | 'inside' | 'locked';
  readonly bare: boolean;
}

const HELD_MS = { button: 600, keys: 600, sensor: 1000 } as const;
/** Whoever is not let out at once leans on it. */
const LEANS_MS = 5000;
const standing = ({ place }: Device): Hand['from'] =>
  place === 'outside' ? 'outside' : place === 'enclosure' ? 'locked' : 'inside';

/** Every hand that can be laid on a device of these; `leans` where a delay hears of pushes. */
export const handsAt = (things: readonly Thing[], leans = false): Hand[] =>
  things.flatMap((thing) => {
    const { type, device } = thing;
    const own = (state: string) => `${device.id}:${state}`;
    const of = (kind: Hand['kind'], sets: readonly string[], ms: number | null): Hand => ({
      thing,
      kind,
      sets: sets.map(own),
      ms,
      from: standing(device),
      bare: !needsKey(type),
    });
    return [
      ...functionsOf(type, 'button').map(({ state, holdSetting }) => {
        const itself = holdSetting ? 1000 * Number(settingValue(type, device.settings, holdSetting)) : 0;
        return of('press', [state], Math.max(itself, leans ? LEANS_MS : HELD_MS.button));
      }),
      ...functionsOf(type, 'sensor').map(({ state }) =>
        of('press', [state], leans ? LEANS_MS : HELD_MS.sensor),
      ),
      ...(leans && type.family === 'exit'
        ? functionsOf(type, 'lever').map(({ state }) => of('press', [state], LEANS_MS))
        : []),
      ...functionsOf(type, 'delayedEgress').flatMap(({ push }) =>
        push === undefined ? [of('push', [], null)] : [],
      ),
      ...functionsOf(type, 'keys').flatMap(({ keys }) =>
        Object.values(keys).map((state) => of('press', [state], HELD_MS.keys)),
      ),
      ...functionsOf(type, 'switch').map(({ state }) => of('switch', [state], null)),
      ...functionsOf(type, 'breakGlass').map(({ state }) => of('break', [state], null)),
    ];
  });
