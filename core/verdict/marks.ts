import { recommendDeadState } from '../brief/index';
import { STATIONS, type CheckContext, type Finding, type Severity, type StationId } from '../checks/index';
import { checkSheet, isStale, judgeReading, latestReadings } from '../commission/index';
import { doorTimes } from '../door/index';
import { compareMemory, languageOf, targetOf } from '../keypads/index';
import { opensEver, conductorsOf } from '../plan/index';
import { worstOf } from '../prove/index';

/** Filled, red diamond, amber diamond, half ring or ring on the job line. */
export type StationMark = 'settled' | 'to-settle' | 'to-consider' | 'begun' | 'not-begun';

/** What a station's mark is told from. */
interface Marking extends CheckContext {
  readonly findings: readonly Finding[];
  /** The mark by the station's own findings; without any, settled once it has begun. */
  byFindings(begun: boolean): StationMark;
}

/** How each station is marked. A station without a row here does not compile. */
const MARKS: Record<Exclude<StationId, 'hand-over'>, (door: Marking) => StationMark> = {
  brief({ door, byFindings }) {
    const briefed = recommendDeadState(door.brief).ok && door.deadState !== null;
    const touched =
      Object.values(door.brief).some((answer) => typeof answer === 'boolean' && answer) || briefed;
    return touched ? byFindings(briefed) : 'not-begun';
  },
  wire: ({ plan, door, parts, byFindings }) =>
    parts.all.length === 0 ? 'not-begun' : byFindings(conductorsOf(plan, door.id).length > 0),
  // A supply that feeds nothing yet says nothing of what it will feed.
  power: ({ parts, budget, byFindings }) =>
    parts.supplies.length === 0
      ? 'not-begun'
      : byFindings(budget.supplies.some(({ loads }) => loads.length > 0)),
  prove({ parts, proof, byFindings }) {
    if (parts.locks.length + parts.operators.length === 0) return 'not-begun';
    return proof.rows.some((row) => worstOf(row) !== 'pass') ? 'to-settle' : byFindings(true);
  },
  program({ plan, parts, door, byFindings }) {
    const anyone = Object.values(plan.people).some((person) => opensEver(plan, person, door.id));
    const language = languageOf(plan, parts.decider?.type.language);
    const id = parts.decider?.device.id ?? '';
    const memory = plan.memories[id];
    if (!language) return anyone ? byFindings(true) : 'not-begun';
    if (!memory) return anyone ? byFindings(false) : 'not-begun';
    const { target } = targetOf(
      plan,
      id,
      language,
      memory.programmingCode,
      doorTimes(plan, door.id, parts)?.unlock ?? 5,
    );
    const same = compareMemory(language, memory, target).every((line) => line.state === 'same');
    return same ? byFindings(true) : 'begun';
  },
  timing({ plan, door, parts, byFindings }) {
    const times = doorTimes(plan, door.id, parts);
    if (!times) return 'not-begun';
    const { unlock } = times.kept;
    return byFindings(unlock !== null && times.decider.device.settings[unlock] !== undefined);
  },
  test(context) {
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
  },
};

/** The mark of every station: a door is ready to hand over when all others are settled. */
export function marksOf(
  context: CheckContext,
  findings: readonly Finding[],
): Readonly<Record<StationId, StationMark>> {
  const has = (station: StationId, ...severities: Severity[]) =>
    findings.some((one) => one.station === station && severities.includes(one.severity));
  const byFindings =
    (station: StationId) =>
    (begun: boolean): StationMark => {
      if (has(station, 'stop', 'fix')) return 'to-settle';
      if (has(station, 'caution')) return 'to-consider';
      return begun ? 'settled' : 'not-begun';
    };
  const marks = Object.fromEntries(
    STATIONS.flatMap((station) =>
      station === 'hand-over'
        ? []
        : [[station, MARKS[station]({ ...context, findings, byFindings: byFindings(station) })]],
    ),
  ) as Record<Exclude<StationId, 'hand-over'>, StationMark>;
  const all = Object.values(marks).every((one) => one === 'settled');
  return { ...marks, 'hand-over': all ? 'settled' : 'not-begun' };
}
