import { describe, expect, it } from 'vitest';
import { everyNth } from '../../scripts/testSlice';
import { HARDWARE_SETS } from '../brief/index';
import { checkContext, runRules, toPutRight } from '../checks/index';
import { fireReleases } from '../prove/index';
import { allConductors, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { missingDevices, settingMistakes, swapsAcross, wiresAtOtherDoor } from '../specimens/otherMistakes';
import { door, set } from '../specimens/ruleEdits';
import { siteOf } from '../specimens/site';
import { weighCause } from '../specimens/weighCause';
import { searchCauses } from './index';

describe('a part that lets people out and is missing', () => {
  it.each([
    ['magnet-controller', 'EB1', 'break-glass-double'],
    ['magnet-controller', 'F1', 'fire-relay'],
    ['lobby-pull', 'EB1', 'pull-station'],
    ['lobby-pull', 'F1', 'fire-relay'],
  ])('is put back, and the way past it is not closed: %s without %s', (id, tag, type) => {
    const wrong = mustApply(door(id), { kind: 'removeDevice', id: `D01/${tag}` });
    const { causes } = searchCauses(wrong, 'D01');
    const [cause] = causes;
    expect(cause?.repair.changes).toMatchObject([{ kind: 'add-parts', types: [type] }]);
    // No repair that is offered takes a lock off an output that drops in a fire.
    const fed = (plan: Plan) =>
      allConductors(plan).some(({ from, to }) => [from, to].some((end) => end === 'D01/PS1.L+'));
    for (const { repair, also } of causes)
      for (const { edit } of [repair, ...also]) expect(fed(mustApply(wrong, edit))).toBe(fed(wrong));
    const context = checkContext(mustApply(wrong, cause!.repair.edit), 'D01');
    expect(runRules(context).filter(toPutRight)).toEqual([]);
    expect(fireReleases(context.world, context.rest)).toHaveLength(1);
  });
});

describe('mistakes that are not of one wire', () => {
  it.each(everyNth(HARDWARE_SETS, 12).map(({ id }) => id))('of %s: a setting is named and set back', (id) => {
    for (const { text, edit } of everyNth(settingMistakes(door(id), 'D01'), 12)) {
      const weighed = weighCause(door(id), 'D01', edit);
      if (weighed?.felt) expect([text, weighed.named, weighed.restored]).toEqual([text, true, true]);
    }
  });
  it('a passback without a second reader is taken back', () => {
    const [cause] = searchCauses(
      mustApply(door('magnet-controller'), set('K1', 'ch1.passback', 'refuses')),
      'D01',
    ).causes;
    expect(cause?.repair.changes).toMatchObject([{ kind: 'set', setting: 'ch1.passback' }]);
  });
  it('parts that are missing are put back', () => {
    for (const { text, edit } of everyNth(missingDevices(door('shear-two-outputs'), 'D01'), 2)) {
      const weighed = weighCause(door('shear-two-outputs'), 'D01', edit);
      if (weighed?.felt) expect([text, weighed.named, weighed.restored]).toEqual([text, true, true]);
    }
  });
  it.each([
    ['on the door beside', wiresAtOtherDoor],
    ['swapped across doors', swapsAcross],
  ] as const)('wires %s are led home', (_, mistakes) => {
    const plan = siteOf({ doors: 2, sets: ['magnet-poe'] });
    for (const { text, edit } of everyNth(mistakes(plan, 'D001', 'D002'), 36)) {
      const weighed = weighCause(plan, 'D001', edit);
      if (weighed?.felt)
        expect([text, weighed.named, weighed.restored, weighed.harmful]).toEqual([text, true, true, 0]);
    }
  });
});
