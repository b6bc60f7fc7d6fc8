import { writeAldaba, readAldaba } from '#core/formats/index';
import { doorsInOrder, type Plan } from '#core/plan/index';
import { verdictSteps } from '#core/verdict/index';
import { siteOf, withOtherLength } from '../core/specimens/site';
import { percentile } from './stats';

/** Doors on one supply: each its own, a few, many, and all that there are. */
const SHARED = [1, 4, 16, Infinity] as const;
const SIZES = [14, 50, 100, 200, 500] as const;
/** Doors on one supply beyond which a verdict is not measured: it grows with them. */
const MOST_SHARED = 200;

interface Figures {
  /** Milliseconds from the edit to what is wrong with the door, and to the remedies that were tried. */
  readonly first: number[];
  readonly complete: number[];
}

/** Edits a door and judges it, door after door, as the browser's worker does. */
function judgeAfterEdits(plan: Plan, count: number): Figures {
  const ids = doorsInOrder(plan).map(({ id }) => id);
  const first: number[] = [];
  const complete: number[] = [];
  let now = plan;
  for (let n = 0; n < count; n += 1) {
    const door = ids[Math.floor((n * ids.length) / count)]!;
    const start = performance.now();
    now = withOtherLength(now, door);
    const steps = verdictSteps(now, door);
    first.push(performance.now() - start);
    steps.complete();
    complete.push(performance.now() - start);
  }
  return { first, complete };
}

const ms = (value: number) => `${value.toFixed(value < 10 ? 1 : 0)} ms`;

/** How the cost of one door grows with the site, and with the doors that share its supply. */
export function benchSites(): void {
  console.log(
    'Edit to verdict in one thread, doors of a generated site in turn (first answer; with tried remedies)',
  );
  for (const perSupply of SHARED) {
    let before: number | null = null;
    for (const doors of SIZES) {
      const together = Math.min(perSupply, doors);
      const name = perSupply === 1 ? 'own supplies' : `${together} on one supply`;
      if (together > MOST_SHARED) {
        console.log(`  ${doors} doors, ${name}: not measured`);
        continue;
      }
      const plan = siteOf({ doors, perSupply: together });
      const count = together > 50 ? 2 : together > 4 ? 8 : 28;
      judgeAfterEdits(plan, Math.min(4, count));
      const { first, complete } = judgeAfterEdits(plan, count);
      const median = percentile(first, 50);
      const growth =
        before === null ? '' : `, ${(median / before).toFixed(2)} times the figure at ${SIZES[0]} doors`;
      if (perSupply !== Infinity) before ??= median;
      console.log(
        `  ${doors} doors, ${name}: median ${ms(median)}, p95 ${ms(percentile(first, 95))}; ` +
          `with remedies ${ms(percentile(complete, 50))}, p95 ${ms(percentile(complete, 95))}${growth}`,
      );
    }
  }
}

/** A file of a site read, looked at and put together. */
export function benchImport(): void {
  console.log('\nImport of a file, in one thread');
  for (const doors of SIZES) {
    const plan = siteOf({ doors });
    const text = JSON.stringify(writeAldaba(plan, { secrets: true }));
    const start = performance.now();
    const read = readAldaba(JSON.parse(text));
    const spent = performance.now() - start;
    if (!read.ok) throw new Error('the site could not be read');
    console.log(`  ${doors} doors, ${(text.length / 1e6).toFixed(2)} MB: ${ms(spent)}`);
  }
}
