import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS, newDevice } from '../brief/index';
import { checkContext, runChecks, toPutRight } from '../checks/index';
import { type DeviceType } from '../devices/index';
import { LIBRARY } from '../devices/library/index';
import type { Plan, Schools } from '../plan/index';
import { worstOf } from '../prove/index';
import { mustApply } from '../specimens/doors';
import { door } from '../specimens/ruleEdits';
import { metres } from '../units/index';
import { autowire } from './index';
import { everyNth } from '../../scripts/testSlice';

/** Ways of wiring that a door may ask for, each beside one more device. */
const SCHOOLS: readonly Partial<Schools>[] = [
  {},
  { leg: 'minus' },
  { leg: 'plus' },
  { release: 'own-relay' },
  { release: 'timed-supply' },
  { release: 'wet-output' },
  { readerFeed: 'shared' },
  { readerFeed: 'supply' },
  { status: 'with-contact' },
  { status: 'own-input' },
  { fireTrigger: 'NO' },
  { fire: 'supply-input' },
  { fire: 'lock-power' },
];

/** What a door may have beside its set and be whole: it asks for nothing else to be added. */
const OPTIONAL: ReadonlySet<DeviceType['family']> = new Set([
  'exit',
  'contact',
  'release',
  'suppression',
  'joint',
  'supply',
]);

/** What has no place at a door, and is said so. */
const MISFITS: readonly { readonly type: string; readonly why: string }[] = [
  { type: 'exit-button-nc', why: 'a normally closed button beside an input for normally open ones' },
];
const isMisfit = (type: string): boolean => MISFITS.some((one) => one.type === type);
/** What has no place in one set only. */
const MISFITS_OF: Readonly<Record<string, readonly string[]>> = {
  // Low energy: it opens on a deliberate act, and not to whoever walks up.
  'operator-strike': ['exit-motion', 'exit-motion-failsafe'],
};

function withOneMore(set: string, type: string, schools: Partial<Schools>): Plan {
  const plan = door(set);
  const before = plan.doors['D01']!.schools;
  const more = mustApply(
    plan,
    { kind: 'addDevice', device: newDevice(plan, 'D01', type) },
    { kind: 'setDoor', id: 'D01', patch: { schools: { ...before, ...schools } } },
  );
  return mustApply(more, autowire(more, 'D01', metres(6)).edit);
}

const types = LIBRARY.filter(({ family }) => OPTIONAL.has(family));

describe('wiring by Aldaba with one more device', () => {
  it.each(everyNth(HARDWARE_SETS, 8).map(({ id }, index) => [id, index] as const))(
    '%s: sound and proven, whichever it is and whichever way is asked for',
    (set, index) => {
      const wrong = types.flatMap(({ id }, at) => {
        if (isMisfit(id) || MISFITS_OF[set]?.includes(id) || (at + index) % 3 === 0) return [];
        // Two of three sets a device; by the set's own ways at every second, by another at the others: each meets many.
        const own = (at + index) % 2 === 0;
        const school = own ? SCHOOLS[0]! : SCHOOLS[1 + ((at * 5 + index) % (SCHOOLS.length - 1))]!;
        const context = checkContext(withOneMore(set, id, school), 'D01');
        const found = runChecks(context).filter(toPutRight);
        const fails = context.proof.rows.filter((row) => worstOf(row) === 'fail');
        return found.length + fails.length === 0
          ? []
          : [[id, school, found.map(({ code }) => code), fails.map(({ situation }) => situation)]];
      });
      expect(wrong).toEqual([]);
    },
    60_000,
  );

  it.each(MISFITS.map(({ type, why }) => [why, type] as const))(
    '%s is said, not passed over',
    (_why, type) => {
      const found = runChecks(checkContext(withOneMore('magnet-controller', type, {}), 'D01')).filter(
        toPutRight,
      );
      expect(found.length).toBeGreaterThan(0);
    },
  );

  it('joins the 0 V of a controller that its network feeds with that of a separate supply', () => {
    const plan = withOneMore('magnet-poe', 'supply-12v-battery', {});
    const ends = Object.values(plan.conductors).map(({ from, to }) => [from, to].sort().join(' '));
    expect(ends).toContain('D01/K1.0V D01/PS1.0V');
  });

  it('lays a lock’s run thicker where the usual size starves it', () => {
    const plan = door('magnet-controller');
    const gauge = (run: number) => {
      const wired = mustApply(plan, autowire(plan, 'D01', metres(run)).edit);
      return Object.values(wired.conductors).find(({ to }) => to === 'D01/L1.+')?.gauge;
    };
    expect([gauge(6), gauge(30)]).toEqual(['1mm2', '1.5mm2']);
  });
});
