import fc from 'fast-check';
import { afterAll, describe, expect, it } from 'vitest';
import { admit } from '#core/admission/index';
import { checkSheet } from '#core/commission/index';
import { loopsSvg, parseAldaba, readAldaba, wiresCsv, writeAldaba } from '#core/formats/index';
import { traceLoops } from '#core/loops/index';
import {
  applyDelta,
  applyEdit,
  doorsInOrder,
  emptyPlan,
  planDelta,
  publicPlan,
  staleDoors,
  touchedDoors,
  type Plan,
} from '#core/plan/index';
import { billOfMaterials, cableSchedule, terminalCards, wireLabels } from '#core/schedule/index';
import { judge } from '#core/verdict/index';
import { findingReason, findingTitle, refusalWords } from '#words/index';
import { drawEdit } from '../../core/specimens/arbitraryEdits';
import { lobbyDoor, magnetDoor, strikeDoor } from '../../core/specimens/doors';
import { intercomPlan } from '../../core/specimens/intercom';
import { openDatabase } from './db/open';
import { loadPlan, savePlan } from './db/planRepository';
import { drawPages } from './drawPages';
import { createSite } from './sites/siteList';

/** Cases: some forty with the other tests, twenty thousand with `npm run soak`. */
const CASES = Number(process.env['SOAK'] || 40);
/** Every so many cases the slow views are drawn as well. */
const SLOW_EVERY = Number(process.env['SOAK'] ? 40 : 40);

const STARTS: readonly Plan[] = [magnetDoor(), strikeDoor(), lobbyDoor(), intercomPlan()];
const at = '2026-11-24T10:00:00.000Z';

/** Everything that is made from a plan without being asked twice: none of it may throw. */
function workOut(plan: Plan): void {
  for (const { id } of doorsInOrder(plan)) {
    const judgement = judge(plan, id);
    if (!judgement.ok) throw new Error(`door ${id} could not be judged: ${judgement.reason}`);
    for (const finding of judgement.verdict.findings)
      expect(findingTitle(finding).length + findingReason(finding).length).toBeGreaterThan(3);
    expect(structuredClone(judgement.verdict)).toEqual(judgement.verdict);
    traceLoops(plan, id);
    loopsSvg(plan, id);
    checkSheet(plan, id);
    cableSchedule(plan, id);
    billOfMaterials(plan, id);
    terminalCards(plan, id);
    wireLabels(plan, id);
  }
  wiresCsv(
    plan,
    doorsInOrder(plan).map(({ id }) => id),
  );
}

const file = openDatabase(':memory:');
afterAll(() => file.$client.close());

/** A plan through file, database and difference, and out again the same. */
function roundTrip(start: Plan, plan: Plan): void {
  const text = JSON.stringify(writeAldaba(plan, { secrets: true }));
  expect(parseAldaba(text)).toEqual({ ok: true, plan, notes: [] });
  // Without secrets it is a file as well.
  expect(readAldaba(writeAldaba(plan, { secrets: false }))).toMatchObject({ ok: true });
  const site = createSite(file, emptyPlan(plan.site.id, plan.site.name), { author: '', at });
  const named = { ...plan, site: { ...plan.site, id: site } };
  file.transaction((tx) => savePlan(tx, emptyPlan(site, plan.site.name), named, 2));
  expect(loadPlan(file, site)).toEqual({ plan: named, revision: 2 });
  file.$client.prepare('delete from sites').run();
  expect(applyDelta(start, structuredClone(planDelta(start, plan)))).toEqual(plan);
  expect(applyDelta(plan, structuredClone(planDelta(plan, start)))).toEqual(start);
  touchedDoors(start, plan).concat(staleDoors(start, plan));
  publicPlan(plan);
}

describe('whatever admission lets in', () => {
  let admitted = 0;
  let refused = 0;
  let cases = 0;
  const reasons = new Map<string, number>();

  it('is judged, drawn, written and read back, and taken back exactly', { timeout: 7_200_000 }, async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.gen(),
        fc.nat(STARTS.length - 1),
        fc.integer({ min: 1, max: 6 }),
        async (g, which, count) => {
          const start = STARTS[which]!;
          const draw = <T>(arbitrary: fc.Arbitrary<T>): T => g(() => arbitrary);
          let plan = start;
          for (let n = 0; n < count; n += 1) {
            const value = drawEdit(draw, plan);
            const result = admit(plan, value);
            if (!result.ok) {
              refused += 1;
              const { reason } = result.refusal;
              reasons.set(reason, (reasons.get(reason) ?? 0) + 1);
              expect(refusalWords(result.refusal).length).toBeGreaterThan(5);
              continue;
            }
            admitted += 1;
            // Let in once it is let in wherever it comes from: as JSON, and by the inverse of its inverse.
            const again = admit(plan, JSON.parse(JSON.stringify(value)));
            expect(again.ok && again.plan).toEqual(result.plan);
            const back = admit(result.plan, result.inverse);
            if (!back.ok) throw new Error(`undo is refused: ${JSON.stringify(back.refusal)}`);
            expect(back.plan).toEqual(plan);
            expect(applyEdit(back.plan, result.edit!)).toMatchObject({ ok: true });
            plan = result.plan;
          }
          cases += 1;
          workOut(plan);
          roundTrip(start, plan);
          if (cases % SLOW_EVERY === 0) await drawPages(plan);
          if (cases % 1000 === 0) console.info(`${cases} of ${CASES} plans`);
        },
      ),
      { numRuns: CASES, endOnFailure: true },
    );
    console.info(
      `${cases} plans after ${admitted} edits let in and ${refused} refused (${[...reasons].map(([reason, n]) => `${reason} ${n}`).join(', ')})`,
    );
    // Neither does admission let everything in, nor nothing.
    expect(admitted).toBeGreaterThan(CASES / 2);
    expect(refused).toBeGreaterThan(CASES / 4);
    expect(reasons.size).toBeGreaterThan(5);
  });
});
