import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { differences, type Edit } from '#core/plan/index';
import { mustApply } from '../../core/specimens/doors';
import { comparedWords } from './differences';

const plan = quillhaven();
const after = (...edits: readonly Edit[]) =>
  comparedWords(
    differences(
      plan,
      edits.reduce((now, edit) => mustApply(now, edit), plan),
    ),
  ).flatMap(({ door, lines }) => lines.map((line) => `${door ?? 'site'}: ${line}`));
const brief = plan.doors['D05']!.brief;

describe('comparedWords', () => {
  it('says what became of what, in words and units', () => {
    expect(
      after(
        { kind: 'setDoor', id: 'D05', patch: { name: 'Bindery', brief: { ...brief, fireDoor: true } } },
        { kind: 'setConductor', id: 'D03/W04', patch: { length: 9 as never, gauge: '18AWG' as never } },
        { kind: 'disconnect', id: 'D03/W05' },
        { kind: 'setSite', patch: { reference: 'Q-17' } },
      ),
    ).toEqual([
      'site: Job number: nothing → Q-17',
      'D03: Wire W04, size: 1.0 mm² → 18 AWG',
      'D03: Wire W04, length: 3 m → 9 m',
      'D03: Wire W05: removed',
      'D05: Name: Binding shop → Bindery',
      'D05: Is it a fire door that must stay latched? no → yes',
    ]);
  });
  it('names a code that is another, and shows none', () => {
    const person = Object.values(plan.people).find(({ code }) => code !== '')!;
    const said = after({ kind: 'setPerson', id: person.id, patch: { code: '918273' } });
    expect(said).toHaveLength(1);
    expect(said[0]).toContain('code, card or what it holds is another (not shown)');
    expect(said[0]).not.toMatch(/\d{4,}/);
  });
  it('never says a thing in the words of the program', () => {
    for (const [id, device] of Object.entries(plan.devices)) {
      if (id.startsWith('D03')) {
        const lines = after({ kind: 'setDevice', id, patch: { notes: 'x', place: 'outside' } } as Edit);
        for (const line of lines) expect(line).not.toMatch(/undefined|\[object|other content/);
        expect(device.notes === 'x' ? 0 : lines.length).toBeGreaterThan(0);
      }
    }
  });
});
