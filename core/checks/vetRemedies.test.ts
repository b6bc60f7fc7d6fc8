import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { applyEdit, type Edit, type Plan } from '../plan/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wireBetween, wiredDoor } from '../specimens/doors';
import { singleMistakes } from '../specimens/mistakes';
import { checkContext, runChecks, tryRemedies, type CheckContext } from './index';

const door = (id: string): Plan => {
  const set = HARDWARE_SETS.find((one) => one.id === id)!;
  return wiredDoor(id, set.electricalEgress ? MAGNET_BRIEF : STRIKE_BRIEF);
};
const offered = (plan: Plan) => {
  const context = checkContext(plan, 'D01');
  return tryRemedies(context, runChecks(context)).flatMap(({ code, remedy }) =>
    remedy ? [{ code, remedy }] : [],
  );
};

/** What a remedy must never bring, told from the circuit and not from findings. */
function harm(before: CheckContext, after: CheckContext): string | null {
  const overloads = ({ rest }: CheckContext) =>
    rest.point.damages.filter(({ kind }) => kind === 'source-overload' || kind === 'driven-input').length;
  if (overloads(after) > overloads(before)) return 'an overload or a fed input';
  for (const row of after.proof.rows) {
    const old = before.proof.rows.find(({ situation }) => situation === row.situation);
    for (const side of ['inside', 'outside'] as const)
      if (old?.cells[side].verdict !== 'fail' && row.cells[side].verdict === 'fail')
        return `${row.situation} fails from ${side}`;
  }
  return null;
}

describe('tryRemedies', () => {
  it.each(HARDWARE_SETS.map(({ id }) => id))(
    'offers nothing that makes %s worse',
    { timeout: 60_000 },
    (id) => {
      const plan = door(id);
      const mistakes = singleMistakes(plan, 'D01').filter((_, index) => index % 23 === 7);
      for (const { edit, text } of mistakes) {
        const wrong = applyEdit(plan, edit);
        if (!wrong.ok) continue;
        const before = checkContext(wrong.plan, 'D01');
        for (const { code, remedy } of offered(wrong.plan)) {
          const after = checkContext(mustApply(wrong.plan, remedy), 'D01');
          expect(harm(before, after), `${text}: ${code}`).toBeNull();
        }
      }
    },
  );

  it('does not offer to put a strike on NC because its own wire is missing', () => {
    // The remedy that reasoned by roles: it inverted the door.
    const plan = door('strike-keypad');
    const wire = wireBetween(plan, 'K1.NO', 'L1.+');
    const wrong = mustApply(plan, { kind: 'disconnect', id: wire });
    for (const { remedy } of offered(wrong)) {
      const after = checkContext(mustApply(wrong, remedy), 'D01');
      expect(harm(checkContext(wrong, 'D01'), after)).toBeNull();
    }
  });

  it('still offers a remedy that settles the door', () => {
    const plan = door('magnet-controller');
    const wrong = mustApply(plan, {
      kind: 'setSetting',
      device: 'D01/F1',
      setting: 'latch',
      value: 'following',
    });
    const remedies = offered(wrong);
    expect(remedies.map(({ code }) => code)).toContain('fire-not-latched');
  });

  it('looks at the doors that share a controller too', () => {
    // A setting of the shared device: what is right for one door must not undo the other.
    const plan = door('magnet-controller');
    const device = Object.keys(plan.devices).find((id) => id.endsWith('K1'))!;
    const edit: Edit = { kind: 'setSetting', device, setting: 'ch1.form', value: 'NC' };
    for (const { remedy } of offered(mustApply(plan, edit))) expect(JSON.stringify(remedy)).toContain(device);
  });
});
