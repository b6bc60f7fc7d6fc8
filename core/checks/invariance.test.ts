import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { applyEdit, deviceOf, pinOf, terminalId, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { HARDWARE_MISTAKES } from '../specimens/hardwareMistakes';
import { intercomPlan } from '../specimens/intercom';
import { singleMistakes } from '../specimens/mistakes';
import { PROOF_MISTAKES } from '../specimens/proofMistakes';
import { door } from '../specimens/ruleEdits';
import { REWRITINGS, type Rewriting } from '../specimens/sameDoor';
import { WIRE_MISTAKES } from '../specimens/wireMistakes';
import { checkContext, runChecks, type Finding, type Subject } from './index';
import { everyNth } from '../../scripts/testSlice';

/** A subject in the ids of the first plan. */
function readSubject({ kind, id }: Subject, { wire, device }: Rewriting): string {
  if (kind === 'conductor') return `wire ${wire(id)}`;
  if (kind === 'device') return `device ${device(id)}`;
  if (kind === 'terminal') return `terminal ${terminalId(device(deviceOf(id)), pinOf(id))}`;
  return `${kind} ${id}`;
}

/** What is said of a door and where, without the order and the wording. */
const said = (findings: readonly Finding[], as: Rewriting): string[] =>
  findings
    .filter(({ severity }) => severity === 'stop' || severity === 'fix' || severity === 'caution')
    .map(
      ({ code, severity, at }) =>
        `${severity} ${code}: ${at
          .map((one) => readSubject(one, as))
          .sort()
          .join(', ')}`,
    )
    .sort();

/** What the door does in every situation. */
const does = (plan: Plan, id: string): string =>
  JSON.stringify(
    checkContext(plan, id).proof.rows.map(({ situation, locks, cells, alarms }) => [
      situation,
      locks.map(({ hold }) => hold),
      Object.values(cells).map(({ verdict }) => verdict),
      [...alarms].sort(),
    ]),
  );

const AS_IS: Rewriting = {
  name: 'as it is',
  rewrite: (plan) => plan,
  wire: (id) => id,
  device: (id) => id,
};

/** Rewritings of a wiring do and say what the first one does and says: all of them, or two in turn. */
function same(plan: Plan, id = 'D01', turn?: number): void {
  const [saying, doing] = [said(runChecks(checkContext(plan, id)), AS_IS), does(plan, id)];
  const asked = REWRITINGS.filter(
    (_, at) => turn === undefined || (at + turn) % (REWRITINGS.length / 2) === 0,
  );
  for (const rewriting of asked) {
    const other = rewriting.rewrite(plan);
    expect(said(runChecks(checkContext(other, id)), rewriting), rewriting.name).toEqual(saying);
    expect(does(other, id), rewriting.name).toEqual(doing);
  }
}

describe('the same wiring written down in other ways', () => {
  it.each(HARDWARE_SETS.map(({ id }) => id))('is judged the same at %s', (set) => same(door(set)));

  it('is judged the same at both doors of an intercom', () => {
    for (const id of ['D01', 'D02']) same(intercomPlan(), id);
  });

  const mistakes = [...WIRE_MISTAKES, ...HARDWARE_MISTAKES, ...PROOF_MISTAKES];
  it.each(
    everyNth(mistakes, 10).map(([code, what, make, edits], turn) => [code, what, turn, make, edits] as const),
  )('is judged the same with %s: %s', (code, _what, turn, make, edits) => {
    const plan = make();
    same(mustApply(plan, ...edits(plan)), code === 'channel-beyond' ? 'D02' : 'D01', turn);
  });

  it.each(everyNth(HARDWARE_SETS, 8).map(({ id }) => id))(
    'is judged the same with single mistakes at %s',
    (set) => {
      const plan = door(set);
      const all = singleMistakes(plan, 'D01');
      for (let n = 7; n < all.length; n += 83) {
        const wrong = applyEdit(plan, all[n]!.edit);
        if (wrong.ok) same(wrong.plan, 'D01', n);
      }
    },
  );
});
