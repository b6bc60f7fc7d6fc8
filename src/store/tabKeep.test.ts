import { describe, expect, it } from 'vitest';
import type { Item } from './saving';
import { keepUnsaved, readKept } from './keep';
import { tabKeep } from './tabKeep';

/** Storage and locks as a browser has them, shared by all its tabs; `close` ends a tab. */
function browser() {
  const kept: Record<string, string> = {};
  const storage = new Proxy(kept, {
    get: (target, key: string) =>
      ({
        getItem: (name: string) => target[name] ?? null,
        setItem: (name: string, value: string) => (target[name] = value),
        removeItem: (name: string) => delete target[name],
      })[key] ?? target[key],
  }) as unknown as Storage;
  const held = new Map<string, () => void>();
  const request = async (name: string, options: unknown, use?: unknown): Promise<unknown> => {
    const run = (use ?? options) as (lock: object | null) => unknown;
    if (held.has(name)) return run(null);
    const ended = new Promise<void>((resolve) => held.set(name, resolve));
    const done = Promise.resolve(run({ name })).finally(() => held.delete(name));
    return Promise.race([done, ended]);
  };
  const close = (tab: string) => {
    held.get(`aldaba.tab.${tab}`)?.();
    held.delete(`aldaba.tab.${tab}`);
  };
  const open = (tab: string, older?: Storage) =>
    tabKeep(tab, storage, { request } as unknown as LockManager, older);
  return { kept, storage, open, close };
}

const item = (id: string): Item => ({
  id,
  edit: { kind: 'setDoor', id: 'D01', patch: { notes: id } },
  label: 'note',
});
const unsaved = (id: string) => ({ pending: [item(id)], aside: [] });

describe('tabKeep', () => {
  it('keeps what a tab has not saved beyond its end, and gives it to the next one', async () => {
    const { open, close, kept } = browser();
    keepUnsaved('x', unsaved('riser'), open('one').keep);
    close('one');
    const two = open('two');
    const [left, ...more] = await two.left('x');
    expect([left?.unsaved, more]).toEqual([unsaved('riser'), []]);
    // It is still there until somebody has it.
    expect(Object.keys(kept)).toHaveLength(1);
    left?.taken();
    expect(kept).toEqual({});
  });
  it('never takes what a tab that is still open has not saved', async () => {
    const { open, kept } = browser();
    keepUnsaved('x', unsaved('typing'), open('one').keep);
    expect(await open('two').left('x')).toEqual([]);
    expect(Object.keys(kept)).toHaveLength(1);
  });
  it('gives it to one of two that open at once', async () => {
    const { open, close } = browser();
    keepUnsaved('x', unsaved('riser'), open('one').keep);
    close('one');
    const found = await Promise.all([open('two').left('x'), open('three').left('x')]);
    expect(found.map((list) => list.length).sort()).toEqual([0, 1]);
  });
  it('keeps the sites apart', async () => {
    const { open, close } = browser();
    const one = open('one');
    keepUnsaved('x', unsaved('a'), one.keep);
    keepUnsaved('x2', unsaved('b'), one.keep);
    close('one');
    const left = await open('two').left('x');
    expect(left.map(({ unsaved: { pending } }) => pending.map(({ id }) => id))).toEqual([['a']]);
  });
  it('takes over what a version before it kept for the tab alone', () => {
    const { open, kept } = browser();
    const older = browser();
    keepUnsaved('x', unsaved('before'), older.storage);
    const { keep } = open('one', older.storage);
    expect(readKept('x', keep)).toEqual(unsaved('before'));
    keepUnsaved('x', unsaved('before'), keep);
    expect([Object.keys(kept).length, older.kept]).toEqual([1, {}]);
  });
});
