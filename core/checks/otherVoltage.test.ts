import { describe, expect, it } from 'vitest';
import { mustApply } from '../specimens/doors';
import { add, door, drop, move, patch, set } from '../specimens/ruleEdits';
import { metres, mm2 } from '../units/index';
import type { Edit, Plan } from '../plan/index';
import { checkContext, runChecks, toPutRight, tryRemedies } from './index';

const found = (plan: Plan, ...edits: Edit[]) => {
  const context = checkContext(mustApply(plan, ...edits), 'D01');
  return tryRemedies(context, runChecks(context));
};
const under = (plan: Plan, ...edits: Edit[]) =>
  found(plan, ...edits).find(({ code }) => code === 'lock-under-voltage' || code === 'device-under-voltage');

describe('a part of another voltage', () => {
  const plan = door('magnet-controller');

  it('is named as such, with what its supply gives, and set by its jumper', () => {
    const hit = under(plan, set('L1', 'voltage', '24'));
    expect(hit?.values).toMatchObject({ tag: 'L1', supplied: 13.65, setting: '12' });
    expect(hit?.remedy).toEqual({ kind: 'setSetting', device: 'D01/L1', setting: 'voltage', value: '12' });
    const right = mustApply(plan, set('L1', 'voltage', '24'), hit!.remedy!);
    expect(runChecks(checkContext(right, 'D01')).filter(toPutRight)).toEqual([]);
  });
  it('that has no jumper is named without a remedy that would not help', () => {
    const hit = under(door('operator-strike'), {
      kind: 'setDevice',
      id: 'D01/PS1',
      patch: { type: 'supply-12v-battery' },
    });
    expect(hit?.values).toMatchObject({ supplied: 13.65, setting: '' });
    expect(hit?.remedy).toBeUndefined();
  });
  it('is not what a long thin run is: that asks for thicker wire', () => {
    const hit = under(plan, patch(plan, 'EB1.1NC', 'L1.+', { gauge: mm2(0.22), length: metres(60) }));
    expect(hit?.values['supplied']).toBeUndefined();
    expect(hit?.values['gauge']).toBeTruthy();
    expect(hit?.remedy?.kind).toBe('batch');
  });
  it('is not looked for behind a break: an open loop is an open loop', () => {
    const codes = found(plan, drop(plan, 'EB1.1NC', 'L1.+')).map(({ code }) => code);
    expect(codes).toContain('loop-broken');
    expect(codes).not.toContain('lock-under-voltage');
  });
  it('beside a supply that would do is still fed by the one it hangs on', () => {
    const hit = under(
      plan,
      add(plan, 'supply-24v-battery', 'PS9'),
      set('L1', 'voltage', '24'),
      move(plan, 'K1.0V', 'PS1.0V', 'to', 'PS1.0V'),
    );
    expect(hit?.values).toMatchObject({ tag: 'L1', supplied: 13.65 });
  });
});

describe('what is sound', () => {
  it('is said of a lock’s voltage only where nothing harms it', () => {
    const plan = door('magnet-controller');
    const sound = (edits: Edit[]) => found(plan, ...edits).some(({ code }) => code === 'lock-voltage-sound');
    expect(sound([])).toBe(true);
    expect(sound([{ kind: 'setDevice', id: 'D01/PS1', patch: { type: 'supply-24v-battery' } }])).toBe(false);
    expect(sound([set('L1', 'voltage', '24')])).toBe(false);
  });
});
