import { describe, expect, it } from 'vitest';
import type { Edit } from '#core/plan/index';
import { parseEdit } from '#core/admission/index';
import { keepUnsaved, readKept, takeOlder, unsealed, type Keep } from './keep';
import { sealerOf } from './seal';

function storage(room = Infinity): Keep & { kept: Map<string, string> } {
  const kept = new Map<string, string>();
  return {
    kept,
    getItem: (key) => kept.get(key) ?? null,
    setItem: (key, value) => {
      if (value.length > room) throw new DOMException('full', 'QuotaExceededError');
      kept.set(key, value);
    },
    removeItem: (key) => void kept.delete(key),
  };
}
const edit: Edit = { kind: 'setDoor', id: 'D01', patch: { notes: 'x' } };
const item = { id: 'item-0001', edit, label: 'note' };
const aside = { ...item, id: 'item-0002', why: { kind: 'too-large' } as const };

describe('keepUnsaved and readKept', () => {
  it('bring back what was pending and what stood aside, site by site', () => {
    const keep = storage();
    expect(keepUnsaved('a', { pending: [item], aside: [aside] }, keep)).toBe(true);
    expect(readKept('a', keep)).toEqual({ pending: [item], aside: [aside] });
    expect(readKept('b', keep)).toBeNull();
  });
  it('leave nothing behind once everything is saved', () => {
    const keep = storage();
    keepUnsaved('a', { pending: [item], aside: [] }, keep);
    keepUnsaved('a', { pending: [], aside: [] }, keep);
    expect(keep.kept.size).toBe(0);
    expect(readKept('a', keep)).toBeNull();
  });
  it('say so where the browser has no room, and keep what was there', () => {
    const keep = storage(200);
    keepUnsaved('a', { pending: [item], aside: [] }, keep);
    const many = Array.from({ length: 50 }, () => item);
    expect(keepUnsaved('a', { pending: many, aside: [] }, keep)).toBe(false);
    expect(readKept('a', keep)?.pending).toEqual([item]);
  });
  it('take up what the version before kept: bare edits, and only those that still are edits', () => {
    const keep = storage();
    keep.kept.set('aldaba.pending.a', JSON.stringify([edit, { kind: 'nonsense' }, 7, null]));
    const read = takeOlder('a', parseEdit, keep);
    expect(read.map((one) => one.edit)).toEqual([edit]);
    expect(read[0]?.id).toMatch(/^[\w-]{8,60}$/);
    expect(keep.kept.has('aldaba.pending.a')).toBe(false);
  });
  it('do not fall over what somebody else has put there', () => {
    for (const text of ['', '{', 'null', '7', '"x"', '[]', '{"pending":null}']) {
      const keep = storage();
      keep.kept.set('aldaba.unsaved.a', text);
      keep.kept.set('aldaba.pending.a', text);
      expect([text, readKept('a', keep), takeOlder('a', parseEdit, keep)]).toEqual([text, null, []]);
    }
  });
});

describe('what a browser keeps of codes', () => {
  const keyOf = (letter: string) => btoa(letter.repeat(32));
  const sealer = sealerOf(keyOf('a'));
  const secret = (id: string, edit: Edit) => ({ id, edit, label: 'code' });
  const code = secret('item-0003', { kind: 'setPerson', id: 'P1', patch: { code: '480216' } });
  const inBatch = secret('item-0004', { kind: 'batch', label: '', edits: [code.edit, edit] });
  const all = { pending: [item, code, inBatch], aside: [{ ...code, why: { kind: 'too-large' } as const }] };
  it('cannot be read in its storage, and comes back with the key', () => {
    const keep = storage();
    expect(keepUnsaved('a', all, keep, sealer)).toBe(true);
    expect([...keep.kept.values()].join()).not.toContain('480216');
    expect([...keep.kept.values()].join()).toContain('"notes":"x"');
    expect(unsealed(readKept('a', keep)!, sealer)).toEqual({ open: all, shut: null });
    // Kept again before it is opened, as by a tab that has no key, it is still what it was.
    keepUnsaved('a', readKept('a', keep)!, keep, null);
    expect(unsealed(readKept('a', keep)!, sealer).open).toEqual(all);
  });
  it('is nothing where there is no key yet: it waits in its tab', () => {
    const keep = storage();
    keepUnsaved('a', all, keep, null);
    expect([...keep.kept.values()].join()).not.toContain('480216');
    expect(readKept('a', keep)).toEqual({ pending: [item], aside: [] });
  });
  it('stays shut for another key, or altered, and the rest opens', () => {
    const keep = storage();
    keepUnsaved('a', all, keep, sealer);
    const kept = readKept('a', keep)!;
    for (const other of [null, sealerOf(keyOf('b'))]) {
      const { open, shut } = unsealed(kept, other);
      expect([open, shut?.pending.map(({ id }) => id)]).toEqual([
        { pending: [item], aside: [] },
        ['item-0003', 'item-0004'],
      ]);
    }
    const text = sealer.seal('x');
    expect([sealer.open(text), sealer.open(text.slice(0, -4)), sealer.open('?')]).toEqual(['x', null, null]);
    expect(sealer.seal('x')).not.toBe(text);
  });
});
