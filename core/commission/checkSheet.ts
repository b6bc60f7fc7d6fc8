import { measureAllOhms, voltsAcross, voltsBetween } from '../circuit/index';
import { checkContext, type CheckContext } from '../checks/index';
import type { Leg, RoundLoop } from '../loops/index';
import { terminalLabel, type Plan, type Reading } from '../plan/index';
import { doorDevices } from '../prove/index';
import { lockStatuses, settingMs, stimulate, type SimState, type Stimulus } from '../simulate/index';
import { doorTimes } from '../timing/index';

export type Phase = 'before-power' | 'power-up' | 'function';
export type CheckUnit = 'Ω' | 'V' | 'A' | 's' | 'yes';

/** What to do, worded in the interface from its code and values. */
export type CheckTask =
  | 'supply-not-shorted'
  | 'leg-continuity'
  | 'contact-open'
  | 'supply-volts'
  | 'device-volts'
  | 'lock-volts-rest'
  | 'lock-amps-rest'
  | 'lock-volts-credential'
  | 'relock-seconds'
  | 'wrong-credential'
  | 'lock-volts-exit'
  | 'door-contact'
  | 'lock-volts-break'
  | 'reset-break'
  | 'lock-volts-fire'
  | 'fire-stays'
  | 'reset-fire'
  | 'lock-volts-battery'
  | 'all-dead'
  | 'lever-dead';

/** One line of a check sheet. Its id is stable while the wiring it speaks of stays. */
export interface CheckItem {
  readonly id: string;
  readonly phase: Phase;
  readonly task: CheckTask;
  readonly unit: CheckUnit;
  /** Where the probes go: one or two terminals, in labels of the door. */
  readonly where: readonly string[];
  readonly values: Readonly<Record<string, string | number>>;
  /** What the engine expects, null for a yes/no check. Infinity is an open circuit. */
  readonly expected: number | null;
  readonly low: number | null;
  readonly high: number | null;
}

/** Tolerances of a reading against the engine's figure. Source: practice with a hand-held meter. */
const TOLERANCE = {
  volts: (v: number) => Math.max(0.3, Math.abs(v) * 0.05),
  amps: (a: number) => Math.max(0.02, Math.abs(a) * 0.15),
  ohms: (r: number) => 0.5 + r * 0.25,
  seconds: (s: number) => Math.max(0.5, s * 0.1),
} as const;
/** Above this an open contact or a supply without short may read, ohms. */
const OPEN_OHMS = 100_000;
/** A lock that is let go may still show this much, volts. */
const RELEASED_VOLTS = 0.5;

/** A check sheet in working order, from a door's plan and what the engine says it must read. */
export function checkSheet(plan: Plan, doorId: string, given?: CheckContext): CheckItem[] {
  const context = given ?? checkContext(plan, doorId);
  return [...beforePower(context), ...atPowerUp(context), ...functions(context)];
}

const label = ({ plan, door }: CheckContext, terminal: string) => terminalLabel(plan, terminal, door.id);

function beforePower(context: CheckContext): CheckItem[] {
  const { loops, world, parts } = context;
  const legs = loops.flatMap((loop) =>
    loop.shape !== 'round' || loop.source.part === ''
      ? []
      : legsOf(loop)
          .filter(([leg]) => leg.complete && leg.steps.length > 0)
          .map(([, ends, name]) => ({ loop, ends, name })),
  );
  const supplies = parts.supplies.flatMap(({ device, type }) => {
    const ends = type.roles.supply;
    return ends
      ? [{ device, ends: [`${device.id}.${ends.plus}`, `${device.id}.${ends.minus}`] as const }]
      : [];
  });
  const ohms = measureAllOhms(
    world.netlist,
    [...legs, ...supplies].map(({ ends }) => ends),
  );
  return [
    ...legs.map(({ loop, ends, name }, index): CheckItem => {
      const expected = ohms[index]!;
      const open = !Number.isFinite(expected) || expected > OPEN_OHMS;
      return {
        id: `ohms:${ends[0]}:${ends[1]}`,
        phase: 'before-power',
        task: open ? 'contact-open' : 'leg-continuity',
        unit: 'Ω',
        where: ends.map((end) => label(context, end)),
        values: { loop: loop.letter, kind: loop.kind, leg: name },
        expected,
        low: open ? OPEN_OHMS : 0,
        high: open ? null : expected + TOLERANCE.ohms(expected),
      };
    }),
    ...supplies.map(({ device, ends }, index): CheckItem => {
      const expected = ohms[legs.length + index]!;
      return {
        id: `short:${device.id}`,
        phase: 'before-power',
        task: 'supply-not-shorted',
        unit: 'Ω',
        where: ends.map((end) => label(context, end)),
        values: { tag: device.tag },
        expected,
        low: Number.isFinite(expected) ? expected * 0.7 : OPEN_OHMS,
        high: null,
      };
    }),
  ];
}

const legsOf = (loop: RoundLoop): [Leg, [string, string], string][] => [
  [loop.supply, [loop.source.top, loop.load.top], 'out'],
  [loop.back, [loop.load.bottom, loop.source.bottom], 'back'],
];

function voltsItem(
  context: CheckContext,
  id: string,
  phase: Phase,
  task: CheckTask,
  volts: number,
  where: readonly string[],
  values: CheckItem['values'],
): CheckItem {
  const released = Math.abs(volts) < RELEASED_VOLTS;
  return {
    id,
    phase,
    task,
    unit: 'V',
    where: where.map((end) => label(context, end)),
    values,
    expected: volts,
    low: released ? -RELEASED_VOLTS : volts - TOLERANCE.volts(volts),
    high: released ? RELEASED_VOLTS : volts + TOLERANCE.volts(volts),
  };
}

function atPowerUp(context: CheckContext): CheckItem[] {
  const { world, rest, door } = context;
  const items: CheckItem[] = [];
  const ends = (index: number): [string, string] => {
    const branch = world.netlist.branches[index];
    return [world.netlist.nodes[branch?.a ?? 0] ?? '', world.netlist.nodes[branch?.b ?? 0] ?? ''];
  };
  world.netlist.branches.forEach((branch, index) => {
    if (branch.kind !== 'source' && branch.kind !== 'electronic') return;
    const self = world.inhabitants.find(({ device }) => device.id === branch.device)?.device;
    if (!self || (branch.kind === 'electronic' && self.door !== door.id)) return;
    const volts = voltsBetween(rest.point, branch.a, branch.b);
    if (volts === null) return;
    const task = branch.kind === 'source' ? 'supply-volts' : 'device-volts';
    items.push(
      voltsItem(context, `volts:${branch.id}`, 'power-up', task, volts, ends(index), { tag: self.tag }),
    );
  });
  for (const lock of lockStatuses(world, rest.point)) {
    const where = ends(lock.branch);
    const values = { tag: lock.tag };
    items.push(
      voltsItem(
        context,
        `volts:${lock.device}:rest`,
        'power-up',
        'lock-volts-rest',
        lock.volts ?? 0,
        where,
        values,
      ),
    );
    if (lock.amps < 1e-4) continue;
    items.push({
      id: `amps:${lock.device}:rest`,
      phase: 'power-up',
      task: 'lock-amps-rest',
      unit: 'A',
      where: [label(context, where[0])],
      values,
      expected: lock.amps,
      low: lock.amps - TOLERANCE.amps(lock.amps),
      high: lock.amps + TOLERANCE.amps(lock.amps),
    });
  }
  return items;
}

const yes = (id: string, task: CheckTask, values: CheckItem['values']): CheckItem => ({
  id,
  phase: 'function',
  task,
  unit: 'yes',
  where: [],
  values,
  expected: null,
  low: null,
  high: null,
});

function functions(context: CheckContext): CheckItem[] {
  const { world, rest, plan, door, parts } = context;
  const lock = lockStatuses(world, rest.point)[0];
  if (!lock) return [];
  const run = (...stimuli: Stimulus[]): SimState =>
    stimuli.reduce((state, stimulus) => stimulate(world, state, stimulus).state, rest);
  const branch = world.netlist.branches[lock.branch];
  const where = [world.netlist.nodes[branch?.a ?? 0] ?? '', world.netlist.nodes[branch?.b ?? 0] ?? ''];
  const tag = lock.tag;
  const lockVolts = (id: string, task: CheckTask, state: SimState, values: CheckItem['values'] = {}) =>
    voltsItem(
      context,
      id,
      'function',
      task,
      voltsAcross(world.netlist, state.point, lock.branch) ?? 0,
      where,
      { tag, ...values },
    );
  const items: CheckItem[] = [];
  const times = doorTimes(plan, door.id, parts);
  if (parts.readers.length > 0 || parts.decider?.type.family === 'keypad') {
    items.push(lockVolts('card', 'lock-volts-credential', run({ kind: 'credential', valid: true })));
    const self = world.inhabitants.find(({ device }) => device.id === times?.decider.device.id);
    if (times && self) {
      const seconds = settingMs(self, `${times.prefix}.unlock`, times.unlock) / 1000;
      items.push({
        id: 'relock',
        phase: 'function',
        task: 'relock-seconds',
        unit: 's',
        where: [],
        values: { tag },
        expected: seconds,
        low: seconds - TOLERANCE.seconds(seconds),
        high: seconds + TOLERANCE.seconds(seconds),
      });
    }
    items.push(yes('wrong-card', 'wrong-credential', { tag }));
  }
  for (const { device } of parts.exits) {
    items.push(
      lockVolts(`exit:${device.id}`, 'lock-volts-exit', run({ kind: 'press', device: device.id }), {
        exit: device.tag,
      }),
    );
  }
  for (const { device } of parts.contacts)
    items.push(yes(`contact:${device.id}`, 'door-contact', { contact: device.tag }));
  for (const { device } of doorDevices(world, 'breakGlass')) {
    const broken = run({ kind: 'breakGlass', device: device.id });
    items.push(lockVolts(`break:${device.id}`, 'lock-volts-break', broken, { glass: device.tag }));
    items.push(yes(`reset:${device.id}`, 'reset-break', { glass: device.tag, tag }));
  }
  for (const { device } of doorDevices(world, 'fireRelay')) {
    items.push(
      lockVolts(`fire:${device.id}`, 'lock-volts-fire', run({ kind: 'fire' }), { fire: device.tag }),
    );
    items.push(yes(`fire-stays:${device.id}`, 'fire-stays', { fire: device.tag, tag }));
    items.push(yes(`fire-reset:${device.id}`, 'reset-fire', { fire: device.tag, tag }));
  }
  if (context.budget.supplies.some((supply) => supply.battery)) {
    items.push(lockVolts('mains-off', 'lock-volts-battery', run({ kind: 'mains', on: false })));
  }
  const dead = lockStatuses(world, run({ kind: 'dead', on: true }).point)[0];
  items.push(yes('dead', 'all-dead', { tag, state: dead?.hold === 'free' ? 'open' : 'shut' }));
  if (door.brief.mechanicalEgress) items.push(yes('lever', 'lever-dead', {}));
  return items;
}

/** Whether a reading passes. A yes/no check passes on yes, which is recorded as 1. */
export function judgeReading(item: CheckItem, value: number): boolean {
  if (item.unit === 'yes') return value === 1;
  return (item.low === null || value >= item.low) && (item.high === null || value <= item.high);
}

/** The newest reading of each check of a door. */
export function latestReadings(plan: Plan, door: string): Map<string, Reading> {
  const latest = new Map<string, Reading>();
  for (const reading of Object.values(plan.readings)) {
    if (reading.door !== door) continue;
    const known = latest.get(reading.check);
    if (!known || known.at < reading.at || (known.at === reading.at && known.id < reading.id)) {
      latest.set(reading.check, reading);
    }
  }
  return latest;
}

/** True where what was expected when a reading was taken is no longer what the plan expects. */
export const isStale = (item: CheckItem, reading: Reading): boolean =>
  Math.abs((reading.low ?? 0) - (item.low ?? 0)) > 0.02 ||
  Math.abs((reading.high ?? 0) - (item.high ?? 0)) > 0.02;
