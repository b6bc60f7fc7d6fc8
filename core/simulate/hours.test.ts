import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkSheet } from '../commission/index';
import { letsIn, waysOut } from '../prove/index';
import { judge, offered, play } from '../scenarios/index';
import { hourDoor } from '../specimens/hourDoors';
import {
  advance,
  atRest,
  buildWorld,
  doorHold,
  lockStatuses,
  stimulate,
  type SimState,
  type Stimulus,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const BEGIN: Stimulus = { kind: 'hours', on: true };
const OVER: Stimulus = { kind: 'hours', on: false };
const CARD: Stimulus = { kind: 'credential', valid: true, device: 'D01/R1' };
const LONG = 600_000;

/** A door by its settings, and what becomes of it act by act; a number lets so many ms pass. */
function made(settings: Readonly<Record<string, string | number>>) {
  const plan = hourDoor(settings);
  const world = buildWorld(plan, 'D01');
  const rest = atRest(world);
  const step = (now: SimState, act: Stimulus | number): SimState =>
    typeof act === 'number' ? advance(world, now, now.now + act).state : stimulate(world, now, act).state;
  const then = (...acts: readonly (Stimulus | number)[]): SimState => acts.reduce(step, rest);
  const isFree = (state: SimState) => doorHold(lockStatuses(world, state.point)) === 'free';
  const effects = (device: string, state: SimState) =>
    stimulate(world, state, { kind: 'credential', valid: true, device, who: 1 });
  return { plan, world, rest, step, then, isFree, effects };
}

describe('free passage by the clock', () => {
  const { then, isFree, world, rest, plan } = made({ 'ch1.free': 'clock' });
  it('unlocks for its hours, and no longer', () => {
    expect(isFree(rest)).toBe(false);
    expect(isFree(then(BEGIN, LONG))).toBe(true);
    expect(isFree(then(BEGIN, LONG, OVER))).toBe(false);
  });
  it('is not ended by a card, an exit, or a leaf that falls shut', () => {
    const exit: Stimulus = { kind: 'press', device: 'D01/X1' };
    const walk: Stimulus[] = [{ kind: 'openDoor', from: 'outside' }, { kind: 'closeDoor' }];
    expect(isFree(then(BEGIN, CARD, LONG))).toBe(true);
    expect(isFree(then(BEGIN, exit, LONG))).toBe(true);
    expect(isFree(then(BEGIN, CARD, ...walk, exit, ...walk, LONG))).toBe(true);
  });
  it('raises no alarm while people walk through or prop the door, and does again afterwards', () => {
    const propped = then(BEGIN, { kind: 'openDoor', from: 'outside' }, LONG);
    expect([...propped.alarms]).toEqual([]);
    expect([...then(BEGIN, OVER, { kind: 'openDoor', from: 'force' }).alarms]).toEqual(['forced']);
  });
  it('yields to a lockdown, and comes back when that is over', () => {
    const heeds = made({ 'ch1.free': 'clock', netLockdown: 'heeds' });
    const on: Stimulus = { kind: 'lockdown', on: true };
    const off: Stimulus = { kind: 'lockdown', on: false };
    expect(heeds.isFree(heeds.then(BEGIN, on))).toBe(false);
    expect(letsIn(heeds.world, heeds.then(BEGIN, on))).toBe(false);
    expect(waysOut(heeds.world, heeds.then(BEGIN, on)).works.length).toBeGreaterThan(0);
    expect(heeds.isFree(heeds.then(BEGIN, on, off, LONG))).toBe(true);
    expect(heeds.isFree(heeds.then(BEGIN, on, OVER, off, LONG))).toBe(false);
    expect(heeds.isFree(heeds.then(on, BEGIN, LONG))).toBe(false);
  });
  it('is known again to a board that was dead, or was started again', () => {
    const decider = Object.values(plan.devices).find(({ tag }) => tag === 'K1')!;
    const devices = [decider.id];
    expect(isFree(then(BEGIN, { kind: 'hang', devices }, { kind: 'restart', devices }, LONG))).toBe(true);
    const dead: Stimulus[] = [
      { kind: 'dead', on: true },
      { kind: 'dead', on: false },
    ];
    expect(isFree(then(BEGIN, ...dead, LONG))).toBe(true);
    expect(isFree(then(BEGIN, ...dead, OVER, LONG))).toBe(false);
  });
  it('leaves a way out at every moment, whatever happens', () => {
    const act = fc.constantFrom<Stimulus | number>(
      BEGIN,
      OVER,
      CARD,
      6000,
      LONG,
      { kind: 'openDoor', from: 'outside' },
      { kind: 'closeDoor' },
      { kind: 'press', device: 'D01/X1' },
      { kind: 'network', on: false },
      { kind: 'network', on: true },
    );
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        const state = then(...acts);
        expect(state.doorOpen || waysOut(world, state).works.length > 0).toBe(true);
        // Hours over and time enough: locked, whatever went before.
        const after = then(...acts, OVER, { kind: 'closeDoor' }, LONG);
        expect(isFree(after)).toBe(false);
        // And free for as long as they last.
        expect(isFree(then(...acts, { kind: 'closeDoor' }, OVER, BEGIN, LONG))).toBe(true);
      }),
      { numRuns: numberTried(40) },
    );
  });
});

describe('the first person in', () => {
  const { then, isFree } = made({ 'ch1.free': 'first-in' });
  it('unlocks it for the rest of its hours, and nobody before', () => {
    expect(isFree(then(BEGIN, LONG))).toBe(false);
    expect(isFree(then(BEGIN, LONG, CARD, LONG))).toBe(true);
    expect(isFree(then(BEGIN, CARD, LONG, OVER))).toBe(false);
  });
  it('is none who leaves, whose card is wrong, or who comes by the exit button', () => {
    expect(isFree(then(BEGIN, { kind: 'credential', valid: false, device: 'D01/R1' }, LONG))).toBe(false);
    expect(isFree(then(BEGIN, { kind: 'credential', valid: true, device: 'D01/R2' }, LONG))).toBe(false);
    expect(isFree(then(BEGIN, { kind: 'press', device: 'D01/X1' }, LONG))).toBe(false);
  });
  it('who came before its hours is no reason to unlock at their begin', () => {
    expect(isFree(then(CARD, BEGIN, LONG))).toBe(false);
  });
});

describe('passback', () => {
  it('refuses a card that comes in twice, until it has gone out', () => {
    const { then, effects } = made({ 'ch1.passback': 'refuses' });
    const kinds = (...devices: string[]): string[][] => {
      let state = then();
      return devices.map((device) => {
        const step = effects(device, state);
        state = step.state;
        return step.effects
          .map(({ kind }) => kind)
          .filter((kind) => ['accepted', 'refused', 'passback'].includes(kind));
      });
    };
    const [outer, inner] = ['D01/R1', 'D01/R2'];
    expect(kinds(outer!, outer!, inner!, outer!)).toEqual([
      ['accepted'],
      ['passback', 'refused'],
      ['accepted'],
      ['accepted'],
    ]);
    // Out first: nobody knows where it was.
    expect(kinds(inner!, inner!)).toEqual([['accepted'], ['passback', 'refused']]);
  });
  it('only reports where it is set so, and forgets after its time', () => {
    const reports = made({ 'ch1.passback': 'reports' });
    const once = reports.effects('D01/R1', reports.rest).state;
    expect(reports.effects('D01/R1', once).effects.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['passback', 'accepted']),
    );
    const forgets = made({ 'ch1.passback': 'refuses', 'ch1.forgive': 10 });
    const came = forgets.effects('D01/R1', forgets.rest).state;
    const [soon, late] = [590_000, 601_000].map((ms) => forgets.step(came, ms));
    expect(forgets.effects('D01/R1', soon!).effects.some(({ kind }) => kind === 'refused')).toBe(true);
    expect(forgets.effects('D01/R1', late!).effects.some(({ kind }) => kind === 'refused')).toBe(false);
  });
  it('never keeps anybody in: the exit button asks for no card', () => {
    const { then, world } = made({ 'ch1.passback': 'refuses' });
    const card: Stimulus = { kind: 'credential', valid: true, device: 'D01/R2', who: 1 };
    expect(waysOut(world, then(card, LONG)).works.length).toBeGreaterThan(0);
  });
});

describe('what a door with hours is tested and played by', () => {
  it.each([
    ['clock', ['passage', 'passage-over', 'passback', 'passback-out']],
    ['first-in', ['passage-first', 'passage-over', 'passback', 'passback-out']],
  ])('%s', (free, tasks) => {
    const { plan } = made({ 'ch1.free': free, 'ch1.passback': 'refuses' });
    const sheet = checkSheet(plan, 'D01');
    const found = sheet.map(({ task }) => task as string);
    expect(found.filter((task) => task.startsWith('pass'))).toEqual(tasks);
  });
  it('has no such lines where it keeps none', () => {
    const sheet = checkSheet(hourDoor(), 'D01');
    expect(sheet.filter(({ task }) => task.startsWith('pass'))).toEqual([]);
  });
  it.each(['clock', 'first-in'])('its scenarios hold, %s', (free) => {
    const { plan, world, rest } = made({ 'ch1.free': free, 'ch1.passback': 'refuses' });
    const scenes = offered(plan, world, rest).filter(({ of }) => of === 'passage' || of === 'handed');
    expect(scenes.map(({ of }) => of)).toEqual(['passage', 'handed']);
    for (const { of, ...scene } of scenes) {
      const scenario = { id: 'D01/S1', door: 'D01', name: of, order: 0, kept: null, ...scene };
      expect([of, judge(world, scenario, play(world, rest, scenario))]).toMatchObject([of, []]);
    }
  });
});
