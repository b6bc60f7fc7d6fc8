import { random } from '../core/specimens/random';
import { behaviour } from '../core/specimens/behaviour';
import { describe, expect, it } from 'vitest';
import { checkContext, runRules, toPutRight } from '#core/checks/index';
import { applyEdit, type DoorId, type Plan } from '#core/plan/index';
import { singleMistakes } from '../core/specimens/mistakes';
import { DOORS } from './doors';
import { quillhaven } from './quillhaven';
import { numberTried } from '../scripts/testSlice';

/** Mistakes tried at each door, of the several hundred that each has. */
const TRIED = 22;

interface Sweep {
  readonly changed: number;
  /** Mistakes that change what the door does and raise nothing to be put right. */
  readonly missed: readonly string[];
}

function sweep(plan: Plan, door: DoorId): Sweep {
  const right = behaviour(checkContext(plan, door));
  const all = singleMistakes(plan, door);
  const next = random(20_261_125 + door.charCodeAt(2));
  const missed: string[] = [];
  let changed = 0;
  for (let n = 0; n < numberTried(TRIED); n += 1) {
    const mistake = all[Math.floor(next() * all.length)]!;
    const result = applyEdit(plan, mistake.edit);
    if (!result.ok) continue;
    const context = checkContext(result.plan, door);
    if (behaviour(context) === right) continue;
    changed += 1;
    const found = runRules(context).some(toPutRight);
    if (!found) missed.push(`${door}: ${mistake.text}`);
  }
  return { changed, missed };
}

describe('random single mistakes on every demo door', () => {
  it('are found, at least 95 of 100 of those that change what the door does', { timeout: 600_000 }, () => {
    const plan = quillhaven({ mistakes: false });
    const results = DOORS.filter(({ set }) => set !== null).map(({ id }) => sweep(plan, id));
    const changed = results.reduce((sum, one) => sum + one.changed, 0);
    const missed = results.flatMap((one) => one.missed);
    console.info(
      `${changed} mistakes changed what a door does; ${missed.length} raised nothing to be put right:` +
        missed.map((text) => `\n  ${text}`).join(''),
    );
    expect(changed).toBeGreaterThan(numberTried(80));
    expect(missed.length / changed).toBeLessThanOrEqual(0.05);
  });
});
