import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import * as admission from '#core/admission/index';
import { publicPlan, type Edit } from '#core/plan/index';
import { quillhaven } from '#demo/quillhaven';
import { Backend } from './backendForTests';
import type { Keep } from './keep';
import { SiteStore } from './siteStore';
import type { Left } from './tabKeep';

/** A page that was kept in the browser: the whole site without its secrets, and no server. */
describe('SiteStore without the server', () => {
  let backend: Backend;
  let told: string[];
  const kept = new Map<string, string>();
  const keep: Keep = {
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => void kept.set(key, value),
    removeItem: (key) => void kept.delete(key),
  };
  let isUp = false;
  beforeEach(() => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    backend = new Backend(quillhaven());
    isUp = false;
    vi.stubGlobal('fetch', (...args: Parameters<Backend['fetch']>) =>
      isUp ? backend.fetch(...args) : Promise.reject(new TypeError('no network')),
    );
    told = [];
    kept.clear();
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  const open = (left: readonly Left[] = []) =>
    new SiteStore({
      plan: publicPlan(backend.live.plan),
      revision: backend.live.revision,
      complete: false,
      admission,
      author: () => 'me',
      keep,
      left: () => Promise.resolve(left),
      tell: (text) => told.push(text),
    });
  const note = (notes: string): Edit => ({ kind: 'setDoor', id: 'D02', patch: { notes } });
  const unsaved = (...edits: Edit[]) => ({
    pending: edits.map((edit, index) => ({ id: `left-${index}`, edit, label: 'x' })),
    aside: [],
  });
  const turn = (ms: number) => vi.advanceTimersByTimeAsync(ms);

  it('says so, keeps what is changed, and sends it when the server is back', async () => {
    const store = open();
    void store.complete();
    await turn(10);
    expect(store.getState()).toMatchObject({ reachable: false, complete: false });
    expect(store.dispatch(note('in the riser'), 'note')).toBe(true);
    await turn(30_000);
    expect(store.getState().status).toBe('offline');
    expect([...kept.values()].join()).toContain('in the riser');
    isUp = true;
    await turn(60_000);
    expect(backend.live.plan.doors['D02']?.notes).toBe('in the riser');
    expect(store.getState()).toMatchObject({ reachable: true, complete: true, status: 'saved' });
    expect(store.getState().plan).toEqual(backend.live.plan);
    expect(kept.size).toBe(0);
  });
  it('shows what tabs before it left, keeps it itself, and sends it', async () => {
    let taken = 0;
    const store = open([{ unsaved: unsaved(note('left behind')), taken: () => void (taken += 1) }]);
    void store.complete();
    await turn(10);
    expect(store.getState().plan.doors['D02']?.notes).toBe('left behind');
    expect([taken, [...kept.values()].join().includes('left behind')]).toEqual([1, true]);
    isUp = true;
    await turn(60_000);
    expect(backend.live.plan.doors['D02']?.notes).toBe('left behind');
    expect(kept.size).toBe(0);
  });
  it('leaves changes of people and codes, and what came after them, until the codes are there', async () => {
    const person = Object.keys(backend.live.plan.people)[0]!;
    const code: Edit = { kind: 'setPerson', id: person, patch: { name: 'Renamed in the riser' } };
    const store = open([{ unsaved: unsaved(note('first'), code, note('after it')), taken: () => {} }]);
    void store.complete();
    await turn(10);
    expect(store.getState().plan.doors['D02']?.notes).toBe('first');
    expect(store.dispatch(code, 'name')).toBe(false);
    expect(told.at(-1)).toContain('Codes are not kept without the network');
    isUp = true;
    await turn(60_000);
    expect(backend.live.plan.doors['D02']?.notes).toBe('after it');
    expect(backend.live.plan.people[person]).toMatchObject({
      name: 'Renamed in the riser',
      code: quillhaven().people[person]!.code,
    });
    expect(store.getState().aside).toEqual([]);
  });
});
