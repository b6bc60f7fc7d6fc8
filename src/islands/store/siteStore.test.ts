import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { applyEdit, type Edit, type Plan } from '#core/plan/index';
import { magnetDoor } from '../../../core/testing/doors';
import { SiteStore } from './siteStore';

/** A server in memory: what the real one does with bases and revisions, nothing else. */
class Backend {
  plan: Plan = magnetDoor();
  revision = 1;
  down = false;
  apply(edit: Edit): void {
    const result = applyEdit(this.plan, edit);
    if (!result.ok) throw new Error('refused');
    this.plan = result.plan;
    this.revision += 1;
  }
  readonly fetch = async (_url: string, init?: { body: string }): Promise<Response> => {
    if (this.down) throw new TypeError('no network');
    if (!init) return new Response(JSON.stringify({ plan: this.plan, revision: this.revision }));
    const { base, edits } = JSON.parse(init.body) as { base: number; edits: Edit[] };
    const answer = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status });
    if (base !== this.revision) {
      const { plan, revision } = this;
      return answer(
        {
          error: { code: 'stale', message: '', current: { plan, revision }, missed: [{ author: 'Mirela' }] },
        },
        409,
      );
    }
    for (const edit of edits) this.apply(edit);
    return answer({ revision: this.revision });
  };
}

const name = (text: string): Edit => ({ kind: 'setDoor', id: 'D01', patch: { name: text } });
const notes = (text: string): Edit => ({ kind: 'setDoor', id: 'D01', patch: { notes: text } });

describe('SiteStore', () => {
  let backend: Backend;
  let told: string[];
  let kept: Map<string, string>;
  const open = () =>
    new SiteStore({ plan: magnetDoor(), revision: 1, author: () => 'me', tell: (text) => told.push(text) });
  const settled = async (store: SiteStore) => vi.waitFor(() => expect(store.getState().status).toBe('saved'));

  beforeEach(() => {
    backend = new Backend();
    told = [];
    kept = new Map();
    vi.stubGlobal('fetch', backend.fetch);
    vi.stubGlobal('sessionStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => kept.set(key, value),
      removeItem: (key: string) => kept.delete(key),
    });
  });
  afterEach(() => vi.unstubAllGlobals());

  it('shows an edit at once and saves it behind', async () => {
    const store = open();
    store.dispatch(name('Attic'), 'name');
    expect(store.getState()).toMatchObject({ status: 'saving', canUndo: 'name' });
    expect(store.getState().plan.doors['D01']?.name).toBe('Attic');
    await settled(store);
    expect(backend.plan.doors['D01']?.name).toBe('Attic');
    expect(kept.size).toBe(0);
  });

  it('undoes and redoes, and the server follows', async () => {
    const store = open();
    store.dispatch(name('Attic'), 'name');
    store.undo();
    expect(store.getState()).toMatchObject({ canUndo: null, canRedo: 'name' });
    store.redo();
    await settled(store);
    expect(backend.plan.doors['D01']?.name).toBe('Attic');
  });

  it('puts its own edits on top of what others did meanwhile', async () => {
    const store = open();
    backend.apply(name('By somebody else'));
    store.dispatch(notes('By me'), 'note');
    await settled(store);
    expect(store.getState().plan.doors['D01']).toMatchObject({ name: 'By somebody else', notes: 'By me' });
    expect(backend.plan.doors['D01']).toMatchObject({ name: 'By somebody else', notes: 'By me' });
    expect(told.join()).toContain('Mirela');
  });

  it('catches up with news that came in while it was sending', async () => {
    const store = open();
    store.dispatch(notes('By me'), 'note');
    // The other tab's change lands right behind this one's, and its news arrives before this one's answer.
    const news = store.catchUp(3);
    await vi.waitFor(() => expect(backend.revision).toBe(2));
    backend.apply(name('By somebody else'));
    await news;
    await vi.waitFor(() =>
      expect(store.getState().plan.doors['D01']).toMatchObject({ name: 'By somebody else', notes: 'By me' }),
    );
  });

  it('drops only the edit that no longer fits, and says so', async () => {
    const store = open();
    const wire = Object.keys(backend.plan.conductors)[0] ?? '';
    backend.apply({ kind: 'disconnect', id: wire });
    store.dispatch({ kind: 'setConductor', id: wire, patch: { cable: 'x' } }, 'change');
    store.dispatch(notes('kept'), 'note');
    await settled(store);
    expect(told.join()).toContain('no longer fits');
    expect(backend.plan.doors['D01']?.notes).toBe('kept');
  });

  it('keeps what the server never saw, over a reload of the tab', async () => {
    backend.down = true;
    const store = open();
    store.dispatch(notes('typed in the lift'), 'note');
    await vi.waitFor(() => expect(store.getState().status).toBe('offline'));
    backend.down = false;
    const reloaded = open();
    reloaded.recall();
    await settled(reloaded);
    expect(backend.plan.doors['D01']?.notes).toBe('typed in the lift');
  });

  it('refuses an edit that does not fit, changes nothing and says why', () => {
    const store = open();
    expect(store.dispatch({ kind: 'disconnect', id: 'none' }, 'x')).toBe(false);
    expect(store.getState()).toMatchObject({ version: 0, canUndo: null });
    expect(told[0]).toContain('Nothing was changed');
  });
});
