import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { allConductors, applyEdit, type Edit, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { door, drop } from '../specimens/ruleEdits';
import { terminalOf } from '../specimens/terminalOf';
import { missingPiece } from './analyses/missingPiece';
import { checkContext, runChecks, toPutRight } from './index';

const at = (pin: string) => terminalOf(`D01/${pin}`);
const laidBy = (edit: Edit | null): string[] =>
  edit === null
    ? []
    : (edit.kind === 'batch' ? edit.edits : [edit]).flatMap((one) =>
        one.kind === 'connect' ? [[one.conductor.from, one.conductor.to].sort().join(' ')] : [],
      );
const piece = (plan: Plan, from: string, to: string) =>
  missingPiece(checkContext(plan, 'D01'), at(from), at(to));

describe('the missing piece of a loop', () => {
  it('is the one wire that is gone', () => {
    const plan = door('magnet-controller');
    const cut = mustApply(plan, drop(plan, 'K1.NC1', 'EB1.1C'));
    expect(laidBy(piece(cut, 'PS1.+V', 'L1.+'))).toEqual(['D01/EB1.1C D01/K1.NC1']);
  });
  it('is every wire of the way, through all that breaks it, and never one past them', () => {
    const plan = door('magnet-controller');
    const cut = mustApply(
      plan,
      drop(plan, 'PS1.+V', 'F1.C'),
      drop(plan, 'F1.NC', 'K1.COM1'),
      drop(plan, 'K1.NC1', 'EB1.1C'),
      drop(plan, 'EB1.1NC', 'L1.+'),
    );
    expect(laidBy(piece(cut, 'PS1.+V', 'L1.+')).sort()).toEqual([
      'D01/EB1.1C D01/K1.NC1',
      'D01/EB1.1NC D01/L1.+',
      'D01/F1.C D01/PS1.+V',
      'D01/F1.NC D01/K1.COM1',
    ]);
  });
  it('is nothing where Aldaba would join the two in no way', () => {
    const plan = door('strike-keypad');
    expect(piece(plan, 'PS1.+V', 'K1.NC')).toBeNull();
  });
  it('is nothing where they are joined already', () => {
    const plan = door('strike-keypad');
    expect(piece(plan, 'PS1.+V', 'K1.COM')).toBeNull();
  });

  it.each(HARDWARE_SETS.map(({ id }) => id))(
    '%s: every wire that is gone alone comes back as itself',
    (id) => {
      const plan = door(id);
      for (const wire of allConductors(plan)) {
        const cut = mustApply(plan, { kind: 'disconnect', id: wire.id });
        const edit = missingPiece(checkContext(cut, 'D01'), wire.from, wire.to);
        // A ring of wires is whole without one of them: then there is nothing to lay.
        if (edit === null) continue;
        const back = applyEdit(cut, edit);
        if (!back.ok) throw new Error(JSON.stringify(back.refusal));
        const lays = laidBy(edit);
        if (lays.length === 1) expect(lays).toEqual([[wire.from, wire.to].sort().join(' ')]);
        expect([wire.number, runChecks(checkContext(back.plan, 'D01')).filter(toPutRight)]).toEqual([
          wire.number,
          [],
        ]);
      }
    },
  );

  it('numbers what it lays so that no number stands twice', () => {
    const plan = door('lobby-pull');
    const cut: Plan = {
      ...plan,
      conductors: Object.fromEntries(Object.entries(plan.conductors).filter((_, index) => index > 4)),
    };
    const edit = piece(cut, 'PS1.L+', 'L1.1+');
    const after = applyEdit(cut, edit!);
    expect(after.ok).toBe(true);
    if (!after.ok) return;
    const numbers = allConductors(after.plan).map(({ number }) => number);
    expect(new Set(numbers).size).toBe(numbers.length);
  });
});
