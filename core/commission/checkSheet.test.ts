import { describe, expect, it } from 'vitest';
import { magnetDoor, mustApply, strikeDoor, wireBetween } from '../specimens/doors';
import { checkSheet, judgeReading } from './index';

describe('checkSheet', () => {
  const sheet = checkSheet(magnetDoor(), 'D01');
  it('goes from dead to live to function', () => {
    const phases = sheet.map((item) => item.phase);
    expect([...phases].sort((a, b) => phases.indexOf(a) - phases.indexOf(b))).toEqual(phases);
    expect(new Set(phases).size).toBe(3);
    expect(new Set(sheet.map((item) => item.id)).size).toBe(sheet.length);
  });
  it('expects what the engine says', () => {
    const rest = sheet.find((item) => item.task === 'lock-volts-rest');
    expect(rest?.expected).toBeCloseTo(13.2, 0);
    expect(sheet.find((item) => item.task === 'lock-volts-exit')?.expected).toBeCloseTo(0, 3);
    expect(sheet.find((item) => item.task === 'relock-seconds')?.expected).toBe(5);
  });
  it('tells a forgotten wire from a good one by its resistance', () => {
    const leg = sheet.find((item) => item.task === 'leg-continuity');
    expect(leg).toBeDefined();
    if (!leg) return;
    expect(judgeReading(leg, leg.expected ?? 0)).toBe(true);
    expect(judgeReading(leg, 1e6)).toBe(false);
  });
  it('expects an open contact to read open', () => {
    const item = checkSheet(strikeDoor(), 'D01').find((one) => one.task === 'contact-open');
    expect(item?.low).toBe(100_000);
  });
  it('has no continuity line for a leg that does not close', () => {
    const plan = magnetDoor();
    const broken = mustApply(plan, { kind: 'disconnect', id: wireBetween(plan, 'F1.NC', 'K1.COM1') });
    const ids = checkSheet(broken, 'D01').map((item) => item.id);
    expect(ids).not.toContain('ohms:D01/PS1.+V:D01/L1.+');
  });
});
