import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { magnetDoor, mustApply } from '../specimens/doors';
import { applyDelta, conductorsOf, planDelta, type Edit, type Plan } from './index';

/** Edits that fit the magnet door one after the other, whichever are chosen. */
const EDITS: readonly ((plan: Plan) => Edit | null)[] = [
  (plan) => {
    const wire = conductorsOf(plan, 'D01')[0];
    return wire ? { kind: 'disconnect', id: wire.id } : null;
  },
  (plan) => {
    const wire = conductorsOf(plan, 'D01').at(-1);
    return wire ? { kind: 'setConductor', id: wire.id, patch: { colour: 'PK' } } : null;
  },
  () => ({ kind: 'setSite', patch: { name: 'Another name' } }),
  () => ({ kind: 'setDoor', id: 'D01', patch: { notes: 'seen' } }),
  (plan) => (plan.devices['D01/X1'] ? { kind: 'removeDevice', id: 'D01/X1' } : null),
  () => ({ kind: 'setSetting', device: 'D01/K1', setting: 'ch1.unlock', value: 9 }),
];

describe('planDelta', () => {
  it('gives the later state again, through a copy as between two threads', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(EDITS.length - 1), { maxLength: 8 }), (chosen) => {
        const before = magnetDoor();
        const after = chosen.reduce((plan, index) => {
          const edit = EDITS[index]!(plan);
          return edit ? mustApply(plan, edit) : plan;
        }, before);
        const delta = structuredClone(planDelta(before, after));
        expect(applyDelta(structuredClone(before), delta)).toEqual(after);
      }),
    );
  });
  it('is empty where nothing changed, and holds one entry where one did', () => {
    const plan = magnetDoor();
    expect(planDelta(plan, plan)).toEqual({ set: {}, gone: {} });
    const after = mustApply(plan, EDITS[5]!(plan)!);
    expect(planDelta(plan, after)).toEqual({
      set: { devices: { 'D01/K1': after.devices['D01/K1'] } },
      gone: {},
    });
  });
});
