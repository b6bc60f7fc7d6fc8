import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS, newDevice } from '#core/brief/index';
import type { Plan } from '#core/plan/index';
import { atRest, buildWorld, stimulate, type SimState, type World, ONE_EACH } from '#core/simulate/index';
import { magnetDoor, mustApply, strikeDoor } from '#core/specimens/doors';
import { intercomPlan } from '#core/specimens/intercom';
import { dock, door, lobby, operator, poe, two } from '#core/specimens/ruleEdits';
import { triggersOf, type Trigger } from './triggers';
import type { Bench } from '../../parts/bench/useBench';

const benchOf = (world: World, state: SimState): Bench =>
  ({ world, state, people: ONE_EACH }) as unknown as Bench;
const at = (plan: Plan, id = 'D01') => {
  const world = buildWorld(plan, id);
  return { world, rest: atRest(world) };
};
const listed = (plan: Plan, id = 'D01'): Trigger[] => {
  const { world, rest } = at(plan, id);
  return triggersOf(benchOf(world, rest));
};
const labels = (plan: Plan, id = 'D01') => listed(plan, id).map(({ label }) => label);

const plans: readonly (readonly [string, Plan])[] = [
  ...HARDWARE_SETS.map(({ id }) => [id, door(id)] as const),
  ['intercom', intercomPlan()],
];

describe('what can be done to a door', () => {
  it.each(plans)('%s: each is listed once, has a name, and can be done', (_, plan) => {
    const { world, rest } = at(plan);
    const list = triggersOf(benchOf(world, rest));
    expect(new Set(list.map(({ id }) => id)).size).toBe(list.length);
    expect(new Set(list.map(({ label }) => label)).size).toBe(list.length);
    for (const { label, stimulus } of list) {
      expect(label.trim()).not.toBe('');
      expect(() => stimulate(world, rest, stimulus)).not.toThrow();
    }
  });

  it.each(plans)('%s: nothing is lit at rest, and whatever lights up can be put back', (_, plan) => {
    const { world, rest } = at(plan);
    const list = triggersOf(benchOf(world, rest));
    expect(list.filter(({ on }) => on).map(({ label }) => label)).toEqual([]);
    for (const { id, stimulus } of list) {
      const after = stimulate(world, rest, stimulus).state;
      const lit = triggersOf(benchOf(world, after)).find((one) => one.id === id && one.on);
      if (!lit) continue;
      // A break glass is reset, a key turned back, the mains come on again: the same button undoes it, or a reset beside it.
      const again = triggersOf(benchOf(world, stimulate(world, after, lit.stimulus).state));
      const back = again.find((one) => one.id === id)?.on !== true;
      const reset = triggersOf(benchOf(world, after)).some((one) => one.id === `${id}-reset`);
      expect([id, back || reset]).toEqual([id, true]);
    }
  });

  it('names a card at a reader and a code at a keypad', () => {
    expect(labels(magnetDoor())).toEqual(expect.arrayContaining(['Card', 'Wrong card', 'Exit', 'Fire']));
    expect(labels(strikeDoor())).toEqual(expect.arrayContaining(['Code', 'Wrong code', 'Exit']));
    expect(labels(strikeDoor())).not.toContain('Fire');
  });
  it('offers the reader inside by its tag, and the code that holds', () => {
    expect(labels(poe())).toContain('Card at R2');
    expect(labels(two())).toContain('Hold-open code');
  });
  it('rings, turns keys and answers calls by tag', () => {
    expect(labels(two())).toContain('Ring B1');
    expect(labels(dock())).toContain('Key of H1');
    const plan = operator();
    const keyed = mustApply(plan, { kind: 'addDevice', device: newDevice(plan, 'D01', 'key-switch') });
    expect(labels(keyed)).toContain('Turn X2');
  });
  it('pulls a station that has two circuits, and breaks a glass that has one', () => {
    expect(labels(lobby())).toContain('Pull EB1');
    expect(labels(magnetDoor())).toContain('Break glass');
  });
  it('offers each door of an intercom its own key alone', () => {
    const keys = (id: string) => labels(intercomPlan(), id).filter((label) => label.startsWith('Key '));
    expect(keys('D01').every((label) => label.startsWith('Key 1 '))).toBe(true);
    expect(keys('D02').every((label) => label.startsWith('Key 2 '))).toBe(true);
    expect(keys('D01').length).toBeGreaterThan(0);
  });
  it('turns the mains on again by the button that turned them off, battery or none', () => {
    const plan = mustApply(strikeDoor(), { kind: 'setDevice', id: 'D01/PS1', patch: { type: 'supply-12v' } });
    for (const one of [strikeDoor(), plan]) {
      const { world, rest } = at(one);
      const press = (state: SimState) =>
        stimulate(world, state, triggersOf(benchOf(world, state)).find(({ id }) => id === 'mains')!.stimulus)
          .state;
      const off = press(rest);
      expect([...off.feeds.values()].some(({ kind }) => kind === 'mains')).toBe(false);
      expect([...press(off).feeds.values()].every(({ kind }) => kind === 'mains')).toBe(true);
    }
  });
  it('closes what is open, and opens what is shut', () => {
    const { world, rest } = at(strikeDoor());
    const open = stimulate(world, rest, { kind: 'openDoor', from: 'inside' }).state;
    const names = triggersOf(benchOf(world, open)).map(({ label }) => label);
    expect(names).toContain('Close door');
    expect(names).not.toContain('Leave');
    expect(names).toEqual(expect.arrayContaining(['Leave behind', 'Enter behind']));
  });
  it('resets a fire once there is one', () => {
    const { world, rest } = at(magnetDoor());
    const names = (state: SimState) => triggersOf(benchOf(world, state)).map(({ label }) => label);
    expect(names(rest)).not.toContain('Reset by key');
    const fire = stimulate(world, rest, { kind: 'fire' }).state;
    expect(names(fire)).toEqual(expect.arrayContaining(['Fire line lost', 'Reset by key']));
  });
});
