import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  atRest,
  buildWorld,
  doorHold,
  lockStatuses,
  stimulate,
  advance,
  type SimState,
} from '../../simulate/index';
import { delayedDoor } from '../../specimens/delayTraps';
import { mustApply } from '../../specimens/doors';
import { set } from '../../specimens/ruleEdits';
import type { Stimulus } from '../stimulus';

const plan = delayedDoor();
const world = buildWorld(plan, 'D01');
const rest = atRest(world);
const L1 = 'D01/L1';
const push: Stimulus = { kind: 'press', device: L1, key: 'push' };
const rearm: Stimulus = { kind: 'press', device: L1, key: 'rearm' };
const card: Stimulus = { kind: 'credential', valid: true };
const after = (state: SimState, ...stimuli: Stimulus[]): SimState =>
  stimuli.reduce((now, one) => stimulate(world, now, one).state, state);
const later = (state: SimState, seconds: number): SimState =>
  advance(world, state, state.now + seconds * 1000).state;
const isFree = (state: SimState): boolean => doorHold(lockStatuses(world, state.point)) === 'free';
const sounds = ({ states }: SimState): boolean => states.has(`${L1}:sounding`);

describe('delayed egress', () => {
  it('sounds at a push, and lets go when push and delay are over, no sooner', () => {
    const pushed = after(rest, push);
    expect([isFree(rest), isFree(pushed), sounds(pushed)]).toEqual([false, false, true]);
    expect(isFree(later(pushed, 15.9))).toBe(false);
    const out = later(pushed, 16);
    expect([isFree(out), isFree(later(out, 3600))]).toEqual([true, true]);
  });
  it('cannot be called off once it counts, but by a card or its key', () => {
    const counting = later(after(rest, push), 5);
    expect(isFree(later(after(counting, push, push), 11))).toBe(true);
    expect(isFree(later(after(counting, card), 60))).toBe(false);
    expect(isFree(later(after(counting, rearm), 60))).toBe(false);
  });
  it('sounds at a bump, and starts nothing', () => {
    const bumped = after(rest, { kind: 'openDoor', from: 'inside' });
    expect(sounds(bumped)).toBe(true);
    const calm = later(bumped, 60);
    expect([sounds(calm), isFree(calm)]).toEqual([false, false]);
    const quick = buildWorld(mustApply(plan, set('L1', 'nuisance', 0)), 'D01');
    const begun = stimulate(quick, atRest(quick), { kind: 'openDoor', from: 'inside' }).state;
    expect(isFree(advance(quick, begun, begun.now + 15_000).state)).toBe(true);
  });
  it('lets somebody with a card through in silence, and holds again', () => {
    const let_ = after(rest, card);
    expect([isFree(let_), sounds(let_)]).toEqual([true, false]);
    expect(isFree(later(let_, 60))).toBe(false);
  });
  it('lets go at once in a fire, and stays so until it is re-armed with the fire over', () => {
    const fire = after(rest, { kind: 'fire' });
    expect(isFree(fire)).toBe(true);
    expect(isFree(after(fire, rearm))).toBe(true);
    const over = later(after(fire, { kind: 'fireGone' }, { kind: 'fireReset' }), 3600);
    expect(isFree(over)).toBe(true);
    expect(isFree(after(over, rearm))).toBe(false);
  });
  it('stays released when its power was gone, or arms itself, as it is set', () => {
    const back = after(rest, { kind: 'dead', on: true }, { kind: 'dead', on: false });
    expect([isFree(later(back, 3600)), isFree(later(after(back, rearm), 1))]).toEqual([true, false]);
    const arms = buildWorld(mustApply(plan, set('L1', 'back', 'arms')), 'D01');
    const dead = stimulate(arms, atRest(arms), { kind: 'dead', on: true }).state;
    const on = stimulate(arms, dead, { kind: 'dead', on: false }).state;
    expect(doorHold(lockStatuses(arms, on.point))).not.toBe('free');
  });
  it('lets nobody wait longer than push and delay, whatever is done meanwhile but with a card or a key', () => {
    const things: Stimulus[] = [
      push,
      { kind: 'openDoor', from: 'inside' },
      { kind: 'openDoor', from: 'outside' },
      { kind: 'credential', valid: false },
      { kind: 'fire' },
      { kind: 'mains', on: false },
      { kind: 'mains', on: true },
      { kind: 'dead', on: true },
    ];
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom(...things), fc.integer({ min: 0, max: 4 })), { maxLength: 6 }),
        (done) => {
          const end = done.reduce((now, [one, wait]) => later(after(now, one), wait), after(rest, push));
          const left = Math.max(0, rest.now + 16_000 - end.now) / 1000;
          return isFree(later(end, left));
        },
      ),
      { numRuns: 60 },
    );
  });
});
