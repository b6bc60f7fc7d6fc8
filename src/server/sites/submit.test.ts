import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findType } from '#core/devices/index';
import { blankCard, applyDelta, applyEdit, type Edit, type Plan } from '#core/plan/index';
import { quillhaven } from '#demo/quillhaven';
import { magnetDoor, strikeDoor } from '../../../core/specimens/doors';
import { openDatabase } from '../db/open';
import { loadPlan } from '../db/planRepository';
import { liveSite } from './liveSite';
import { editsSince, recentEdits } from './log';
import { createSite, listSites, removeSite } from './siteList';
import { submitEdits } from './submit';
import { numberTried } from '../../../scripts/testSlice';

const at = '2026-11-24T10:00:00.000Z';
let count = 0;
const named = (edit: unknown, id = `edit-${(count += 1)}-xxxx`) => ({ id, edit });

function fresh(plan: Plan) {
  const db = openDatabase(':memory:');
  const site = createSite(db, plan, { author: 'test', at });
  const send = (base: number, ...edits: { id: string; edit: unknown }[]) => {
    const answer = submitEdits(db, site, { base, edits, author: 'test', at });
    if (!answer) throw new Error('no site');
    return answer;
  };
  const submit = (base: number, ...edits: unknown[]) => send(base, ...edits.map((edit) => named(edit)));
  const stored = () => {
    const found = loadPlan(db, site);
    if (!found) throw new Error('the site is gone');
    return found;
  };
  return { db, site, send, submit, stored };
}
const codes = ({ answers }: { answers: readonly { code: string }[] }) => answers.map(({ code }) => code);
const notes = (text: string): Edit => ({ kind: 'setDoor', id: 'D01', patch: { notes: text } });

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
  it('takes a removed site out with everything in it, and its id is free again', () => {
    const { db, site } = fresh(quillhaven());
    expect(removeSite(db, site)).toBe(true);
    expect(removeSite(db, site)).toBe(false);
    expect(listSites(db)).toEqual([]);
    for (const table of ['doors', 'devices', 'conductors', 'people', 'keypad_memories', 'edits'])
      expect(db.$client.prepare(`select count(*) as n from ${table}`).get()).toEqual({ n: 0 });
    expect(createSite(db, magnetDoor(), { author: '', at })).toBe('test');
    expect(liveSite(db, 'test')?.plan).toEqual(magnetDoor());
  });
});

describe('submitEdits', () => {
  const wire = Object.keys(magnetDoor().conductors)[0] ?? '';
  it('counts revisions and logs every edit with its author', () => {
    const { db, site, submit, stored } = fresh(magnetDoor());
    const answer = submit(
      1,
      { kind: 'disconnect', id: wire },
      { kind: 'setDoor', id: 'D01', patch: { name: 'Attic' } },
    );
    expect(answer).toMatchObject({ revision: 3, answers: [{ revision: 2 }, { revision: 3 }], catchUp: null });
    expect(stored().revision).toBe(3);
    expect(stored().plan.doors['D01']?.name).toBe('Attic');
    expect(recentEdits(db, site, 10)).toMatchObject([
      { revision: 3, author: 'test', doors: ['D01'] },
      { revision: 2 },
      { revision: 1 },
    ]);
  });
  it('keeps what fits, refuses what does not, and the log is the history of what was kept', () => {
    const { db, site, submit, stored } = fresh(magnetDoor());
    const answer = submit(
      1,
      { kind: 'disconnect', id: wire },
      { kind: 'disconnect', id: 'none' },
      notes('kept'),
      { kind: 'setDoor', id: 'D01', patch: { notes: 'x'.repeat(6000) } },
      { kind: 'explode' },
    );
    expect(codes(answer)).toEqual(['kept', 'refused', 'kept', 'refused', 'refused']);
    expect(answer.answers[3]).toMatchObject({ refusal: { reason: 'invalid', id: 'patch.notes' } });
    expect(stored().revision).toBe(3);
    expect(editsSince(db, site, 0).map(({ revision }) => revision)).toEqual([1, 2, 3]);
    // A refused batch does not keep the next from being written.
    expect(codes(submit(3, notes('again')))).toEqual(['kept']);
  });
  it('leaves neither a row nor a line in the log where the database refuses', () => {
    const { db, submit, stored, site } = fresh(magnetDoor());
    for (const act of ['insert', 'update'])
      db.$client.exec(
        `create trigger no_${act} before ${act} on doors begin select raise(abort, 'full'); end`,
      );
    expect(() => submit(1, { kind: 'disconnect', id: wire }, notes('x'))).toThrow('full');
    expect(stored()).toEqual({ plan: magnetDoor(), revision: 1 });
    expect(editsSince(db, site, 1)).toEqual([]);
    db.$client.exec('drop trigger no_insert; drop trigger no_update');
    expect(codes(submit(1, notes('now')))).toEqual(['kept']);
    expect(stored().revision).toBe(2);
  });
  it('keeps an edit once, however often it is sent', () => {
    const { send, stored } = fresh(magnetDoor());
    const added = named({ kind: 'setDoor', id: 'D01', patch: { notes: 'once' } });
    const gone = named({ kind: 'disconnect', id: wire });
    expect(codes(send(1, added, gone))).toEqual(['kept', 'kept']);
    // The answer was lost: the sender knows only revision 1, and has gone on.
    const more = named(notes('and more'));
    const again = send(1, added, gone, more);
    expect(again.answers).toMatchObject([{ revision: 2 }, { revision: 3 }, { code: 'kept', revision: 4 }]);
    expect(again.catchUp?.authors).toEqual([]);
    expect(stored().revision).toBe(4);
  });
  it('puts edits on top of what others did to other things, and says what was missed', () => {
    const { submit, stored } = fresh(quillhaven());
    const before = stored().plan;
    submit(1, { kind: 'setDoor', id: 'D02', patch: { name: 'By somebody else' } });
    const answer = submit(1, { kind: 'setDoor', id: 'D05', patch: { notes: 'mine' } });
    expect(codes(answer)).toEqual(['kept']);
    const { catchUp } = answer;
    expect(catchUp?.authors).toEqual(['test']);
    const caught = catchUp && 'delta' in catchUp ? applyDelta(before, catchUp.delta) : null;
    expect(caught).toEqual(stored().plan);
    // The difference, not the site.
    expect(JSON.stringify(catchUp).length).toBeLessThan(2000);
  });
  it('leaves an edit waiting that would change what others have changed, and all that follows it', () => {
    const { submit, stored } = fresh(quillhaven());
    submit(1, { kind: 'setDoor', id: 'D02', patch: { name: 'First' } });
    const answer = submit(
      1,
      { kind: 'setDoor', id: 'D02', patch: { notes: 'second' } },
      { kind: 'setDoor', id: 'D05', patch: { notes: 'x' } },
    );
    expect(codes(answer)).toEqual(['stale', 'stale']);
    expect(stored().revision).toBe(2);
    expect(codes(submit(2, { kind: 'setDoor', id: 'D02', patch: { notes: 'second' } }))).toEqual(['kept']);
  });
  it('sends the whole site to who is further back than it remembers, or ahead', () => {
    const { submit } = fresh(magnetDoor());
    submit(1, notes('a'));
    for (const base of [0, 99]) {
      const answer = submit(base, notes('b'));
      expect(codes(answer)).toEqual(['stale']);
      expect(answer.catchUp).toHaveProperty('plan');
    }
  });
  it('notices what another process wrote', () => {
    const { db, site, submit } = fresh(magnetDoor());
    expect(liveSite(db, site)?.revision).toBe(1);
    db.$client.prepare('update doors set notes = ? where id = ?').run('from outside', 'D01');
    db.$client.prepare('update sites set revision = 5').run();
    expect(liveSite(db, site)?.plan.doors['D01']?.notes).toBe('from outside');
    expect(codes(submit(5, notes('c')))).toEqual(['kept']);
  });
  it('swaps wire numbers in one batch although each is taken when the other moves', () => {
    const { submit, stored } = fresh(magnetDoor());
    const number = (id: string, to: string): Edit => ({ kind: 'setConductor', id, patch: { number: to } });
    const swap: Edit = {
      kind: 'batch',
      label: '',
      edits: [number('D01/W01', 'X'), number('D01/W02', 'W01'), number('D01/W01', 'W02')],
    };
    expect(codes(submit(1, swap))).toEqual(['kept']);
    expect(stored().plan.conductors['D01/W01']?.number).toBe('W02');
  });
  it('keeps the rows equal to the plan over any run of edits', () => {
    const ids = Object.keys(magnetDoor().conductors);
    const own = { ...findType('exit-touchless')!, id: 'own-touchless@1', version: 1 };
    const cable = Object.keys(magnetDoor().cables)[0] ?? '';
    const edit = fc.oneof(
      fc.constantFrom(...ids).map((id): Edit => ({ kind: 'disconnect', id })),
      fc.constantFrom('D01/L1', 'D01/X1', 'D01/K1').map((id): Edit => ({ kind: 'removeDevice', id })),
      fc.string({ maxLength: 20 }).map((name): Edit => ({ kind: 'setDoor', id: 'D01', patch: { name } })),
      fc.constantFrom<Edit>(
        { kind: 'removeDoor', id: 'D01' },
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
      ),
    );
    fc.assert(
      fc.property(fc.array(edit, { minLength: 1, maxLength: 8 }), (edits) => {
        const { submit, stored } = fresh(magnetDoor());
        let plan = magnetDoor();
        for (const one of edits) {
          const here = applyEdit(plan, one);
          const [answer] = submit(stored().revision, one).answers;
          // The tab and the server judge an edit alike, so that nothing shows that is not kept. Only control
          // characters are the schema's to refuse.
          if (answer?.code === 'refused' && answer.refusal.reason === 'invalid') continue;
          expect([one.kind, answer?.code]).toEqual([one.kind, here.ok ? 'kept' : 'refused']);
          if (here.ok) plan = here.plan;
        }
        expect(stored().plan).toEqual(plan);
      }),
      { numRuns: numberTried(60) },
    );
  });
  it('never logs a code or a card number', () => {
    const { db, site, submit } = fresh(strikeDoor());
    const person = {
      id: 'P1',
      name: 'Ines',
      role: 'user' as const,
      doors: ['D01'],
      code: '480216',
      cards: [blankCard(77, 61234)],
      slots: { 'D01/K1': 1 },
    };
    submit(1, { kind: 'addPerson', person });
    submit(2, {
      kind: 'batch',
      label: '',
      edits: [{ kind: 'setPerson', id: 'P1', patch: { code: '480217', cards: [blankCard(78, 61235)] } }],
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
    for (const secret of ['480216', '480217', '731946', '61234', '61235']) expect(log).not.toContain(secret);
    expect(log).toContain('Ines');
  });
});
