import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findType } from '#core/devices/index';
import { applyEdit, type Edit, type Plan } from '#core/plan/index';
import { quillhaven } from '#demo/quillhaven';
import { magnetDoor, strikeDoor } from '../../core/testing/doors';
import { openDatabase } from './db/open';
import { loadPlan } from './db/planRepository';
import { createSite, editsSince, listSites, recentEdits, submitEdits } from './siteService';

const at = '2026-11-24T10:00:00.000Z';
function fresh(plan: Plan) {
  const db = openDatabase(':memory:');
  const site = createSite(db, plan, { author: 'test', at });
  const submit = (base: number, ...edits: Edit[]) =>
    submitEdits(db, site, { base, edits, author: 'test', at });
  const stored = () => {
    const found = loadPlan(db, site);
    if (!found) throw new Error('the site is gone');
    return found;
  };
  return { db, site, submit, stored };
}

describe('createSite', () => {
  it('stores a plan in rows and gives it back unchanged', () => {
    for (const plan of [magnetDoor(), strikeDoor(), quillhaven()])
      expect(fresh(plan).stored().plan).toEqual(plan);
  });
  it('finds a free id beside a site that is there', () => {
    const { db } = fresh(magnetDoor());
    expect(createSite(db, magnetDoor(), { author: '', at })).toBe('test-2');
    expect(
      listSites(db)
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['test', 'test-2']);
  });
});

describe('submitEdits', () => {
  const wire = Object.keys(magnetDoor().conductors)[0] ?? '';
  it('counts revisions and logs every edit with its author', () => {
    const { db, site, submit, stored } = fresh(magnetDoor());
    expect(
      submit(1, { kind: 'disconnect', id: wire }, { kind: 'setDoor', id: 'D01', patch: { name: 'Attic' } }),
    ).toEqual({ ok: true, revision: 3 });
    expect(stored().revision).toBe(3);
    expect(stored().plan.doors['D01']?.name).toBe('Attic');
    expect(recentEdits(db, site, 10)).toMatchObject([
      { revision: 3, author: 'test', doors: ['D01'] },
      { revision: 2 },
      { revision: 1 },
    ]);
  });
  it('refuses a stale base, with what changed and how the site stands', () => {
    const { submit } = fresh(magnetDoor());
    submit(1, { kind: 'setDoor', id: 'D01', patch: { name: 'First' } });
    const result = submit(1, { kind: 'setDoor', id: 'D01', patch: { notes: 'second' } });
    expect(result).toMatchObject({
      ok: false,
      code: 'stale',
      current: { revision: 2 },
      missed: [{ revision: 2 }],
    });
  });
  it('applies all edits or none', () => {
    const { submit, stored } = fresh(magnetDoor());
    expect(submit(1, { kind: 'disconnect', id: wire }, { kind: 'disconnect', id: 'none' })).toMatchObject({
      ok: false,
      code: 'refused',
      index: 1,
    });
    expect(stored()).toEqual({ plan: magnetDoor(), revision: 1 });
  });
  it('swaps wire numbers in one batch although each is taken when the other moves', () => {
    const { submit, stored } = fresh(magnetDoor());
    const number = (id: string, to: string): Edit => ({ kind: 'setConductor', id, patch: { number: to } });
    const swap: Edit = {
      kind: 'batch',
      label: '',
      edits: [number('D01/W01', 'X'), number('D01/W02', 'W01'), number('D01/W01', 'W02')],
    };
    expect(submit(1, swap)).toMatchObject({ ok: true });
    expect(stored().plan.conductors['D01/W01']?.number).toBe('W02');
  });
  it('keeps the rows equal to the plan over any run of edits', () => {
    const ids = Object.keys(magnetDoor().conductors);
    const edit = fc.oneof(
      fc.constantFrom(...ids).map((id): Edit => ({ kind: 'disconnect', id })),
      fc.constantFrom('D01/L1', 'D01/X1', 'D01/K1').map((id): Edit => ({ kind: 'removeDevice', id })),
      fc.string({ maxLength: 20 }).map((name): Edit => ({ kind: 'setDoor', id: 'D01', patch: { name } })),
      fc.constant<Edit>({ kind: 'removeDoor', id: 'D01' }),
    );
    fc.assert(
      fc.property(fc.array(edit, { maxLength: 6 }), (edits) => {
        const { submit, stored } = fresh(magnetDoor());
        for (const one of edits) submit(stored().revision, one);
        const again = loadPlanTwice(stored().plan);
        expect(again.stored().plan).toEqual(stored().plan);
      }),
      { numRuns: 20 },
    );
  });
  it('keeps the rows equal to the plan with types, cables, schools, colours and settings changed', () => {
    const own = { ...findType('exit-touchless')!, id: 'own-touchless@1', version: 1 };
    const cable = Object.keys(magnetDoor().cables)[0] ?? '';
    const edit = fc.constantFrom<Edit>(
      { kind: 'addType', type: own },
      { kind: 'removeType', id: own.id },
      { kind: 'setDevice', id: 'D01/X1', patch: { type: own.id } },
      { kind: 'setDevice', id: 'D01/X1', patch: { place: 'outside' } },
      { kind: 'setCable', id: cable, cable: null },
      { kind: 'setCable', id: cable, cable: { ...magnetDoor().cables[cable]!, make: '4x0.5s' } },
      { kind: 'setDoor', id: 'D01', patch: { schools: { leg: 'minus', fire: 'supply-input' } } },
      { kind: 'setSite', patch: { colours: { plus: 'OG' } } },
      { kind: 'setSite', patch: { colours: {} } },
      { kind: 'setSetting', device: 'D01/K1', setting: 'ch1.unlock', value: 9 },
    );
    fc.assert(
      fc.property(fc.array(edit, { minLength: 1, maxLength: 8 }), (edits) => {
        const { submit, stored } = fresh(magnetDoor());
        let plan = magnetDoor();
        for (const one of edits) {
          const here = applyEdit(plan, one);
          const there = submit(stored().revision, one);
          // The tab and the server judge an edit alike, so that nothing shows that is not kept.
          expect([one.kind, there.ok]).toEqual([one.kind, here.ok]);
          if (here.ok) plan = here.plan;
        }
        expect(stored().plan).toEqual(plan);
      }),
      { numRuns: 40 },
    );
  });
  const loadPlanTwice = (plan: Plan) => fresh(plan);
  it('never logs a code', () => {
    const { db, site, submit } = fresh(strikeDoor());
    const person = {
      id: 'P1',
      name: 'Ines',
      role: 'user' as const,
      doors: ['D01'],
      code: '480216',
      card: null,
      slots: { 'D01/K1': 1 },
    };
    submit(1, { kind: 'addPerson', person });
    submit(2, {
      kind: 'batch',
      label: '',
      edits: [{ kind: 'setPerson', id: 'P1', patch: { code: '480217' } }],
    });
    submit(3, {
      kind: 'setMemory',
      device: 'D01/K1',
      memory: {
        device: 'D01/K1',
        programmingCode: '731946',
        slots: { 1: { code: '480217', card: null } },
        times: {},
      },
    });
    const log = JSON.stringify(editsSince(db, site, 0));
    for (const secret of ['480216', '480217', '731946']) expect(log).not.toContain(secret);
    expect(log).toContain('Ines');
  });
});
