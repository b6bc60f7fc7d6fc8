import { describe, expect, it } from 'vitest';
import { eventsOf } from '../orders/index';
import type { Plan } from '../plan/index';
import { magnetDoor, mustApply, strikeDoor } from '../specimens/doors';
import { atRest, buildWorld, keyTurns, stimulate } from './index';

const withKey = (plan: Plan, keyOverride: boolean | null): Plan =>
  mustApply(plan, {
    kind: 'setDoor',
    id: 'D01',
    patch: { brief: { ...plan.doors['D01']!.brief, keyOverride } },
  });
/** What comes of a key at a door that is dead. */
const turned = (plan: Plan) => {
  const world = buildWorld(plan, 'D01');
  const dead = stimulate(world, atRest(world), { kind: 'dead', on: true }).state;
  return stimulate(world, dead, { kind: 'openDoor', from: 'key' });
};

describe('a key from outside', () => {
  it('opens a strike that is dead and locked, where the door has one', () => {
    expect(turned(withKey(strikeDoor(), true)).state.doorOpen).toBe(true);
    for (const none of [false, null]) {
      const { state, effects } = turned(withKey(strikeDoor(), none));
      expect(state.doorOpen).toBe(false);
      expect(effects.map(({ kind }) => kind)).toContain('door-refused');
    }
  });
  it('takes no magnet off that holds', () => {
    const world = buildWorld(withKey(magnetDoor(), true), 'D01');
    expect(keyTurns(world)).toBe(false);
    expect(stimulate(world, atRest(world), { kind: 'openDoor', from: 'key' }).state.doorOpen).toBe(false);
  });
  it('is one of the events of a door that has it', () => {
    const ids = (plan: Plan) => eventsOf(buildWorld(plan, 'D01')).map(({ id }) => id);
    expect(ids(withKey(strikeDoor(), true))).toContain('open:key');
    expect(ids(strikeDoor())).not.toContain('open:key');
  });
});
