import { ON, settle, voltsAcross, type Damage } from '../circuit/index';
import {
  functionOf,
  presentParts,
  resolveLock,
  settingValue,
  type Current,
  type DeviceFunction,
  type DeviceType,
  type Pair,
  type Roles,
  type SettingValue,
} from '../devices/index';
import { EMPTY_BRIEF, emptyPlan, terminalId, type Device, type Plan } from '../plan/index';
import { metres, mm2 } from '../units/index';
import {
  atRest,
  buildWorld,
  conditionsOf,
  lockStatuses,
  stimulate,
  type SimState,
  type Stimulus,
} from '../simulate/index';

/** A voltage put on a device by itself: on its feed, its lock or its coil terminals. */
export interface Applied {
  readonly volts: number;
  readonly current: 'dc' | 'ac';
  /** Plus on the minus terminal. */
  readonly reversed?: boolean;
}

/** What a part of the device does under the applied voltage. */
export interface BenchPart {
  readonly part: string;
  readonly kind: 'electronic' | 'coil' | 'load';
  readonly volts: number | null;
  readonly amps: number;
  /** A board runs, a coil has pulled in, a winding draws. */
  readonly working: boolean;
  readonly damage: Damage['kind'] | null;
}

export interface BenchContact {
  readonly part: string;
  readonly from: string;
  readonly to: string;
  readonly rest: boolean;
  /** After its device was worked: pressed, broken, sensed; null where nothing on a bench works it. */
  readonly worked: boolean | null;
}

/** The device on the test bench, with nothing but a supply and two leads. */
export interface BenchResult {
  readonly pairs: readonly { readonly plus: string; readonly minus: string }[];
  readonly amps: number;
  readonly parts: readonly BenchPart[];
  readonly contacts: readonly BenchContact[];
  /** What a lock does: held, free, weak; null for what is no lock. */
  readonly lock: 'held' | 'free' | 'weak' | null;
  readonly dead: 'fail-safe' | 'fail-secure' | null;
}

const SOURCE = 'bench-source@1';
const UNDER_TEST = 'D01/T1';
const SUPPLY = 'D01/PS1';

/** Terminal pairs a supply is put on: lock terminals first, then feed, then a coil, then what rings. */
export function benchPairs({ roles, parts }: Pick<DeviceType, 'roles' | 'parts'>): Pair[] {
  const known = (['lock', 'feed', 'coil', 'bellOut'] satisfies (keyof Roles)[]).flatMap(
    (role) => roles[role] ?? [],
  );
  const own = [
    ...(roles.lockBy ? [roles.lockBy['fail-safe']] : []),
    ...(roles.intercom?.part === 'answering-station' ? [roles.intercom] : []),
    ...(roles.intercom?.part === 'door-station'
      ? [{ plus: roles.intercom.line, minus: roles.intercom.minus }]
      : []),
  ];
  const pairs = [...known, ...own, ...(roles.lockToo ?? [])];
  if (pairs.length > 0) return pairs;
  // A type without roles yet: whatever takes power gets it.
  const fed = parts.find(
    (part) => part.kind === 'electronic' || part.kind === 'coil' || part.kind === 'load',
  );
  return fed ? [{ plus: fed.a, minus: fed.b }] : [];
}

/** A source of any voltage, stiff enough to test with. */
const benchSource = (applied: Applied): DeviceType => ({
  id: SOURCE,
  version: 1,
  family: 'supply',
  name: 'Bench supply',
  short: 'bench supply',
  description: '',
  tagPrefix: 'PS',
  place: 'enclosure',
  terminals: ['+', '-'].map((id) => ({ id, maxConductors: 99, use: 'optional' })),
  parts: [
    {
      kind: 'source',
      id: 'output',
      a: '+',
      b: '-',
      volts: Math.max(applied.volts, 1e-6),
      tolerance: 0,
      ohms: 0.02,
      maxAmps: 20,
      current: applied.current,
    },
  ],
  settings: [],
  functions: [],
  roles: {},
  ip: 'IP20',
  symbol: 'supply',
});

/** The device, the bench supply and two leads to each pair, as a plan of its own. */
export function benchPlan(
  type: DeviceType,
  settings: Readonly<Record<string, SettingValue>>,
  applied: Applied,
): Plan {
  const device: Device = {
    id: UNDER_TEST,
    door: 'D01',
    tag: 'T1',
    type: type.id,
    place: type.place,
    leaf: 1,
    settings,
    notes: '',
  };
  const leads = benchPairs(type).flatMap(({ plus, minus }, index) => {
    const [one, two] = applied.reversed ? ['-', '+'] : ['+', '-'];
    return [
      [`L${index}a`, terminalId(SUPPLY, one), plus],
      [`L${index}b`, terminalId(SUPPLY, two), minus],
    ] as const;
  });
  // A delayed egress whose fire input is open has let go: a bridge says that nothing burns.
  const { fire } = type.roles.egress ?? {};
  const bridges = fire ? [['FA', terminalId(UNDER_TEST, fire.input), fire.common] as const] : [];
  const base = emptyPlan('bench', 'bench');
  return {
    ...base,
    types: { [type.id]: type, [SOURCE]: benchSource(applied) },
    doors: {
      D01: {
        id: 'D01',
        order: 1,
        name: '',
        brief: EMPTY_BRIEF,
        deadState: null,
        schools: {},
        freePassage: null,
        openingHours: null,
        expectations: [],
        notes: '',
        lastWire: 0,
      },
    },
    devices: {
      [UNDER_TEST]: device,
      [SUPPLY]: { ...device, id: SUPPLY, tag: 'PS1', type: SOURCE, settings: {} },
    },
    conductors: Object.fromEntries(
      [...leads, ...bridges].map(([id, from, to]) => [
        id,
        {
          id,
          door: 'D01',
          number: id,
          from,
          to: terminalId(UNDER_TEST, to),
          colour: 'RD' as const,
          gauge: mm2(1.5),
          length: metres(0.2),
          cable: '',
          origin: 'hand' as const,
          assumed: [],
        },
      ]),
    ),
  };
}

/** Puts a device on the bench. Throws for a type that `typeProblems` finds faults in. */
export function benchTest(
  type: DeviceType,
  settings: Readonly<Record<string, SettingValue>>,
  applied: Applied,
): BenchResult {
  const plan = benchPlan(type, settings, applied);
  const world = buildWorld(plan, 'D01');
  const rest = atRest(world);
  const { netlist } = world;
  const { point } = rest;
  const parts = netlist.branches.flatMap((branch, index): BenchPart[] => {
    if (branch.kind !== 'electronic' && branch.kind !== 'coil' && branch.kind !== 'load') return [];
    if (branch.device !== UNDER_TEST) return [];
    const volts = voltsAcross(netlist, point, index);
    const amps = Math.abs(point.amps[index] ?? 0);
    const working = branch.kind === 'load' ? amps > 1e-6 : point.on[index] === ON;
    const damage = point.damages.find((one) => one.branch === index)?.kind ?? null;
    return [
      { part: branch.id.slice(UNDER_TEST.length + 1), kind: branch.kind, volts, amps, working, damage },
    ];
  });
  const source = netlist.branchOf.get(`${SUPPLY}:output`);
  const worked = workedState(plan, rest, type);
  return {
    pairs: benchPairs(type),
    amps: source === undefined ? 0 : Math.abs(point.amps[source] ?? 0),
    parts,
    contacts: contactsOf(type, settings, (part) => {
      const index = netlist.branchOf.get(`${UNDER_TEST}:${part}`);
      const closed = (state: SimState) => index !== undefined && state.point.on[index] === ON;
      return { rest: closed(rest), worked: worked ? closed(worked) : null };
    }),
    lock: lockStatuses(world, point)[0]?.hold ?? null,
    dead:
      resolveLock(type, settings, (pin) => benchPairs(type).some(({ plus }) => plus === pin))?.dead ?? null,
  };
}

function contactsOf(
  type: DeviceType,
  settings: Readonly<Record<string, SettingValue>>,
  look: (part: string) => Pick<BenchContact, 'rest' | 'worked'>,
): BenchContact[] {
  return presentParts(type, settings).flatMap((part) =>
    part.kind === 'contact' ? [{ part: part.id, from: part.a, to: part.b, ...look(part.id) }] : [],
  );
}

/** The device after somebody pressed, broke, opened, presented or called; null for what nobody works. */
function workedState(plan: Plan, rest: SimState, type: DeviceType): SimState | null {
  const world = buildWorld(plan, 'D01');
  const act = (state: string): SimState => {
    // Worked is the other way round from rest: a fire input on a bench has dropped its outputs already.
    const key = `${UNDER_TEST}:${state}`;
    const states = new Set(rest.states);
    if (!states.delete(key)) states.add(key);
    return {
      ...rest,
      states,
      point: settle(world.netlist, conditionsOf({ ...rest, states }), rest.point.on),
    };
  };
  const after = (stimulus: Stimulus): SimState => stimulate(world, rest, stimulus).state;
  const working = (one: DeviceFunction): SimState | null => {
    switch (one.kind) {
      case 'button':
      case 'sensor':
      case 'switch':
      case 'keys':
        return after({ kind: 'press', device: UNDER_TEST });
      case 'breakGlass':
        return after({ kind: 'breakGlass', device: UNDER_TEST });
      case 'fireRelay':
        return after({ kind: 'fire' });
      case 'doorContact':
        return after({ kind: 'openDoor', from: 'force' });
      case 'ownCodes':
        return after({ kind: 'credential', valid: true, device: UNDER_TEST });
      case 'decides':
        return one.channels[0] ? act(one.channels[0].relay) : null;
      case 'timer':
        return act(one.channel.relay);
      case 'operator':
        return act(one.relay);
      case 'lever':
      case 'output':
      case 'fireInput':
        return act(one.state);
      case 'reader':
        return act(one.d0);
      default:
        return null;
    }
  };
  // A code at its own keys is the whole way; where it has none, what decides is worked by itself.
  const first = functionOf(type, 'ownCodes') ?? type.functions[0];
  return first ? working(first) : null;
}

/** A voltage this device is made for, halfway between what it needs and what it bears; 12 V where nothing says. */
export function usualVoltage(
  type: DeviceType,
  settings: Readonly<Record<string, SettingValue>> = {},
): { volts: number; current: 'dc' | 'ac' } {
  const value = (param: number | { setting: string; values: Readonly<Record<string, number>> }): number =>
    typeof param === 'number'
      ? param
      : (param.values[String(settingValue(type, settings, param.setting))] ?? 12);
  const pair = benchPairs(type)[0];
  const part = type.parts.find(
    (one) =>
      (one.kind === 'electronic' || one.kind === 'coil' || one.kind === 'load') &&
      (!pair || one.a === pair.plus),
  );
  if (!part) return { volts: 12, current: 'dc' };
  const kind = (current: Current | undefined) => (current === 'ac' ? 'ac' : 'dc');
  if (part.kind === 'electronic')
    return { volts: nearest(part.startVolts, part.maxVolts), current: kind(part.current) };
  if (part.kind === 'coil')
    return { volts: nearest(value(part.pullInVolts), value(part.maxVolts)), current: kind(part.current) };
  if (part.kind === 'load') {
    const low = type.lock?.kind === 'magnet' ? value(type.lock.ratedVolts) * type.lock.holdShare : 1;
    return { volts: nearest(low, value(part.maxVolts)), current: kind(part.current) };
  }
  return { volts: 12, current: 'dc' };
}

/** A usual supply voltage inside the limits, else the middle. */
const nearest = (low: number, high: number): number =>
  [12, 24, 13.65, 27.3, 14, 8, 5].find((volts) => volts >= low && volts <= high) ?? (low + high) / 2;
