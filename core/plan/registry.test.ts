import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SCHEMAS } from '../admission/index';
import { everything } from '../specimens/everything';
import { magnetDoor, mustApply } from '../specimens/doors';
import {
  applyEdit,
  changedEntries,
  COLLECTIONS,
  emptyPlan,
  findIn,
  kindOf,
  planDelta,
  staleDoors,
  touchedDoors,
  VERBS,
  type Collection,
  type Edit,
  type Plan,
} from './index';

/** An edit by its kind's verb, made from what the plan holds. */
function editOf(
  plan: Plan,
  collection: Collection,
  verb: 'add' | 'set' | 'remove' | 'put',
  id: string,
): Edit | null {
  const { verbs, as, key } = kindOf(collection);
  const name = (verbs as Record<string, string>)[verb];
  if (!name) return null;
  const entity = plan[collection][id] as unknown as Record<string, unknown>;
  const body: Record<string, unknown> = { kind: name };
  if (verb === 'add') body[as] = entity;
  if (verb === 'remove') body['id'] = id;
  if (verb === 'set') Object.assign(body, { id, patch: {} });
  if (verb === 'put') Object.assign(body, { [key]: id, [as]: null });
  return body as unknown as Edit;
}

describe('the registry', () => {
  const plan = everything();

  it('holds one of every kind for these tests', () => {
    for (const collection of COLLECTIONS)
      expect([collection, Object.keys(plan[collection]).length > 0]).toEqual([collection, true]);
  });

  it('describes each collection once, by different names, with a schema of its own', () => {
    const kinds = COLLECTIONS.map((collection) => kindOf(collection));
    for (const field of ['list', 'as', 'word'] as const)
      expect(new Set(kinds.map((kind) => kind[field])).size).toBe(kinds.length);
    expect(Object.keys(SCHEMAS).sort()).toEqual([...COLLECTIONS].sort());
    expect(VERBS.size).toBe(kinds.reduce((sum, { verbs }) => sum + Object.keys(verbs).length, 0));
  });

  it('stands in an order in which every kind comes after those it names', () => {
    for (const [index, collection] of COLLECTIONS.entries())
      for (const { to } of kindOf(collection).refs) expect(COLLECTIONS.indexOf(to)).toBeLessThan(index);
  });

  it.each(COLLECTIONS.map((one) => [one]))(
    '%s: what admission keeps is what its own schema gives back',
    (collection) => {
      for (const entity of Object.values<object>(plan[collection])) {
        const parsed = SCHEMAS[collection].safeParse(JSON.parse(JSON.stringify(entity)));
        expect(parsed.success && parsed.data).toEqual(entity);
      }
    },
  );

  it.each(COLLECTIONS.map((one) => [one]))(
    '%s: taken out, nothing names it any more, and undo brings all back',
    (collection) => {
      for (const id of Object.keys(plan[collection]).slice(0, 6)) {
        const edit = editOf(plan, collection, 'remove', id) ?? editOf(plan, collection, 'put', id)!;
        const result = applyEdit(plan, edit);
        if (!result.ok) {
          // Kept in by what uses it.
          expect(result.refusal).toMatchObject({ reason: 'in-use', id });
          continue;
        }
        for (const other of COLLECTIONS)
          for (const ref of kindOf(other).refs.filter(({ to }) => to === collection))
            for (const entity of Object.values(result.plan[other]))
              expect(ref.of(entity as never).map((named) => named.id)).not.toContain(id);
        expect(mustApply(result.plan, result.inverse)).toEqual(plan);
        // The undo of a removal nests no batch in a batch: it does not grow with every turn.
        if (result.inverse.kind === 'batch')
          expect(result.inverse.edits.every(({ kind }) => kind !== 'batch')).toBe(true);
      }
    },
  );

  it.each(COLLECTIONS.map((one) => [one]))(
    '%s: is refused where it is there already, and where what it names is not',
    (collection) => {
      const [id] = Object.keys(plan[collection]);
      const again = editOf(plan, collection, 'add', id!);
      if (again) expect(applyEdit(plan, again)).toMatchObject({ ok: false, refusal: { reason: 'exists' } });
      if (again && kindOf(collection).refs.some((ref) => ref.of(plan[collection][id!] as never).length > 0)) {
        const alone = applyEdit(emptyPlan('s', 's'), again);
        expect(alone.ok).toBe(false);
        // The refusal names the spot.
        if (!alone.ok) expect(alone.refusal.at).toBeTruthy();
      }
    },
  );

  it.each(COLLECTIONS.map((one) => [one]))(
    '%s: does not answer to what every object answers to',
    (collection) => {
      for (const id of ['constructor', 'toString', '__proto__', 'hasOwnProperty']) {
        expect(findIn(plan[collection] as Record<string, unknown>, id)).toBeUndefined();
        const { verbs } = kindOf(collection);
        const edit = 'put' in verbs ? null : ({ kind: verbs.remove, id } as unknown as Edit);
        if (edit) expect(applyEdit(plan, edit)).toMatchObject({ ok: false, refusal: { reason: 'missing' } });
      }
    },
  );

  it('has an end: what a site holds of a kind is counted', () => {
    const many = Object.fromEntries(
      Array.from({ length: kindOf('doors').most }, (_, n) => [
        `D${n}`,
        { ...plan.doors['D01']!, id: `D${n}` },
      ]),
    );
    const full: Plan = { ...emptyPlan('s', 's'), doors: many };
    expect(applyEdit(full, { kind: 'addDoor', door: { ...plan.doors['D01']!, id: 'more' } })).toMatchObject({
      ok: false,
      refusal: { reason: 'too-many', most: kindOf('doors').most },
    });
  });
});

describe('changedEntries, touchedDoors and staleDoors', () => {
  const plan = everything();
  const change = (edit: Edit) => mustApply(plan, edit);

  it('see what differs, and no more', () => {
    const after = change({ kind: 'setPerson', id: 'P1', patch: { name: 'Ines C.' } });
    expect(changedEntries(plan, after)).toMatchObject([{ collection: 'people', id: 'P1' }]);
    expect(changedEntries(plan, plan)).toEqual([]);
    const gone = change({ kind: 'removePerson', id: 'P1' });
    expect(changedEntries(plan, gone)).toMatchObject([{ id: 'P1', after: null }]);
  });
  it('agree with the difference that goes to workers', () => {
    for (const edit of [
      { kind: 'removeDevice', id: 'D01/L1' },
      { kind: 'removeDoor', id: 'D01' },
      { kind: 'setDoor', id: 'D01', patch: { notes: 'x' } },
    ] satisfies Edit[]) {
      const after = change(edit);
      const { set, gone } = planDelta(plan, after);
      const inDelta = COLLECTIONS.flatMap((collection) => [
        ...Object.keys(set[collection] ?? {}),
        ...(gone[collection] ?? []),
      ]);
      expect(
        changedEntries(plan, after)
          .map(({ id }) => id)
          .sort(),
      ).toEqual(inDelta.sort());
    }
  });
  it('name the doors of either side: where a thing was, and where it is', () => {
    const two = mustApply(plan, { kind: 'addDoor', door: { ...plan.doors['D01']!, id: 'D02', order: 2 } });
    const moved = mustApply(two, { kind: 'setPerson', id: 'P1', patch: { doors: ['D02'] } });
    expect(touchedDoors(two, moved)).toEqual(['D01', 'D02']);
  });
  it('hold every door for stale where a device serves the site', () => {
    const two = mustApply(
      plan,
      { kind: 'addDoor', door: { ...plan.doors['D01']!, id: 'D02', order: 2 } },
      {
        kind: 'addDevice',
        device: {
          id: 'PS9',
          door: null,
          tag: 'PS9',
          type: 'supply-12v',
          place: 'enclosure',
          leaf: 1,
          settings: {},
          notes: '',
        },
      },
    );
    const after = mustApply(two, { kind: 'setDevice', id: 'PS9', patch: { notes: 'seen' } });
    expect(staleDoors(two, after).sort()).toEqual(['D01', 'D02']);
    expect(touchedDoors(two, after)).toEqual([]);
  });
  it('are never less than what an edit was about, over any run of edits', () => {
    const magnet = magnetDoor();
    const wires = Object.keys(magnet.conductors);
    fc.assert(
      fc.property(fc.constantFrom(...wires), (id) => {
        const after = mustApply(magnet, { kind: 'disconnect', id });
        expect(touchedDoors(magnet, after)).toContain('D01');
        expect(staleDoors(magnet, after)).toContain('D01');
      }),
    );
  });
});
