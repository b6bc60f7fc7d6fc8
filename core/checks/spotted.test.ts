import { describe, expect, it } from 'vitest';
import { applyEdit } from '../plan/index';
import { SPOTTED, UNUSUAL } from '../specimens/circuitMistakes';
import { FIRE_SITES, FIRES } from '../specimens/fireSites';
import { mustApply } from '../specimens/doors';
import { checkContext, runChecks, toPutRight, tryRemedies } from './index';

describe.each([...SPOTTED, ...FIRES].map((one) => [one.code, one.what, one] as const))(
  '%s: %s',
  (code, _what, { severity, at, make, edits, door = 'D01' }) => {
    const plan = make();
    const broken = mustApply(plan, ...edits(plan));
    const context = checkContext(broken, door);
    const found = runChecks(context);

    it('is found at the right spot and as bad as it is', () => {
      expect(runChecks(checkContext(plan, door)).map((one) => one.code)).not.toContain(code);
      const mine = found.filter((one) => one.code === code);
      expect(
        mine.map((one) => one.severity),
        found.map((one) => one.code).join(),
      ).toContain(severity);
      expect(mine.flatMap((one) => one.at.map(({ id }) => id.replace(/^D01\//, '')))).toContain(at);
    });

    it('has nothing sound beside it about the same number', () => {
      const about = (which: string[]) =>
        found.filter((one) => which.includes(one.code)).flatMap((one) => one.at.map(({ id }) => id));
      const harmed = new Set(
        about(['over-voltage', 'wrong-current', 'reversed-device', 'lock-under-voltage']),
      );
      expect(about(['lock-voltage-sound']).filter((id) => harmed.has(id))).toEqual([]);
    });

    it('has no remedy that does not settle it', () => {
      for (const { remedy } of tryRemedies(
        context,
        found.filter((one) => one.code === code),
      )) {
        if (!remedy) continue;
        const fixed = applyEdit(broken, remedy);
        if (!fixed.ok) throw new Error(JSON.stringify(fixed.refusal));
        expect(runChecks(checkContext(fixed.plan, door)).map((one) => one.code)).not.toContain(code);
      }
    });
  },
);

describe('unusual and right', () => {
  it.each(UNUSUAL.map((one) => [one.what, one] as const))('%s stays quiet', (_what, { make, edits }) => {
    const plan = make();
    const found = runChecks(checkContext(mustApply(plan, ...edits(plan)), 'D01'));
    expect(found.filter(toPutRight).map((one) => one.code)).toEqual([]);
  });
});

describe('a release that is the site’s', () => {
  it.each(FIRE_SITES.map((one) => [one.what, one] as const))('%s is proven', (_what, { make, doors }) => {
    const plan = make();
    for (const door of doors) {
      const context = checkContext(plan, door);
      const found = runChecks(context);
      expect([door, found.filter(toPutRight).map((one) => one.code)]).toEqual([door, []]);
      expect(found.map((one) => one.code)).not.toContain('no-fire-release');
      const rows = context.proof.rows.filter(({ situation }) => situation.startsWith('fire'));
      expect(rows.map(({ situation }) => situation)).toEqual([
        'fire',
        'fire-burnt',
        'fire-power',
        'fire-reset',
      ]);
      expect(new Set(rows.map(({ cells }) => cells.inside.verdict))).toEqual(new Set(['pass']));
    }
  });
});
