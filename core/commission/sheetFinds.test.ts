import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { conductorsOf, deviceOf, type Plan } from '../plan/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { traceLoops } from '../loops/index';
import { checkSheet, isStale, judgeReading, latestReadings, type CheckItem } from './index';

const doors = HARDWARE_SETS.map(
  ({ id, electricalEgress }) => [id, wiredDoor(id, electricalEgress ? MAGNET_BRIEF : STRIKE_BRIEF)] as const,
);

/** What a person would find who works through the good door's sheet at a door that is wired otherwise. */
function failing(sheet: readonly CheckItem[], reality: Plan): CheckItem[] {
  const real = new Map(checkSheet(reality, 'D01').map((item) => [item.id, item]));
  return sheet.filter((item) => {
    if (item.expected === null) return false;
    const found = real.get(item.id);
    // A leg that no longer closes has no line of its own there: its meter reads open.
    return !judgeReading(item, found?.expected ?? Infinity);
  });
}

describe.each(doors)('the check sheet of %s', (_, plan) => {
  const sheet = checkSheet(plan, 'D01');
  it('passes at the door it was made for', () => {
    expect(failing(sheet, plan)).toEqual([]);
    for (const item of sheet) {
      if (item.low !== null && item.high !== null) expect(item.low).toBeLessThanOrEqual(item.high);
      expect(item.where.every((end) => /^[^.]+\.[^.]+$/.test(end))).toBe(true);
    }
  });
  it('finds every missing wire of lock power, exits and feeds', () => {
    const loops = traceLoops(plan, 'D01').filter(({ kind }) => ['lock-power', 'exit', 'feed'].includes(kind));
    const wires = new Set(
      loops.flatMap((loop) =>
        loop.shape === 'round'
          ? [loop.supply, loop.back].flatMap((leg) =>
              leg.complete ? leg.steps.flatMap((step) => (step.kind === 'wire' ? [step.conductor] : [])) : [],
            )
          : [],
      ),
    );
    const missed = conductorsOf(plan, 'D01')
      .filter(({ id }) => wires.has(id))
      .filter(({ id }) => failing(sheet, mustApply(plan, { kind: 'disconnect', id })).length === 0)
      .map(({ number, from, to }) => `${number} ${from} ${to}`);
    expect(missed).toEqual([]);
  });
  it('finds every device that was left out', () => {
    for (const device of Object.values(plan.devices)) {
      const wired = conductorsOf(plan, 'D01').some(({ from, to }) =>
        [from, to].some((end) => deviceOf(end) === device.id),
      );
      const carries = sheet.some(({ where }) => where.some((end) => end.startsWith(`${device.tag}.`)));
      if (!wired || !carries) continue;
      const without = mustApply(plan, { kind: 'removeDevice', id: device.id });
      expect([device.tag, failing(sheet, without).length > 0]).toEqual([device.tag, true]);
    }
  });
});

describe('readings', () => {
  const plan = doors[0]![1];
  const item = checkSheet(plan, 'D01').find(({ task }) => task === 'lock-volts-rest')!;
  const reading = (id: string, at: string, value: number) => ({
    id,
    door: 'D01',
    check: item.id,
    value,
    passed: true,
    low: item.low,
    high: item.high,
    by: '',
    at,
    note: '',
    meter: '',
    serial: '',
    withdrawn: null,
  });
  it('the newest of a check counts, whatever the order of taking', () => {
    const later = mustApply(
      plan,
      { kind: 'addReading', reading: reading('r2', '2026-11-20T10:00:00.000Z', 13) },
      { kind: 'addReading', reading: reading('r1', '2026-11-19T10:00:00.000Z', 9) },
    );
    expect(latestReadings(later, 'D01').get(item.id)?.value).toBe(13);
    expect(latestReadings(later, 'D02').size).toBe(0);
  });
  it('go stale as soon as the plan expects something else', () => {
    const taken = reading('r1', '2026-11-19T10:00:00.000Z', item.expected!);
    expect(isStale(item, taken)).toBe(false);
    const wire = conductorsOf(plan, 'D01').find(({ to, from }) =>
      [from, to].includes(terminalOf('D01/L1.+')),
    )!;
    const thin = mustApply(plan, { kind: 'setConductor', id: wire.id, patch: { length: 400 as never } });
    const now = checkSheet(thin, 'D01').find(({ id }) => id === item.id)!;
    expect(isStale(now, taken)).toBe(true);
  });
});
