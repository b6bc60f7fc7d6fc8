import {
  checkContext,
  runChecks,
  type CheckContext,
  type Finding,
  type Severity,
  type StationId,
} from '../checks/index';
import { checkSheet, isStale, judgeReading, latestReadings } from '../commission/index';
import { recommendDeadState } from '../brief/index';
import { compareMemory, findLanguage, targetOf } from '../keypads/index';
import { conductorsOf, type DeadState, type Plan } from '../plan/index';
import type { PowerBudget } from '../power/index';
import { worstOf, type Proof } from '../prove/index';
import { doorTimes } from '../timing/index';

/** Filled, red diamond, amber diamond, half ring or ring on the job line. */
export type StationMark = 'settled' | 'to-settle' | 'to-consider' | 'begun' | 'not-begun';

/** All that is known about a door, as plain data: it comes out of a worker. */
export interface DoorVerdict {
  readonly door: string;
  readonly findings: readonly Finding[];
  readonly proof: Proof;
  readonly budget: PowerBudget;
  readonly marks: Readonly<Record<StationId, StationMark>>;
  readonly summary: DoorSummary;
}

/** What the ledger shows of a door. */
export interface DoorSummary {
  readonly door: string;
  readonly deadState: DeadState | null;
  /** Findings to be put right: stop and fix. */
  readonly toSettle: number;
  readonly worst: Severity;
  /** False while there is nothing to judge yet. */
  readonly begun: boolean;
}

export const STATIONS: readonly StationId[] = [
  'brief',
  'wire',
  'power',
  'prove',
  'program',
  'timing',
  'test',
  'hand-over',
];

/** Judges one door. Throws where the door is not in the plan. */
export function doorVerdict(plan: Plan, door: string): DoorVerdict {
  const context = checkContext(plan, door);
  const findings = runChecks(context);
  const begun = context.parts.all.length > 0;
  const toSettle = findings.filter(({ severity }) => severity === 'stop' || severity === 'fix').length;
  return {
    door,
    findings,
    proof: context.proof,
    budget: context.budget,
    marks: marks(context, findings),
    summary: {
      door,
      deadState: context.door.deadState?.state ?? null,
      toSettle,
      worst: findings[0]?.severity ?? 'sound',
      begun,
    },
  };
}

function marks(context: CheckContext, findings: readonly Finding[]): DoorVerdict['marks'] {
  const has = (station: StationId, ...severities: Severity[]) =>
    findings.some((one) => one.station === station && severities.includes(one.severity));
  const mark = (station: StationId, begun: boolean): StationMark => {
    if (has(station, 'stop', 'fix')) return 'to-settle';
    if (has(station, 'caution')) return 'to-consider';
    return begun ? 'settled' : 'not-begun';
  };
  const { plan, door, parts, proof } = context;
  const briefed = recommendDeadState(door.brief).ok && door.deadState !== null;
  const touched =
    Object.values(door.brief).some((answer) => typeof answer === 'boolean' && answer) || briefed;
  const unproven = proof.rows.some((row) => worstOf(row) !== 'pass');
  const times = doorTimes(plan, door.id, parts);
  const partial: Omit<DoorVerdict['marks'], 'hand-over'> = {
    brief: touched ? mark('brief', briefed) : 'not-begun',
    wire: parts.all.length === 0 ? 'not-begun' : mark('wire', conductorsOf(plan, door.id).length > 0),
    power: parts.supplies.length === 0 ? 'not-begun' : mark('power', true),
    prove: parts.locks.length === 0 ? 'not-begun' : unproven ? 'to-settle' : mark('prove', true),
    program: programMark(context, mark),
    timing: times
      ? mark('timing', times.decider.device.settings[`${times.prefix}.unlock`] !== undefined)
      : 'not-begun',
    test: testMark(context),
  };
  const all = Object.values(partial).every((one) => one === 'settled');
  return { ...partial, 'hand-over': all ? 'settled' : 'not-begun' };
}

function programMark(
  { plan, parts, door }: CheckContext,
  mark: (station: StationId, begun: boolean) => StationMark,
): StationMark {
  const anyone = Object.values(plan.people).some((person) => person.doors.includes(door.id));
  const language = findLanguage(parts.decider?.type.language);
  const id = parts.decider?.device.id ?? '';
  const memory = plan.memories[id];
  if (!language) return anyone ? mark('program', true) : 'not-begun';
  if (!memory) return anyone ? mark('program', false) : 'not-begun';
  const { target } = targetOf(
    plan,
    id,
    language,
    memory.programmingCode,
    doorTimes(plan, door.id, parts)?.unlock ?? 5,
  );
  const same = compareMemory(memory, target).every((line) => line.state === 'same');
  return same ? mark('program', true) : 'begun';
}

function testMark(context: CheckContext): StationMark {
  const latest = latestReadings(context.plan, context.door.id);
  if (latest.size === 0) return 'not-begun';
  const items = checkSheet(context.plan, context.door.id, context);
  const taken = items.filter((item) => latest.has(item.id));
  if (taken.length === 0) return 'not-begun';
  const good = taken.every((item) => {
    const reading = latest.get(item.id);
    return reading && !isStale(item, reading) && judgeReading(item, reading.value ?? NaN);
  });
  if (!good) return 'to-settle';
  return taken.length === items.length ? 'settled' : 'begun';
}
