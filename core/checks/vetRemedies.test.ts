import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { applyEdit, type Edit, type Plan } from '../plan/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wireBetween, wiredDoor } from '../specimens/doors';
import { singleMistakes } from '../specimens/mistakes';
import { metres, mm2 } from '../units/index';
import { checkContext, lookFirst, runChecks, tryingRemedies, tryRemedies, type CheckContext } from './index';
import { findingKey } from './findingKey';
import { everyNth } from '../../scripts/testSlice';

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
  const stops = (context: CheckContext) =>
    runChecks(context).filter((one) => one.severity === 'stop' && !one.behind);
  const known = new Set(stops(before).map(findingKey));
  const fresh = stops(after).find((one) => !known.has(findingKey(one)));
  if (fresh) return `a stop, ${fresh.code}`;
  for (const row of after.proof.rows) {
    const old = before.proof.rows.find(({ situation }) => situation === row.situation);
    for (const side of ['inside', 'outside'] as const)
      if (old?.cells[side].verdict !== 'fail' && row.cells[side].verdict === 'fail')
        return `${row.situation} fails from ${side}`;
  }
  return null;
}

describe('tryingRemedies', () => {
  it('stops before each search and each trial, and ends where trying at one go ends', () => {
    let stops = 0;
    for (const { id } of HARDWARE_SETS.slice(0, 4)) {
      const plan = door(id);
      for (const { edit } of singleMistakes(plan, 'D01').filter((_, index) => index % 41 === 5)) {
        const wrong = applyEdit(plan, edit);
        if (!wrong.ok) continue;
        const context = checkContext(wrong.plan, 'D01');
        const found = lookFirst(context);
        const steps = tryingRemedies(context, found);
        const proposed = new Set(found.flatMap(({ remedy }) => (remedy ? [JSON.stringify(remedy)] : [])));
        const searches = found.filter(({ sought }) => sought).length;
        let stopped = 0;
        let step = steps.next();
        for (; step.done !== true; step = steps.next()) stopped += 1;
        expect(stopped).toBeGreaterThanOrEqual(proposed.size + searches);
        expect(stopped).toBeLessThanOrEqual(proposed.size + 2 * searches);
        expect(step.value).toEqual(tryRemedies(context, runChecks(context)));
        stops += stopped;
      }
    }
    expect(stops).toBeGreaterThan(5);
  });
  it('says what is wrong before the size that would do is known, and nothing of a size until then', () => {
    const plan = door('magnet-controller');
    const wire = Object.values(plan.conductors).find(({ from, to }) =>
      [from, to].some((end) => end === 'D01/L1.+'),
    )!.id;
    const thin = mustApply(plan, {
      kind: 'setConductor',
      id: wire,
      patch: { length: metres(400), gauge: mm2(0.22) },
    });
    const context = checkContext(thin, 'D01');
    const first = lookFirst(context).find(({ code }) => code === 'lock-under-voltage');
    expect(first?.values['gauge']).toBeUndefined();
    expect(first?.sought?.().values['gauge']).toBe(
      runChecks(context).find(({ code }) => code === 'lock-under-voltage')?.values['gauge'],
    );
    expect(first?.sought).toBeDefined();
  });
});

describe('tryRemedies', () => {
  it.each(everyNth(HARDWARE_SETS, 6).map(({ id }) => id))(
    'offers nothing that makes %s worse',
    { timeout: 600_000 },
    (id) => {
      const plan = door(id);
      const mistakes = singleMistakes(plan, 'D01').filter((_, index) => index % 31 === 7);
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
