import { describe, expect, it } from 'vitest';
import type { Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import type { Trap } from '../specimens/trap';
import { TRAPS } from '../specimens/traps';
import { checkContext, runChecks, toPutRight } from './index';

const cellOf = (plan: Plan, { door, situation, side }: Trap) =>
  checkContext(plan, door).proof.rows.find((row) => row.situation === situation)?.cells[side];
const said = (plan: Plan, door: string) => runChecks(checkContext(plan, door));

describe('sites that look right and are not', () => {
  it('are sixty at least, of every class', () => {
    expect(TRAPS.length).toBeGreaterThanOrEqual(60);
    expect(new Set(TRAPS.map(({ name }) => name)).size).toBe(TRAPS.length);
    expect(new Set(TRAPS.map(({ of }) => of)).size).toBe(9);
  });

  it.each(TRAPS.map((trap) => [`${trap.of}: ${trap.name}`, trap] as const))('%s', (_, trap) => {
    const right = trap.make();
    const edits = trap.edits(right);
    const wrong = mustApply(right, ...edits);
    expect(cellOf(wrong, trap)?.verdict).toBe(trap.verdict);
    expect(said(wrong, trap.door).map(({ code }) => code)).toContain(trap.says);
    if (edits.length === 0) return;
    // Its sound twin: nothing is said there.
    expect(cellOf(right, trap)?.verdict ?? 'pass').toBe('pass');
    expect(
      said(right, trap.door)
        .filter(toPutRight)
        .map(({ code }) => code),
    ).toEqual([]);
  });
});
