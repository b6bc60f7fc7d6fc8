import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { emptyPlan } from '../plan/index';
import { magnetDoor, mustApply, strikeDoor } from '../specimens/doors';
import { metres } from '../units/index';
import { doorTimes, LEAST_SECONDS } from '../door/index';
import { recommendUnlock } from './index';

describe('recommendUnlock', () => {
  it('is 5 s at the door and grows with the way', () => {
    expect(recommendUnlock({ readerDistance: metres(1), slowWalkers: false }).recommended).toBe(5);
    expect(recommendUnlock({ readerDistance: metres(6), slowWalkers: false }).recommended).toBe(8);
    expect(recommendUnlock({ readerDistance: metres(6), slowWalkers: true }).recommended).toBe(13);
  });
  it('never falls below the least, never with a longer way, and is whole seconds', () => {
    const distance = fc.double({ min: 0, max: 200, noNaN: true });
    fc.assert(
      fc.property(distance, distance, fc.boolean(), (a, b, slowWalkers) => {
        const of = (d: number) => recommendUnlock({ readerDistance: metres(d), slowWalkers }).recommended;
        const [near, far] = [Math.min(a, b), Math.max(a, b)];
        return of(near) >= LEAST_SECONDS && of(near) <= of(far) && Number.isInteger(of(far));
      }),
    );
  });
});

describe('doorTimes', () => {
  it('are those of the device that decides, with its defaults', () => {
    expect(doorTimes(magnetDoor(), 'D01')).toMatchObject({
      channel: 0,
      kept: { unlock: 'ch1.unlock', held: 'ch1.held' },
      unlock: 5,
      exit: 5,
      relock: 'close',
      held: 30,
    });
    expect(doorTimes(strikeDoor(), 'D01')).toMatchObject({ unlock: 5, relock: null, held: null });
    const set = mustApply(magnetDoor(), {
      kind: 'setSetting',
      device: 'D01/K1',
      setting: 'ch1.unlock',
      value: 8,
    });
    expect(doorTimes(set, 'D01')?.unlock).toBe(8);
  });
  it('are none where nothing decides', () => {
    expect(doorTimes(emptyPlan('s', 's'), 'D01')).toBeNull();
  });
});
