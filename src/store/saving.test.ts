import { describe, expect, it } from 'vitest';
import { publicPlan, type Edit, type Plan } from '#core/plan/index';
import { magnetDoor, mustApply } from '../../core/specimens/doors';
import {
  isUnsaved,
  MOST_ITEMS,
  MOST_WEIGHT,
  startSaving,
  step,
  STRIKES,
  type Effect,
  type Event,
  type Item,
  type Saving,
} from './saving';

const plan = magnetDoor();
const notes = (text: string): Edit => ({ kind: 'setDoor', id: 'D01', patch: { notes: text } });
let count = 0;
const item = (edit: Edit): Item => ({ id: `item-${(count += 1)}`, edit, label: 'x' });

/** The machine with what happens to it, one event after the other. */
class Run {
  state: Saving;
  effects: Effect[] = [];
  constructor(start: Plan = plan) {
    this.state = startSaving(start, 1);
  }
  step(event: Event): this {
    const { next, effects } = step(this.state, event);
    this.state = next;
    this.effects = [...effects];
    return this;
  }
  edit(edit: Edit): Item {
    const one = item(edit);
    this.step({ kind: 'edited', item: one, plan: mustApply(this.state.shown, edit) });
    return one;
  }
  get sent() {
    return this.effects.find((effect) => effect.kind === 'send');
  }
  kinds(): string[] {
    return this.effects.map(({ kind }) => kind);
  }
  keep(...items: Item[]): this {
    let { revision } = this.state;
    const answers = items.map(({ id }) => ({ id, code: 'kept' as const, revision: (revision += 1) }));
    return this.step({ kind: 'answered', revision, answers, catchUp: null });
  }
}

describe('an edit', () => {
  it('shows at once, is kept over a reload, and is sent with the base it was made on', () => {
    const run = new Run();
    const one = run.edit(notes('a'));
    expect(run.state.shown.doors['D01']?.notes).toBe('a');
    expect(run.state.confirmed).toBe(plan);
    expect(run.kinds()).toEqual(['keep', 'send']);
    expect(run.sent).toMatchObject({ base: 1, items: [{ id: one.id }], withdraw: [] });
    expect(isUnsaved(run.state)).toBe(true);
  });
  it('waits for the answer to the one before it, and goes with the others that waited', () => {
    const run = new Run();
    const one = run.edit(notes('a'));
    const two = run.edit(notes('b'));
    expect(run.kinds()).toEqual(['keep']);
    const three = run.edit(notes('c'));
    run.keep(one);
    expect(run.sent).toMatchObject({ base: 2, items: [{ id: two.id }, { id: three.id }] });
    run.keep(two, three);
    expect(run.state).toMatchObject({ status: 'saved', pending: [], revision: 4 });
    expect(run.state.confirmed).toEqual(run.state.shown);
    expect(isUnsaved(run.state)).toBe(false);
  });
  it('goes in loads that the server takes, by number and by weight', () => {
    const run = new Run();
    run.edit(notes('first'));
    for (let n = 0; n < 450; n += 1) run.edit(notes(`n${n}`));
    run.keep(run.state.pending[0]!);
    expect(run.sent?.kind === 'send' && run.sent.items.length).toBe(MOST_ITEMS);
    const heavy = new Run();
    heavy.edit(notes('first'));
    for (let n = 0; n < 120; n += 1) heavy.edit(notes(String(n).padEnd(5000, '.')));
    heavy.keep(heavy.state.pending[0]!);
    const items = heavy.sent?.kind === 'send' ? heavy.sent.items : [];
    expect(items.length).toBeGreaterThan(30);
    expect(JSON.stringify(items).length).toBeLessThan(MOST_WEIGHT * 1.2);
  });
  it('that is heavier than any load goes alone', () => {
    const run = new Run();
    const huge: Edit = {
      kind: 'batch',
      label: '',
      edits: Array.from({ length: 80 }, () => notes('x'.repeat(4900))),
    };
    run.edit(huge);
    expect(run.sent?.kind === 'send' && run.sent.items.length).toBe(1);
  });
});

describe('trouble', () => {
  it('without an answer is waited out, longer each time, and everything is sent again', () => {
    const run = new Run();
    const one = run.edit(notes('a'));
    const waits: number[] = [];
    for (let n = 0; n < 8; n += 1) {
      run.step({ kind: 'unreached' });
      expect(run.state.status).toBe('offline');
      const wait = run.effects.find((effect) => effect.kind === 'wait');
      waits.push(wait?.kind === 'wait' ? wait.ms : 0);
      run.step({ kind: 'due' });
      expect(run.sent).toMatchObject({ items: [{ id: one.id }] });
    }
    expect(waits).toEqual([...waits].sort((a, b) => a - b));
    expect(waits.at(-1)).toBe(30_000);
    run.keep(one);
    expect(run.state).toMatchObject({ status: 'saved', failures: 0 });
  });
  it.each([401, 403, 404, 408, 425, 429, 502, 503, 504])(
    'of status %i never costs an edit, however often',
    (status) => {
      const run = new Run();
      run.edit(notes('a'));
      run.edit(notes('b'));
      for (let n = 0; n < 20; n += 1) run.step({ kind: 'failed', status, message: '' }).step({ kind: 'due' });
      expect(run.state.pending).toHaveLength(2);
      expect(run.state.aside).toEqual([]);
    },
  );
  it('waits as long as the server asks', () => {
    const run = new Run();
    run.edit(notes('a'));
    run.step({ kind: 'failed', status: 429, message: '', after: 17_000 });
    expect(run.effects).toContainEqual({ kind: 'wait', ms: 17_000 });
  });
  it('says signed out, and site gone, for what they are', () => {
    for (const [status, shown] of [
      [401, 'signed-out'],
      [404, 'gone'],
      [500, 'trouble'],
    ] as const) {
      const run = new Run();
      run.edit(notes('a'));
      expect(run.step({ kind: 'failed', status, message: '' }).state.status).toBe(shown);
    }
  });
  it('with a load that is too large is met by smaller loads, without waiting', () => {
    const run = new Run();
    run.edit(notes('first'));
    for (let n = 0; n < 9; n += 1) run.edit(notes(`n${n}`));
    run.keep(run.state.pending[0]!);
    run.step({ kind: 'failed', status: 413, message: '' });
    expect(run.sent?.kind === 'send' && run.sent.items.length).toBe(4);
    run.step({ kind: 'failed', status: 413, message: '' }).step({ kind: 'failed', status: 413, message: '' });
    expect(run.sent?.kind === 'send' && run.sent.items.length).toBe(1);
    const [first] = run.state.pending;
    run.step({ kind: 'failed', status: 413, message: '' });
    // Alone it is too large: it stands aside with its text, and the others go on.
    expect(run.state.aside).toMatchObject([{ id: first!.id, why: { kind: 'too-large' } }]);
    expect(run.state.pending).toHaveLength(8);
    expect(run.kinds()).toContain('toldAside');
  });
  it('with one of many edits is found by sending each alone; only that one is set aside', () => {
    const run = new Run();
    const good = run.edit(notes('good'));
    const poison = run.edit(notes('poison'));
    const more = run.edit(notes('more'));
    run.keep(good);
    run.step({ kind: 'failed', status: 422, message: 'not understood' }).step({ kind: 'due' });
    expect(run.sent).toMatchObject({ items: [{ id: poison.id }] });
    for (let n = 1; n < STRIKES; n += 1)
      run.step({ kind: 'failed', status: 422, message: 'not understood' }).step({ kind: 'due' });
    run.step({ kind: 'failed', status: 422, message: 'not understood' });
    expect(run.state.aside).toMatchObject([
      { id: poison.id, edit: poison.edit, why: { kind: 'not-understood', message: 'not understood' } },
    ]);
    expect(run.sent).toMatchObject({ items: [{ id: more.id }], withdraw: [poison.id] });
  });
  it('of a server that stumbles over one edit is told from a server that is ill', () => {
    const stumble = (run: Run) => {
      for (let n = 0; n < STRIKES; n += 1)
        run.step({ kind: 'failed', status: 500, message: '' }).step({ kind: 'due' });
    };
    const ill = new Run();
    ill.edit(notes('a'));
    for (let n = 0; n < STRIKES; n += 1) {
      ill.step({ kind: 'failed', status: 500, message: '' });
      if (n < STRIKES - 1) ill.step({ kind: 'due' });
    }
    // Before the edit is blamed, something else is asked of the server.
    expect(ill.kinds()).toEqual(['fetch']);
    ill.step({ kind: 'fetchFailed' });
    expect(ill.state.aside).toEqual([]);
    expect(ill.state.pending).toHaveLength(1);
    const poison = new Run();
    poison.edit(notes('a'));
    stumble(poison);
    poison.step({ kind: 'caughtUp', catchUp: { revision: 1, authors: [], delta: { set: {}, gone: {} } } });
    expect(poison.state.aside).toMatchObject([{ why: { kind: 'breaks-server' } }]);
  });
});

describe('others', () => {
  const theirs = mustApply(plan, { kind: 'setDoor', id: 'D01', patch: { name: 'theirs' } });
  const delta = { set: { doors: { D01: theirs.doors['D01']! } }, gone: {} };

  it('are taken over, with what is pending on top, and named', () => {
    const run = new Run();
    const one = run.edit(notes('mine'));
    run.step({
      kind: 'answered',
      revision: 2,
      answers: [{ id: one.id, code: 'stale' }],
      catchUp: { revision: 2, authors: ['Mirela'], delta },
    });
    expect(run.state.shown.doors['D01']).toMatchObject({ name: 'theirs', notes: 'mine' });
    expect(run.effects).toContainEqual({ kind: 'toldOthers', authors: ['Mirela'], own: 1 });
    expect(run.sent).toMatchObject({ base: 2, items: [{ id: one.id }] });
  });
  it('are fetched when there is news, but only once what is pending has gone', () => {
    const run = new Run();
    const one = run.edit(notes('mine'));
    run.step({ kind: 'news', revision: 7 });
    expect(run.kinds()).toEqual([]);
    run.keep(one);
    expect(run.effects).toContainEqual({ kind: 'fetch', since: 2 });
    run.step({ kind: 'caughtUp', catchUp: { revision: 7, authors: [], delta } });
    expect(run.state).toMatchObject({ revision: 7, status: 'saved' });
  });
  it('make an edit that no longer fits stand aside: told, kept, and the server is told not to take it', () => {
    const wire = Object.keys(plan.conductors)[0]!;
    const run = new Run();
    const one = run.edit({ kind: 'setConductor', id: wire, patch: { cable: 'x' } });
    const two = run.edit(notes('stays'));
    run.step({
      kind: 'answered',
      revision: 2,
      answers: [{ id: one.id, code: 'stale' }],
      catchUp: { revision: 2, authors: ['Mirela'], delta: { set: {}, gone: { conductors: [wire] } } },
    });
    expect(run.state.aside).toMatchObject([{ id: one.id, why: { refusal: { reason: 'missing' } } }]);
    expect(run.sent).toMatchObject({ items: [{ id: two.id }], withdraw: [one.id] });
    run.step({
      kind: 'answered',
      revision: 3,
      answers: [
        { id: two.id, code: 'kept', revision: 3 },
        { id: one.id, code: 'withdrawn' },
      ],
      catchUp: null,
    });
    expect(run.state.aside).toMatchObject([{ id: one.id, settled: true }]);
    expect(run.state.status).toBe('saved');
  });
  it('do not make an edit stand aside whose answer is still out: it may be kept already', () => {
    const wire = Object.keys(plan.conductors)[0]!;
    const run = new Run();
    const one = run.edit({ kind: 'disconnect', id: wire });
    run.step({ kind: 'unreached' }).step({ kind: 'due' });
    // The server had it all the time: it answers with the same edit kept, and what became of the site.
    run.step({
      kind: 'answered',
      revision: 2,
      answers: [{ id: one.id, code: 'kept', revision: 2 }],
      catchUp: { revision: 2, authors: [], delta: { set: {}, gone: { conductors: [wire] } } },
    });
    expect(run.state).toMatchObject({ aside: [], pending: [], status: 'saved' });
  });
  it('are not undone by an edit that was kept before the tab caught up with them', () => {
    const run = new Run();
    const one = run.edit({ kind: 'setDoor', id: 'D01', patch: { name: 'mine' } });
    run.step({ kind: 'unreached' });
    // It was kept as 2; somebody else renamed the door as 3, and the tab heard of both before it sent again.
    run.state = { ...run.state, waiting: false, fetching: true };
    run.step({ kind: 'caughtUp', catchUp: { revision: 3, authors: [], delta } });
    run.step({
      kind: 'answered',
      revision: 3,
      answers: [{ id: one.id, code: 'kept', revision: 2 }],
      catchUp: null,
    });
    expect(run.state.shown.doors['D01']?.name).toBe('theirs');
  });
  it('may have brought the server back to an older state: the tab follows', () => {
    const run = new Run();
    run.step({ kind: 'news', revision: 9 });
    run.step({ kind: 'caughtUp', catchUp: { revision: 4, authors: [], plan: publicPlan(theirs) } });
    expect(run.state).toMatchObject({ revision: 4, seen: 4, status: 'saved' });
  });
});

describe('what stands aside', () => {
  const withAside = () => {
    const run = new Run();
    const one = run.edit(notes('a'));
    run.step({
      kind: 'answered',
      revision: 1,
      answers: [{ id: one.id, code: 'refused', refusal: { reason: 'invalid', id: '', message: 'x' } }],
      catchUp: null,
    });
    return { run, one };
  };
  it('is shown no more in the plan, and kept over a reload', () => {
    const { run, one } = withAside();
    expect(run.state.shown).toEqual(plan);
    expect(run.state.aside).toMatchObject([{ id: one.id, settled: true }]);
    expect(run.kinds()).toContain('keep');
    expect(isUnsaved(run.state)).toBe(true);
  });
  it('is tried again under a new name, or let go', () => {
    const { run, one } = withAside();
    run.step({ kind: 'tryAgain', id: one.id, newId: 'new-name' });
    expect(run.state.aside).toEqual([]);
    expect(run.sent).toMatchObject({ items: [{ id: 'new-name', edit: one.edit }] });
    const { run: other, one: two } = withAside();
    other.step({ kind: 'letGo', id: two.id });
    expect(isUnsaved(other.state)).toBe(false);
    expect(other.step({ kind: 'tryAgain', id: two.id, newId: 'x' }).effects).toEqual([]);
  });
  it('comes back with what was pending when a tab is loaded anew', () => {
    const { run } = withAside();
    const one = run.edit(notes('pending'));
    const again = new Run();
    again.step({ kind: 'recalled', pending: run.state.pending, aside: run.state.aside });
    expect(again.state.shown.doors['D01']?.notes).toBe('pending');
    expect(again.state.aside).toHaveLength(1);
    expect(again.sent).toMatchObject({ items: [{ id: one.id }] });
  });
});
