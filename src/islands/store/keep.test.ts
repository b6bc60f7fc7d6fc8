import { describe, expect, it } from 'vitest';
import type { Edit } from '#core/plan/index';
import { parseEdit } from '#core/admission/index';
import { keepUnsaved, readKept, takeOlder, type Keep } from './keep';

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
