import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Edit } from '../plan/index';
import { magnetDoor, mustApply, strikeDoor } from '../specimens/doors';
import {
  advance,
  atRest,
  buildWorld,
  doorHold,
  foresee,
  lockStatuses,
  sampleLanes,
  stimulate,
  type SimState,
  type Stimulus,
  type World,
} from './index';
import { numberTried } from '../../scripts/testSlice';

function start(plan = magnetDoor(), ...edits: Edit[]): { world: World; rest: SimState } {
  const world = buildWorld(mustApply(plan, ...edits), 'D01');
  return { world, rest: atRest(world) };
}
const hold = (world: World, state: SimState) => doorHold(lockStatuses(world, state.point));
const card: Stimulus = { kind: 'credential', valid: true };
const set = (setting: string, value: string | number): Edit => ({
  kind: 'setSetting',
  device: 'D01/K1',
  setting: `ch1.${setting}`,
  value,
});

describe('release times', () => {
  it('start anew with a second card', () => {
    const { world, rest } = start();
    const first = stimulate(world, rest, card).state;
    const second = stimulate(world, advance(world, first, 4000).state, card).state;
    expect(hold(world, advance(world, second, 6000).state)).toBe('free');
    expect(hold(world, advance(world, second, 9000).state)).toBe('held');
  });
  it('are the exit time after an exit request, not the unlock time', () => {
    const { world, rest } = start(magnetDoor(), set('exit', 9));
    const pressed = stimulate(world, rest, { kind: 'press', device: 'D01/X1' }).state;
    expect(hold(world, advance(world, pressed, 8900).state)).toBe('free');
    expect(hold(world, advance(world, pressed, 9100).state)).toBe('held');
  });
  it('run to their end where the door re-locks on time', () => {
    const { world, rest } = start(magnetDoor(), set('relock', 'time'));
    let state = stimulate(world, rest, card).state;
    state = stimulate(world, state, { kind: 'openDoor', from: 'outside' }).state;
    state = stimulate(world, advance(world, state, 1000).state, { kind: 'closeDoor' }).state;
    expect(hold(world, state)).toBe('free');
    expect(hold(world, advance(world, state, 5000).state)).toBe('held');
  });
  it('end when the controller loses its power, and do not come back with it', () => {
    const { world, rest } = start();
    const released = stimulate(world, rest, card).state;
    const dead = stimulate(world, released, { kind: 'dead', on: true }).state;
    const back = stimulate(world, dead, { kind: 'dead', on: false }).state;
    expect(hold(world, back)).toBe('held');
    expect(back.queue).toEqual([]);
  });
});

describe('faults of the controller', () => {
  it('hung: cards and exits do nothing, the break glass still opens', () => {
    const { world, rest } = start();
    const hung = stimulate(world, rest, { kind: 'hang', devices: ['D01/K1'] }).state;
    expect(hold(world, stimulate(world, hung, card).state)).toBe('held');
    expect(hold(world, stimulate(world, hung, { kind: 'press', device: 'D01/X1' }).state)).toBe('held');
    expect(hold(world, stimulate(world, hung, { kind: 'breakGlass', device: 'D01/EB1' }).state)).toBe('free');
  });
  it('hung while released: the relay stays as it is', () => {
    const { world, rest } = start();
    const released = stimulate(world, rest, card).state;
    const hung = stimulate(world, released, { kind: 'hang', devices: ['D01/K1'] }).state;
    expect(hold(world, advance(world, hung, 60_000).state)).toBe('free');
  });
  it('dead: its relay rests, its board never starts again', () => {
    const { world, rest } = start();
    const failed = stimulate(world, stimulate(world, rest, card).state, {
      kind: 'fail',
      devices: ['D01/K1'],
    }).state;
    expect(failed.boards.get('D01/K1:board')).toBe(false);
    expect(hold(world, failed)).toBe('held');
  });
});

describe('alarms', () => {
  it('are quiet for a legitimate opening, and end when the door closes', () => {
    const { world, rest } = start(magnetDoor(), set('held', 10));
    let state = stimulate(world, rest, { kind: 'press', device: 'D01/X1' }).state;
    state = stimulate(world, state, { kind: 'openDoor', from: 'inside' }).state;
    expect([...state.alarms]).toEqual([]);
    state = advance(world, state, 10_001).state;
    expect([...state.alarms]).toEqual(['held-open']);
    state = stimulate(world, state, { kind: 'closeDoor' }).state;
    expect([...state.alarms]).toEqual([]);
  });
  it('are gone when the controller starts again and finds the door shut', () => {
    const { world, rest } = start(magnetDoor());
    const end = (
      [
        { kind: 'openDoor', from: 'force' },
        { kind: 'dead', on: true },
        { kind: 'closeDoor' },
        { kind: 'dead', on: false },
      ] as const
    ).reduce((state, one) => stimulate(world, state, one).state, rest);
    expect([...end.alarms]).toEqual([]);
  });
  it('need a door contact', () => {
    const { world, rest } = start(magnetDoor(), { kind: 'removeDevice', id: 'D01/C1' });
    const forced = stimulate(world, rest, { kind: 'openDoor', from: 'force' }).state;
    expect([...advance(world, forced, 120_000).state.alarms]).toEqual([]);
  });
});

describe('the simulation', () => {
  const acts = fc.array(
    fc.oneof(
      fc.constant<Stimulus>(card),
      fc.constant<Stimulus>({ kind: 'credential', valid: false }),
      fc.constant<Stimulus>({ kind: 'press', device: 'D01/X1' }),
      fc
        .constantFrom('inside', 'outside', 'force')
        .map((from): Stimulus => ({ kind: 'openDoor', from: from as 'inside' })),
      fc.constant<Stimulus>({ kind: 'closeDoor' }),
      fc.constant<Stimulus>({ kind: 'breakGlass', device: 'D01/EB1' }),
      fc.constant<Stimulus>({ kind: 'resetGlass', device: 'D01/EB1' }),
      fc.constantFrom('fire', 'fireGone', 'fireReset').map((kind): Stimulus => ({ kind: kind as 'fire' })),
      fc.boolean().map((on): Stimulus => ({ kind: 'mains', on })),
      fc.boolean().map((on): Stimulus => ({ kind: 'dead', on })),
      fc
        .constantFrom('W01', 'W04', 'W07', 'W13')
        .map((n): Stimulus => ({ kind: 'cut', conductor: `D01/${n}` })),
      fc
        .constantFrom('W01', 'W04', 'W07', 'W13')
        .map((n): Stimulus => ({ kind: 'mend', conductor: `D01/${n}` })),
    ),
    { maxLength: 14 },
  );
  const play = (world: World, rest: SimState, list: readonly Stimulus[]) =>
    list.reduce(
      (state, stimulus) => advance(world, stimulate(world, state, stimulus).state, state.now + 700).state,
      rest,
    );

  it('gives the same end for the same acts, and leaves where it came from untouched', () => {
    const { world, rest } = start();
    const before = structuredClone({ states: rest.states, volts: rest.point.volts, queue: rest.queue });
    fc.assert(
      fc.property(acts, (list) => {
        const [one, two] = [play(world, rest, list), play(world, rest, list)];
        expect([...one.states]).toEqual([...two.states]);
        expect(one.point.volts).toEqual(two.point.volts);
        expect(rest.point.volts).toEqual(before.volts);
        expect(rest.states).toEqual(before.states);
      }),
      { numRuns: numberTried(60) },
    );
  });
  it('never holds a magnet whose break glass is broken or whose fire relay is released', () => {
    const { world, rest } = start();
    fc.assert(
      fc.property(acts, (list) => {
        const end = play(world, rest, list);
        const broken = end.states.has('D01/EB1:broken') || end.states.has('D01/F1:alarm');
        return !broken || hold(world, end) === 'free';
      }),
      { numRuns: numberTried(150) },
    );
  });
  it('never unlocks a fail-secure strike that has no power', () => {
    const { world, rest } = start(strikeDoor());
    const at = acts.map((list) => list.filter(({ kind }) => !['breakGlass', 'resetGlass'].includes(kind)));
    fc.assert(
      fc.property(at, (list) => {
        const dead = stimulate(world, play(world, rest, list), { kind: 'dead', on: true }).state;
        return hold(world, dead) === 'held';
      }),
      { numRuns: numberTried(80) },
    );
  });
  it('orders what falls on the same millisecond by what was started first', () => {
    const { world, rest } = start(magnetDoor(), set('exit', 5));
    const both = stimulate(
      world,
      stimulate(world, rest, { kind: 'press', device: 'D01/X1' }).state,
      card,
    ).state;
    const [first, second] = both.queue;
    expect(first!.at).toBeLessThanOrEqual(second!.at);
    if (first!.at === second!.at) expect(first!.sequence).toBeLessThan(second!.sequence);
  });
});

describe('foresee', () => {
  it('sees what will really happen', () => {
    const { world, rest } = start();
    const released = stimulate(world, rest, card).state;
    const ahead = foresee(world, released, 20_000);
    expect(ahead.at(-1)).toEqual(sampleLanes(world, advance(world, released, ahead.at(-1)!.at).state));
    expect(ahead.at(-1)).toMatchObject({ at: 5000, lock: 'held', relays: [] });
  });
});

describe('a door that is dead', () => {
  it('stays dead while time passes, whatever its batteries would still hold', () => {
    const { world, rest } = start();
    const onBattery = stimulate(world, rest, { kind: 'mains', on: false }).state;
    expect(hold(world, onBattery)).toBe('held');
    const dead = stimulate(world, onBattery, { kind: 'dead', on: true }).state;
    for (const after of [1_000, 61_000, 3_600_000]) {
      const later = advance(world, dead, dead.now + after).state;
      expect([after, hold(world, later)]).toEqual([after, 'free']);
      expect([...later.feeds.values()].every(({ kind }) => kind === 'off')).toBe(true);
    }
    // Mains that come back feed it again.
    const back = stimulate(world, advance(world, dead, dead.now + 61_000).state, {
      kind: 'mains',
      on: true,
    }).state;
    expect(hold(world, back)).toBe('held');
  });
});
