import { describe, expect, it } from 'vitest';
import { applyEdit, type Edit, type Plan } from '#core/plan/index';
import { quillhaven } from '#demo/quillhaven';
import { pageOfDoor } from '../../server/pagePlan';
import { circuitOf } from './useBench';

const plan = quillhaven();
const after = (...edits: Edit[]): Plan =>
  edits.reduce((now, edit) => {
    const applied = applyEdit(now, edit);
    if (!applied.ok) throw new Error(applied.refusal.reason);
    return applied.plan;
  }, plan);

describe('the circuit that a bench stands for', () => {
  it('is the same in the part of the site that a page brings, and in the whole that follows', () => {
    for (const door of Object.keys(plan.doors)) {
      const part = JSON.parse(JSON.stringify(pageOfDoor(plan, door).plan)) as Plan;
      expect([door, circuitOf(part, door)]).toEqual([door, circuitOf(plan, door)]);
    }
  });
  it('is another after a change to a wire of it, and no other after one elsewhere', () => {
    const wire = Object.values(plan.conductors).find((one) => one.door === 'D03')!;
    const cut = after({ kind: 'disconnect', id: wire.id });
    expect(circuitOf(cut, 'D03')).not.toBe(circuitOf(plan, 'D03'));
    expect(circuitOf(cut, 'D10')).toBe(circuitOf(plan, 'D10'));
  });
});
