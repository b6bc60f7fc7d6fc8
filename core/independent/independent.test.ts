import { describe, expect, it } from 'vitest';
import { prove, type Cell } from '../prove/index';
import { atRest, buildWorld } from '../simulate/index';
import { random } from '../specimens/random';
import { randomDoor } from '../specimens/randomDoors';
import { against, together } from './compare';
import { IN_PART, opinionsOf } from './opinion';

/** Doors: some with the other tests, ten thousand with `npm run soak`. */
const DOORS = Number(process.env['SOAK'] ?? 0) > 0 ? 10_000 : 150;
const SEED = 20_261_201;
const SIDES = ['outside', 'inside'] as const;

/** A verdict about the leaf itself: latches against smoke, widths and keys for rescuers are not what is read a second time. */
const isOfTheLeaf = ({ unlatched, halfWidth, noWayIn }: Cell) => !unlatched && !halfWidth && !noWayIn;

describe('an independent reading of random doors', () => {
  it('agrees with every verdict that it has an opinion of', { timeout: 36_000_000 }, () => {
    const next = random(SEED);
    const count = { compared: 0, unread: 0, failing: 0 };
    const odd: string[] = [];
    for (let n = 0; n < DOORS; n += 1) {
      const { plan, door, text } = randomDoor(next);
      const world = buildWorld(plan, door);
      const { rows } = prove(plan, world, atRest(world));
      for (const [asked, opinion] of opinionsOf(plan, door)) {
        const row = rows.find(({ situation }) => situation === asked);
        if (!row) continue;
        if (!opinion) {
          count.unread += 1;
          continue;
        }
        for (const side of SIDES) {
          const cells = row.each.length > 0 ? row.each.map((one) => one.cells[side]) : [row.cells[side]];
          const cell = together(cells.filter(isOfTheLeaf));
          if (!cell || cells.length !== cells.filter(isOfTheLeaf).length) continue;
          if (cell.verdict === 'fail' && IN_PART.has(asked)) continue;
          const says = against(side, cell, opinion);
          if (says) odd.push(`door ${n}, ${text}, ${asked} ${side}: ${says}`);
          // The reading tells: of the opposite verdict it would say so.
          const opposite = cell.verdict === 'pass' ? 'fail' : 'pass';
          const isAsked = against(side, { ...cell, verdict: opposite }, opinion) !== null;
          if (cell.verdict === 'not-proven' || !isAsked) continue;
          count.compared += 1;
          if (cell.verdict === 'fail') count.failing += 1;
        }
      }
    }
    console.info(
      `${count.compared} verdicts read a second time, ${count.failing} of them fails; ${count.unread} situations were not read`,
    );
    expect(odd).toEqual([]);
    expect(count.compared).toBeGreaterThan(DOORS * 3);
    expect(count.failing).toBeGreaterThan(DOORS / 5);
    expect(count.unread).toBeLessThan(DOORS * 1.5);
  });
});
