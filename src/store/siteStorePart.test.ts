import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import * as admission from '#core/admission/index';
import type { Edit, Plan } from '#core/plan/index';
import { quillhaven } from '#demo/quillhaven';
import { pageOfDoor } from '../server/pagePlan';
import { catchUpFrom, secretsOf } from '../server/sites/catchUp';
import { Backend } from './backendForTests';
import { SiteStore } from './siteStore';

describe('SiteStore on a page that carries a part of the site', () => {
  let backend: Backend;
  let told: string[];
  let kept: Map<string, string>;
  /** Waits are turned, not waited out. */
  const settled = async (store: SiteStore) => {
    for (let n = 0; n < 40 && store.getState().status !== 'saved'; n += 1)
      await vi.advanceTimersByTimeAsync(2000);
    expect(store.getState().status).toBe('saved');
  };
  beforeEach(() => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    backend = new Backend(quillhaven());
    vi.stubGlobal('fetch', backend.fetch);
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

  const part = (plan: Plan) => pageOfDoor(plan, 'D02');
  const openPart = (plan: Plan) => {
    const page = part(plan);
    return new SiteStore({
      plan: page.plan,
      doors: page.doors,
      revision: 1,
      complete: false,
      admission,
      author: () => 'me',
      tell: (text) => told.push(text),
    });
  };

  it('fetches the rest and stands where the server stands', async () => {
    const store = openPart(backend.live.plan);
    expect(store.getState().doors).toEqual(part(backend.live.plan).doors);
    expect(Object.keys(store.getState().plan.devices).length).toBeLessThan(
      Object.keys(backend.live.plan.devices).length,
    );
    await store.complete();
    expect(store.getState()).toMatchObject({ doors: null, complete: true });
    expect(store.getState().plan).toEqual(backend.live.plan);
  });
  it('takes up what was not saved once, however often it is asked to', async () => {
    const item = { id: 'kept-over-reload', edit: { kind: 'setDoor', id: 'D02', patch: { notes: 'kept' } } };
    kept.set('aldaba.unsaved.quillhaven', JSON.stringify({ pending: [{ ...item, label: 'x' }], aside: [] }));
    const store = openPart(backend.live.plan);
    const before = backend.live.revision;
    await Promise.all([store.complete(), store.complete()]);
    await store.complete();
    await settled(store);
    expect(backend.live.plan.doors['D02']?.notes).toBe('kept');
    expect(backend.live.revision).toBe(before + 1);
  });
  it('keeps what an earlier load could not save while new changes are made before it is taken up', async () => {
    const keptEdit = { kind: 'setDoor', id: 'D02', patch: { notes: 'from before' } };
    const item = { id: 'kept-over-reload', edit: keptEdit, label: 'x' };
    kept.set('aldaba.unsaved.quillhaven', JSON.stringify({ pending: [item], aside: [] }));
    const store = openPart(backend.live.plan);
    backend.next = ['down'];
    store.dispatch({ kind: 'setDoor', id: 'D02', patch: { name: 'Attic' } }, 'name');
    await vi.advanceTimersByTimeAsync(10);
    // Should the tab be closed now, both are kept.
    const now = JSON.parse(kept.get('aldaba.unsaved.quillhaven') ?? '{}') as { pending: { id: string }[] };
    expect(now.pending).toHaveLength(2);
    await store.complete();
    await settled(store);
    expect(backend.live.plan.doors['D02']).toMatchObject({ name: 'Attic', notes: 'from before' });
    expect(store.getState().aside).toEqual([]);
    expect(kept.size).toBe(0);
  });
  it('does not set a change aside twice that was made before the rest was there', async () => {
    const store = openPart(backend.live.plan);
    backend.next = ['down', 'down'];
    store.dispatch({ kind: 'setDoor', id: 'D02', patch: { notes: 'typed' } }, 'notes');
    await vi.advanceTimersByTimeAsync(10);
    backend.apply({ kind: 'removeDoor', id: 'D02' });
    await store.complete();
    await settled(store);
    expect(store.getState().aside.map(({ edit }) => edit)).toEqual([
      { kind: 'setDoor', id: 'D02', patch: { notes: 'typed' } },
    ]);
  });
  it('keeps what was changed before the rest was there, on top of it', async () => {
    const store = openPart(backend.live.plan);
    const attic: Edit = { kind: 'setDoor', id: 'D02', patch: { name: 'Attic' } };
    store.dispatch(attic, 'name');
    await settled(store);
    backend.apply({ kind: 'setDoor', id: 'D07', patch: { name: 'By Mirela' } });
    await store.complete();
    expect(store.getState().plan).toEqual(backend.live.plan);
    expect(store.getState().plan.doors['D02']?.name).toBe('Attic');
  });
  it('fetches again what is older than what it has saved', async () => {
    const store = openPart(backend.live.plan);
    const before = backend.live;
    let asked = 0;
    const real = backend.fetch;
    vi.stubGlobal('fetch', async (url: string, init?: { method?: string; body?: string }) => {
      if (init?.method === 'POST') return real(url, init);
      asked += 1;
      if (asked > 1) return real(url, init);
      // While the first answer is on its way, an edit is saved.
      store.dispatch({ kind: 'setDoor', id: 'D02', patch: { name: 'Attic' } }, 'name');
      await vi.advanceTimersByTimeAsync(100);
      const body = { catchUp: catchUpFrom(before, -1), secrets: secretsOf(before).tables };
      return new Response(JSON.stringify(body));
    });
    await store.complete();
    expect(asked).toBe(2);
    expect(store.getState().plan.doors['D02']?.name).toBe('Attic');
    expect(store.getState().plan).toEqual(backend.live.plan);
  });
  it('takes news of doors that it does not hold yet', async () => {
    const store = openPart(backend.live.plan);
    backend.apply({ kind: 'setDoor', id: 'D07', patch: { name: 'By Mirela' } });
    store.catchUp(backend.live.revision);
    await vi.waitFor(() => expect(store.getState().plan.doors['D07']?.name).toBe('By Mirela'));
    await store.complete();
    expect(store.getState().plan).toEqual(backend.live.plan);
  });

  it('never asks for codes on behalf of somebody who may not see them, and changes none', async () => {
    const asked: string[] = [];
    const real = backend.fetch;
    vi.stubGlobal('fetch', (url: string, init?: { method?: string; body?: string }) => {
      asked.push(url);
      return real(url, init);
    });
    const page = part(backend.live.plan);
    const store = new SiteStore({
      plan: page.plan,
      doors: page.doors,
      revision: 1,
      complete: false,
      codes: false,
      admission,
      author: () => 'me',
      tell: (text) => told.push(text),
    });
    await store.complete();
    expect(asked.some((url) => url.includes('secrets'))).toBe(false);
    expect(store.getState()).toMatchObject({ doors: null, complete: false, codes: false });
    expect(store.getState().plan.memories).toEqual({});
    expect(Object.keys(store.getState().plan.devices)).toEqual(Object.keys(backend.live.plan.devices));
    const [id] = Object.keys(store.getState().plan.people);
    expect(store.dispatch({ kind: 'setPerson', id: id!, patch: { code: '1' } }, 'code')).toBe(false);
    expect(told.at(-1)).toContain('signed in without codes');
    expect(store.dispatch({ kind: 'setDoor', id: 'D02', patch: { name: 'x' } }, 'name')).toBe(true);
  });
});
