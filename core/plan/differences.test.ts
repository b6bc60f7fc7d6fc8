import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { mustApply } from '../specimens/doors';
import { differences, type Edit, type Plan } from './index';

const plan = quillhaven();
const person = Object.values(plan.people).find(({ code }) => code !== '')!;
const keypad = Object.keys(plan.memories)[0]!;
const wire = Object.values(plan.conductors)[0]!;

describe('differences', () => {
  it('are none between a state and itself, or itself read anew', () => {
    expect(differences(plan, plan)).toEqual({ site: [], entries: [] });
    expect(differences(plan, structuredClone(plan) as Plan)).toEqual({ site: [], entries: [] });
  });
  it('name what is new, gone and changed, with the doors it is at', () => {
    const after = mustApply(mustApply(plan, { kind: 'setConductor', id: wire.id, patch: { colour: 'PK' } }), {
      kind: 'setSite',
      patch: { reference: 'Q-12' },
    });
    const { site, entries } = differences(plan, after);
    expect(site).toEqual([{ field: 'reference', before: plan.site.reference, after: 'Q-12' }]);
    expect(entries).toMatchObject([
      { collection: 'conductors', id: wire.id, is: 'changed', secret: false, doors: [wire.door] },
    ]);
    const without = mustApply(plan, { kind: 'disconnect', id: wire.id });
    expect(differences(plan, without).entries.find(({ id }) => id === wire.id)).toMatchObject({ is: 'gone' });
    expect(differences(without, plan).entries.find(({ id }) => id === wire.id)).toMatchObject({ is: 'new' });
  });
  it('say that a code or what a keypad holds is another, and never which', () => {
    const coded = mustApply(plan, { kind: 'setPerson', id: person.id, patch: { code: '918273' } });
    const { entries } = differences(plan, coded);
    expect(entries).toMatchObject([{ collection: 'people', id: person.id, secret: true, is: 'changed' }]);
    const forgotten: Plan = { ...plan, memories: { ...plan.memories } };
    delete (forgotten.memories as Record<string, unknown>)[keypad];
    const more = differences(plan, forgotten).entries;
    expect(more).toMatchObject([{ collection: 'memories', secret: true, is: 'gone', before: null }]);
    const said = JSON.stringify([entries, more]);
    for (const { code } of Object.values(plan.people)) if (code) expect(said).not.toContain(`"${code}"`);
    expect(said).not.toContain('918273');
  });
  it('of what was changed and changed back are none, whatever the order', () => {
    const edits: readonly (readonly [Edit, Edit])[] = [
      [
        { kind: 'setDoor', id: 'D01', patch: { notes: 'x' } },
        { kind: 'setDoor', id: 'D01', patch: { notes: plan.doors['D01']!.notes } },
      ],
      [
        { kind: 'setConductor', id: wire.id, patch: { length: 99 as never } },
        { kind: 'setConductor', id: wire.id, patch: { length: wire.length } },
      ],
      [
        { kind: 'setSite', patch: { name: 'y' } },
        { kind: 'setSite', patch: { name: plan.site.name } },
      ],
    ];
    fc.assert(
      fc.property(fc.shuffledSubarray([0, 1, 2]), fc.shuffledSubarray([0, 1, 2]), (there, back) => {
        let now = plan;
        for (const index of there) now = mustApply(now, edits[index]![0]);
        for (const index of back) now = mustApply(now, edits[index]![1]);
        const left = there.filter((index) => !back.includes(index));
        const { site, entries } = differences(plan, now);
        expect(site.length + entries.length).toBe(left.length);
      }),
    );
  });
});
