import { sql } from 'drizzle-orm';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { blankPerson, sameContent, type Edit, type Plan } from '#core/plan/index';
import { quillhaven } from '#demo/quillhaven';
import { openDatabase } from '../db/open';
import { editBacks } from '../db/schema';
import { forget, liveSite } from './liveSite';
import { planAt } from './planAt';
import { createSite } from './siteList';
import { submitEdits } from './submit';
import { numberTried } from '../../../scripts/testSlice';

const at = '2026-11-24T10:00:00.000Z';
let count = 0;

/** A site with changes, and how it was at each revision. */
function changed(edits: readonly Edit[]) {
  const db = openDatabase(':memory:');
  const site = createSite(db, quillhaven(), { author: 'test', at });
  const states = new Map<number, Plan>([[1, liveSite(db, site)!.plan]]);
  for (const edit of edits) {
    const { revision } = liveSite(db, site)!;
    const id = `plan-at-${(count += 1)}-xx`;
    submitEdits(db, site, { base: revision, edits: [{ id, edit }], author: 'test', at });
    const live = liveSite(db, site)!;
    states.set(live.revision, live.plan);
  }
  return { db, site, states };
}

describe('planAt', () => {
  const edit = fc.oneof(
    fc.string({ maxLength: 12 }).map((notes): Edit => ({ kind: 'setDoor', id: 'D02', patch: { notes } })),
    fc.constantFrom('D05', 'D07', 'D11').map((id): Edit => ({ kind: 'removeDoor', id })),
    fc.integer({ min: 1, max: 9 }).map((n): Edit => ({ kind: 'disconnect', id: `D03/W0${n}` })),
    fc
      .string({ minLength: 1, maxLength: 10 })
      .map((reference): Edit => ({ kind: 'setSite', patch: { reference } })),
  );
  it('gives the site as it was at every revision, from the log alone', () => {
    fc.assert(
      fc.property(fc.array(edit, { minLength: 1, maxLength: 7 }), (edits) => {
        const { db, site, states } = changed(edits);
        // A server that was started anew holds the newest state and no other.
        forget(db, site);
        const live = liveSite(db, site)!;
        expect(live.history.size).toBe(1);
        for (const [revision, plan] of states)
          expect(sameContent(planAt(db, live, revision), plan)).toBe(true);
      }),
      { numRuns: numberTried(15) },
    );
  });
  it('reads what an earlier version kept as it would be today', () => {
    const person = { ...blankPerson('P90', 'Odd'), doors: ['D02'] };
    const { db, site, states } = changed([
      { kind: 'addPerson', person },
      { kind: 'removePerson', id: 'P90' },
    ]);
    // Before people had groups, levels and days.
    db.run(
      sql`update edit_backs set body = json_remove(body, '$.inverse.person.levels', '$.inverse.person.group', '$.inverse.person.until')`,
    );
    forget(db, site);
    const live = liveSite(db, site)!;
    for (const [revision, plan] of states) expect(planAt(db, live, revision)).toEqual(plan);
  });
  it('gives nothing where a change on the way is not kept, or there was no such revision', () => {
    const note = (notes: string): Edit => ({ kind: 'setDoor', id: 'D02', patch: { notes } });
    const { db, site } = changed([note('a'), note('b')]);
    forget(db, site);
    db.delete(editBacks).run();
    const live = liveSite(db, site)!;
    expect([0, 1, 2, 3, 4].map((revision) => planAt(db, live, revision)?.doors['D02']?.notes)).toEqual([
      undefined,
      undefined,
      undefined,
      'b',
      undefined,
    ]);
  });
});
