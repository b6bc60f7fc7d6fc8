import { describe, expect, it } from 'vitest';
import { autowire } from '../autowire/index';
import { newDevice } from '../brief/index';
import { emptyPlan, type Plan } from '../plan/index';
import { MAGNET_BRIEF, mustApply } from '../specimens/doors';
import { across } from '../specimens/trap';
import { metres } from '../units/index';
import { advance, atRest, buildWorld, stimulate } from './index';

/** Two gates on one supply of the site, each with a drive, a button and a contact at its leaf. */
function twoGates(): Plan {
  const door = (id: string, order: number) => ({
    id,
    order,
    name: `Gate ${order}`,
    brief: MAGNET_BRIEF,
    deadState: null,
    schools: {},
    freePassage: null,
    openingHours: null,
    expectations: [],
    notes: '',
    lastWire: 0,
  });
  let plan = mustApply(
    emptyPlan('s', 'A yard'),
    { kind: 'addDoor', door: door('D01', 1) },
    { kind: 'addDoor', door: door('D02', 2) },
  );
  const put = (at: string | null, ...types: string[]) => {
    for (const type of types)
      plan = mustApply(plan, { kind: 'addDevice', device: newDevice(plan, at, type) });
  };
  put(null, 'supply-24v-5a');
  for (const id of ['D01', 'D02'])
    put(id, 'operator-gate-swing', 'safety-edge', 'exit-button', 'door-contact');
  for (const id of ['D01', 'D02']) plan = mustApply(plan, autowire(plan, id, metres(8)).edit);
  // What feels the second leaf is part of this circuit.
  return mustApply(plan, across('W90', 'D02/C1.a', 'D02/O1.CLOSE'), across('W91', 'D02/C1.b', 'D02/O1.G'));
}

describe('a drive of another door on the same supply', () => {
  const world = buildWorld(twoGates(), 'D01');
  const pressed = stimulate(world, atRest(world), { kind: 'press', device: 'D02/X1' });

  it('opens the leaf of its own door alone', () => {
    const later = advance(world, pressed.state, pressed.state.now + 5000);
    expect(world.byId.has('D02/O1')).toBe(true);
    expect(later.state.doorOpen).toBe(false);
    expect(later.effects.map(({ kind }) => kind)).not.toContain('door');
    const felt = [...later.state.states].filter((key) => key.endsWith(':doorOpen'));
    expect(felt).toEqual(['D02/C1:doorOpen']);
  });
  it('and shuts that one again', () => {
    const later = advance(world, pressed.state, pressed.state.now + 120_000);
    expect([...later.state.states].filter((key) => key.endsWith(':doorOpen'))).toEqual([]);
  });
});
