import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import type { Plan } from '../plan/index';
import { magnetDoor, mustApply, strikeDoor, wireBetween } from '../specimens/doors';
import {
  advance,
  atRest,
  buildWorld,
  doorHold,
  lockStatuses,
  stimulate,
  type SimState,
  type Stimulus,
  type World,
} from './index';

const start = (plan: Plan) => {
  const world = buildWorld(plan, 'D01');
  return { world, rest: atRest(world) };
};
const hold = (world: World, state: SimState) => doorHold(lockStatuses(world, state.point));
const after = (world: World, state: SimState, ...stimuli: Stimulus[]) =>
  stimuli.reduce((current, stimulus) => stimulate(world, current, stimulus).state, state);

describe('a magnet on a dry controller', () => {
  const { world, rest } = start(magnetDoor());
  it('holds at rest with sensible figures', () => {
    const [lock] = lockStatuses(world, rest.point);
    expect(lock?.hold).toBe('held');
    expect(lock?.volts).toBeGreaterThan(12.9);
    expect(lock?.volts).toBeLessThan(13.6);
    expect(lock?.amps).toBeGreaterThan(0.45);
    expect(rest.point.damages).toEqual([]);
    expect(rest.point.restless).toEqual([]);
  });
  it('lets go on a card and holds again after the unlock time', () => {
    const { state, effects } = stimulate(world, rest, { kind: 'credential', valid: true });
    expect(effects).toContainEqual(expect.objectContaining({ kind: 'card-read', outcome: 'read' }));
    expect(hold(world, state)).toBe('free');
    expect(hold(world, advance(world, state, 4999).state)).toBe('free');
    expect(hold(world, advance(world, state, 5000).state)).toBe('held');
  });
  it('stays shut on a wrong card', () => {
    expect(hold(world, after(world, rest, { kind: 'credential', valid: false }))).toBe('held');
  });
  it('lets go on the touchless exit and re-locks when the door has closed', () => {
    const pressed = after(world, rest, { kind: 'press', device: 'D01/X1' });
    expect(hold(world, pressed)).toBe('free');
    const open = after(world, pressed, { kind: 'openDoor', from: 'inside' });
    expect(open.doorOpen).toBe(true);
    expect(open.alarms.size).toBe(0);
    const shut = after(world, open, { kind: 'closeDoor' });
    expect(hold(world, shut)).toBe('held');
  });
  it('opens on break glass until it is reset', () => {
    const broken = after(world, rest, { kind: 'breakGlass', device: 'D01/EB1' });
    expect(hold(world, broken)).toBe('free');
    expect(hold(world, after(world, broken, { kind: 'resetGlass', device: 'D01/EB1' }))).toBe('held');
  });
  it('stays released after a fire until a key resets the latched relay', () => {
    const burnt = after(world, rest, { kind: 'fire' }, { kind: 'fireGone' });
    expect(hold(world, burnt)).toBe('free');
    expect(hold(world, after(world, burnt, { kind: 'fireReset' }))).toBe('held');
  });
  it('holds on battery, unlocks without power', () => {
    expect(hold(world, after(world, rest, { kind: 'mains', on: false }))).toBe('held');
    expect(hold(world, after(world, rest, { kind: 'dead', on: true }))).toBe('free');
  });
  it('raises a forced alarm and a held-open alarm', () => {
    const forced = after(world, rest, { kind: 'openDoor', from: 'force' });
    expect([...forced.alarms]).toEqual(['forced']);
    const held = advance(world, forced, 30_000).state;
    expect([...held.alarms]).toContain('held-open');
  });
  it('does not answer the exit while the sensor has no supply', () => {
    const plan = mustApply(magnetDoor(), {
      kind: 'disconnect',
      id: wireBetween(magnetDoor(), 'PS1.+V', 'X1.V+'),
    });
    const { world, rest } = start(plan);
    expect(hold(world, after(world, rest, { kind: 'press', device: 'D01/X1' }))).toBe('held');
  });
  it('empties the battery in about the hours its load allows', () => {
    let state = after(world, rest, { kind: 'mains', on: false });
    let hours = 0;
    while (hold(world, state) === 'held' && hours < 40) {
      hours += 0.25;
      state = advance(world, state, hours * 3_600_000).state;
    }
    expect(hours).toBeGreaterThan(4);
    expect(hours).toBeLessThan(12);
  });
});

describe('a card on its way to the controller', () => {
  const outcome = (plan: Plan) => {
    const { world, rest } = start(plan);
    const { effects } = stimulate(world, rest, { kind: 'credential', valid: true });
    return effects.find((effect) => effect.kind === 'card-read');
  };
  const d0 = wireBetween(magnetDoor(), 'R1.D0', 'K1.D0-1');
  const d1 = wireBetween(magnetDoor(), 'R1.D1', 'K1.D1-1');
  it('arrives crossed when D0 and D1 are crossed', () => {
    const plan = mustApply(
      magnetDoor(),
      { kind: 'setConductor', id: d0, patch: { to: terminalOf('D01/K1.D1-1') } },
      { kind: 'setConductor', id: d1, patch: { to: terminalOf('D01/K1.D0-1') } },
    );
    expect(outcome(plan)).toMatchObject({ outcome: 'lines-swapped' });
  });
  it('misses a line', () => {
    expect(outcome(mustApply(magnetDoor(), { kind: 'disconnect', id: d1 }))).toMatchObject({
      outcome: 'one-line-missing',
    });
  });
  it('does not arrive from a reader without supply', () => {
    const plan = magnetDoor();
    const feed = Object.values(plan.conductors).find((c) => [c.from, c.to].includes(terminalOf('D01/R1.V+')));
    expect(outcome(mustApply(plan, { kind: 'disconnect', id: feed?.id ?? '' }))).toMatchObject({
      outcome: 'reader-dead',
    });
  });
});

describe('a fail-secure strike on a keypad', () => {
  const { world, rest } = start(strikeDoor());
  it('is shut at rest without current, opens on a code, shuts when dead', () => {
    expect(lockStatuses(world, rest.point)[0]).toMatchObject({ hold: 'held', amps: 0 });
    expect(hold(world, after(world, rest, { kind: 'credential', valid: true }))).toBe('free');
    expect(hold(world, after(world, rest, { kind: 'dead', on: true }))).toBe('held');
  });
  it('lets people out by the lever without a current', () => {
    const dead = after(world, rest, { kind: 'dead', on: true });
    expect(after(world, dead, { kind: 'openDoor', from: 'inside' }).doorOpen).toBe(true);
    expect(after(world, dead, { kind: 'openDoor', from: 'outside' }).doorOpen).toBe(false);
  });
  it('opens on the exit button for the exit time', () => {
    const pressed = after(world, rest, { kind: 'press', device: 'D01/X1' });
    expect(hold(world, pressed)).toBe('free');
    expect(hold(world, advance(world, pressed, 5000).state)).toBe('held');
  });
});
