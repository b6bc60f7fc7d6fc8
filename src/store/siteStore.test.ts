import * as admission from '#core/admission/index';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { blankCard, blankPerson, publicPlan, type Edit, type Plan } from '#core/plan/index';
import { magnetDoor, mustApply, strikeDoor } from '../../core/specimens/doors';
import { Backend } from './backendForTests';
import { SiteStore } from './siteStore';

const name = (text: string): Edit => ({ kind: 'setDoor', id: 'D01', patch: { name: text } });
const notes = (text: string): Edit => ({ kind: 'setDoor', id: 'D01', patch: { notes: text } });

describe('SiteStore', () => {
  let backend: Backend;
  let told: string[];
  let kept: Map<string, string>;
  const open = (plan = magnetDoor(), complete = true) =>
    new SiteStore({
      plan,
      revision: 1,
      complete,
      admission,
      author: () => 'me',
      tell: (text) => told.push(text),
    });
  /** Waits are turned, not waited out. */
  const settled = async (store: SiteStore) => {
    for (let n = 0; n < 40 && store.getState().status !== 'saved'; n += 1)
      await vi.advanceTimersByTimeAsync(2000);
    expect(store.getState().status).toBe('saved');
  };
  const begin = (plan: Plan) => {
    backend = new Backend(plan);
    vi.stubGlobal('fetch', backend.fetch);
  };

  beforeEach(() => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    begin(magnetDoor());
    told = [];
    kept = new Map();
    vi.stubGlobal('sessionStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    });
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  it('shows an edit at once and saves it behind', async () => {
    const store = open();
    store.dispatch(name('Attic'), 'name');
    expect(store.getState()).toMatchObject({ status: 'saving', canUndo: 'name' });
    expect(store.getState().plan.doors['D01']?.name).toBe('Attic');
    expect(store.isUnsaved()).toBe(true);
    await settled(store);
    expect(store.isUnsaved()).toBe(false);
    expect(backend.live.plan.doors['D01']?.name).toBe('Attic');
    expect(kept.size).toBe(0);
  });

  it('undoes and redoes, and the server follows', async () => {
    const store = open();
    store.dispatch(name('Attic'), 'name');
    store.undo();
    expect(store.getState()).toMatchObject({ canUndo: null, canRedo: 'name' });
    store.redo();
    await settled(store);
    expect(backend.live.plan.doors['D01']?.name).toBe('Attic');
  });

  it('puts its own edits on top of what others did meanwhile, and says who', async () => {
    const store = open();
    backend.apply(name('By somebody else'));
    store.dispatch(notes('By me'), 'note');
    await settled(store);
    expect(store.getState().plan.doors['D01']).toMatchObject({ name: 'By somebody else', notes: 'By me' });
    expect(backend.live.plan).toEqual(store.getState().plan);
    expect(told.join()).toContain('Mirela');
  });

  it('catches up with news, also with news that came in while it was sending', async () => {
    const store = open();
    store.dispatch(notes('By me'), 'note');
    store.catchUp(3);
    await vi.waitFor(() => expect(backend.live.revision).toBe(2));
    backend.apply(name('By somebody else'));
    store.catchUp(3);
    await vi.waitFor(() =>
      expect(store.getState().plan.doors['D01']).toMatchObject({ name: 'By somebody else', notes: 'By me' }),
    );
  });

  it('sets only the edit aside that no longer fits, keeps what was typed, and says so', async () => {
    const store = open();
    const wire = Object.keys(backend.live.plan.conductors)[0] ?? '';
    backend.apply({ kind: 'disconnect', id: wire });
    store.dispatch({ kind: 'setConductor', id: wire, patch: { cable: 'x' } }, 'change');
    store.dispatch(notes('kept'), 'note');
    await settled(store);
    await vi.waitFor(() => expect(told.join()).toContain('could not be saved'));
    expect(store.getState().aside).toMatchObject([{ edit: { kind: 'setConductor', id: wire } }]);
    expect(backend.live.plan.doors['D01']?.notes).toBe('kept');
    expect(store.isUnsaved()).toBe(true);
    store.letGo(store.getState().aside[0]!.id);
    expect(store.isUnsaved()).toBe(false);
  });

  it('keeps what the server never saw, over a reload of the tab', async () => {
    backend.next = ['down', 'down'];
    const store = open();
    store.dispatch(notes('typed in the lift'), 'note');
    await vi.waitFor(() => expect(store.getState().status).toBe('offline'));
    store.close();
    backend.next = [];
    const reloaded = open();
    await reloaded.complete();
    await settled(reloaded);
    expect(backend.live.plan.doors['D01']?.notes).toBe('typed in the lift');
  });

  it('takes up what an older version of Aldaba had kept', async () => {
    kept.set('aldaba.pending.test', JSON.stringify([notes('from before'), { kind: 'nonsense' }]));
    const store = open();
    await store.complete();
    await settled(store);
    expect(backend.live.plan.doors['D01']?.notes).toBe('from before');
    expect(kept.size).toBe(0);
  });

  it.each([400, 401, 403, 404, 413, 421, 429, 500, 503])(
    'loses nothing on one answer of %i',
    async (status) => {
      backend.next = [status];
      const store = open();
      store.dispatch(name('first'), 'name');
      store.dispatch(notes('second'), 'note');
      await settled(store);
      expect(backend.live.plan.doors['D01']).toMatchObject({ name: 'first', notes: 'second' });
      expect(store.getState().aside).toEqual([]);
      expect(told).toEqual([]);
    },
  );

  it('refuses an edit that does not fit, does nothing and says why', () => {
    const store = open();
    expect(store.dispatch({ kind: 'disconnect', id: 'none' }, 'x')).toBe(false);
    expect(store.dispatch({ kind: 'setDoor', id: 'D01', patch: { notes: 'x'.repeat(6000) } }, 'x')).toBe(
      false,
    );
    expect(store.getState()).toMatchObject({ version: 0, canUndo: null });
    expect(told[0]).toContain('Nothing was changed');
    expect(told[1]).toContain('patch.notes');
  });

  it('asks before an undo replaces what somebody else has changed since', async () => {
    const store = open();
    store.dispatch(name('mine'), 'name');
    await settled(store);
    backend.apply(name('theirs'));
    store.catchUp(3);
    await vi.waitFor(() => expect(store.getState().plan.doors['D01']?.name).toBe('theirs'));
    store.undo();
    expect(store.getState().asking).toMatchObject({
      which: 'undo',
      overwrites: [{ collection: 'doors', id: 'D01' }],
    });
    expect(store.getState().plan.doors['D01']?.name).toBe('theirs');
    store.leaveAsking();
    store.undo(true);
    expect(store.getState().plan.doors['D01']?.name).toBe('Door D01');
    await settled(store);
  });

  it('keeps an undo that no longer fits among what could not be saved', async () => {
    const store = open();
    const wire = Object.values(backend.live.plan.conductors)[0]!;
    store.dispatch({ kind: 'disconnect', id: wire.id }, 'remove');
    await settled(store);
    backend.apply({ kind: 'connect', conductor: { ...wire, id: 'D01/other' } });
    store.catchUp(3);
    await vi.waitFor(() => expect(store.getState().plan.conductors['D01/other']).toBeDefined());
    store.undo(true);
    expect(store.getState().aside).toMatchObject([
      { label: 'remove', why: { refusal: { reason: 'number-taken' } } },
    ]);
  });

  it('changes nothing secret before it knows the secrets, and then gets them right', async () => {
    const person = {
      ...blankPerson('P1', 'Ines'),
      doors: ['D01'],
      code: '480216',
      cards: [blankCard(1, 2)],
      slots: {},
    };
    const plan = mustApply(strikeDoor(), { kind: 'addPerson', person });
    begin(plan);
    const store = open(publicPlan(plan), false);
    expect(store.getState().plan.people['P1']).toMatchObject({ code: '', cards: [] });
    expect(store.dispatch({ kind: 'removePerson', id: 'P1' }, 'remove')).toBe(false);
    await store.complete();
    expect(store.getState()).toMatchObject({ complete: true, plan: { people: { P1: person } } });
    store.dispatch({ kind: 'removePerson', id: 'P1' }, 'remove');
    store.undo();
    await settled(store);
    expect(backend.live.plan.people['P1']).toEqual(person);
  });

  it('changes nothing before edits can be looked at, says so, and then takes them', async () => {
    let ready = (_it: typeof admission): void => {};
    const later = new Promise<typeof admission>((resolve) => (ready = resolve));
    const store = new SiteStore({
      plan: magnetDoor(),
      revision: 1,
      admission: () => later,
      author: () => 'me',
      tell: (text) => told.push(text),
    });
    void store.makeReady();
    expect(store.getState().ready).toBe(false);
    expect(store.dispatch(name('Attic'), 'name')).toBe(false);
    expect(store.fits(name('Attic'))).toBe(false);
    expect(told.at(-1)).toContain('still loading');
    ready(admission);
    await vi.advanceTimersByTimeAsync(0);
    expect(store.getState().ready).toBe(true);
    expect(store.fits(name('Attic'))).toBe(true);
    expect(store.dispatch(name('Attic'), 'name')).toBe(true);
    await settled(store);
    expect(backend.live.plan.doors['D01']?.name).toBe('Attic');
  });

  it('tries again where what looks at edits could not be fetched', async () => {
    let tries = 0;
    const store = new SiteStore({
      plan: magnetDoor(),
      revision: 1,
      admission: () => {
        tries += 1;
        return tries < 3 ? Promise.reject(new Error('no network')) : Promise.resolve(admission);
      },
      author: () => 'me',
      tell: (text) => told.push(text),
    });
    void store.makeReady();
    for (let n = 0; n < 3; n += 1) await vi.advanceTimersByTimeAsync(2000);
    expect([tries, store.getState().ready]).toEqual([3, true]);
  });
});
