import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sameContent, type Edit, type Plan } from '#core/plan/index';
import { quillhaven } from '#demo/quillhaven';
import { magnetDoor } from '../../../core/specimens/doors';
import { openDatabase } from '../db/open';
import { loadPlan } from '../db/planRepository';
import { backOf, editsSince, recentEdits } from './log';
import { createSite } from './siteList';
import { submitEdits } from './submit';
import { numberTried } from '../../../scripts/testSlice';

const at = '2026-11-24T10:00:00.000Z';
let count = 0;

function fresh(plan: Plan) {
  const db = openDatabase(':memory:');
  const site = createSite(db, plan, { author: 'test', at });
  const stored = () => loadPlan(db, site)!;
  const submit = (...edits: Edit[]) =>
    submitEdits(db, site, {
      base: stored().revision,
      edits: edits.map((edit) => ({ id: `back-${(count += 1)}-xxxx`, edit })),
      author: 'test',
      at,
    })!;
  return { db, site, stored, submit };
}

describe('backOf', () => {
  it('brings a removed door back as it was, people and keypad memories among it', () => {
    const { db, site, stored, submit } = fresh(quillhaven());
    const before = stored().plan;
    const { revision } = submit({ kind: 'removeDoor', id: 'D02' });
    expect(stored().plan.doors['D02']).toBeUndefined();
    submit({ kind: 'setDoor', id: 'D01', patch: { notes: 'meanwhile' } });
    const back = backOf(db, site, revision)!;
    expect(back.left.find(({ id }) => id === 'D02')?.after).toBeNull();
    expect(submit(back.inverse).answers).toEqual([expect.objectContaining({ code: 'kept' })]);
    const after = stored().plan;
    expect(sameContent({ ...after, doors: {} }, { ...before, doors: {} })).toBe(true);
    expect(after.doors['D02']).toEqual(before.doors['D02']);
    expect(after.doors['D01']?.notes).toBe('meanwhile');
  });
  it('takes any run of changes back, newest first', () => {
    const edit = fc.oneof(
      fc.string({ maxLength: 20 }).map((notes): Edit => ({ kind: 'setDoor', id: 'D01', patch: { notes } })),
      fc.constantFrom('L1', 'K1', 'PS1').map((tag): Edit => ({ kind: 'removeDevice', id: `D01/${tag}` })),
      fc.integer({ min: 1, max: 9 }).map((n): Edit => ({ kind: 'disconnect', id: `D01/W0${n}` })),
      fc.string({ minLength: 1, maxLength: 10 }).map((name): Edit => ({ kind: 'setSite', patch: { name } })),
    );
    fc.assert(
      fc.property(fc.array(edit, { minLength: 1, maxLength: 6 }), (edits) => {
        const { db, site, stored, submit } = fresh(magnetDoor());
        const before = stored().plan;
        for (const one of edits) submit(one);
        const kept = recentEdits(db, site, 50).filter(({ back }) => back);
        for (const { revision } of kept) submit(backOf(db, site, revision)!.inverse);
        expect(sameContent(stored().plan, before)).toBe(true);
        expect(stored().revision).toBe(1 + 2 * kept.length);
      }),
      { numRuns: numberTried(25) },
    );
  });
  it('keeps codes out of the log anyway, and says where there is no way back', () => {
    const { db, site, stored, submit } = fresh(quillhaven());
    const [person] = Object.values(stored().plan.people).filter(({ code }) => code.length > 3);
    const { revision } = submit({ kind: 'removePerson', id: person!.id });
    expect(JSON.stringify(backOf(db, site, revision))).toContain(person!.code);
    expect(JSON.stringify(editsSince(db, site, 0))).not.toContain(person!.code);
    // The line by which the site began is none to take back.
    expect(recentEdits(db, site, 9).map(({ back }) => back)).toEqual([true, false]);
    expect(backOf(db, site, 1)).toBeNull();
  });
});
