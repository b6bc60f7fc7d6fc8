import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkContext } from '../checks/index';
import { checkSheet } from '../commission/index';
import { letsIn, waysOut } from '../prove/index';
import { mustApply } from '../specimens/doors';
import { menuDoor } from '../specimens/menuDoor';
import { set } from '../specimens/ruleEdits';
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

const CALLED: Stimulus = { kind: 'lockdown', on: true };
const OVER: Stimulus = { kind: 'lockdown', on: false };
const LOST: Stimulus = { kind: 'network', on: false };
const BACK: Stimulus = { kind: 'network', on: true };

const plan = mustApply(menuDoor('controller-1-menu'), set('K1', 'netLockdown', 'heeds'));
const world = buildWorld(plan, 'D01');
const rest = atRest(world);
const then = (...acts: Stimulus[]): SimState =>
  acts.reduce((now, act) => stimulate(world, now, act).state, rest);
const isShut = (state: SimState) => doorHold(lockStatuses(world, state.point)) === 'held';
const exitWorks = (state: SimState) => waysOut(world, state).works.some(({ kind }) => kind === 'exit');

describe('a lockdown of the whole site, at a controller that keeps it', () => {
  it('lets nobody in and everybody out, until it is over', () => {
    const called = then(CALLED);
    expect([letsIn(world, called), exitWorks(called)]).toEqual([false, true]);
    expect(letsIn(world, then(CALLED, OVER))).toBe(true);
  });
  it('locks at once a door that a card has just let go', () => {
    const card: Stimulus = { kind: 'credential', valid: true };
    expect(isShut(then(card))).toBe(false);
    expect(isShut(then(card, CALLED))).toBe(true);
  });
  it('is heard late by whoever had lost the network, and stays with whoever loses it meanwhile', () => {
    expect(letsIn(world, then(LOST, CALLED))).toBe(true);
    expect(letsIn(world, then(LOST, CALLED, BACK))).toBe(false);
    expect(letsIn(world, then(CALLED, LOST, OVER))).toBe(false);
    expect(letsIn(world, then(CALLED, LOST, OVER, BACK))).toBe(true);
  });
  it('is told anew to a board that was dead, or was started again', () => {
    const dead: Stimulus[] = [
      { kind: 'dead', on: true },
      { kind: 'dead', on: false },
    ];
    const [decider] = Object.values(plan.devices).filter(({ type }) => type === 'controller-1-menu');
    const devices = [decider!.id];
    const again: Stimulus[] = [
      { kind: 'hang', devices },
      { kind: 'restart', devices },
    ];
    for (const way of [dead, again]) {
      expect(letsIn(world, then(CALLED, ...way))).toBe(false);
      expect(letsIn(world, then(CALLED, ...way, OVER))).toBe(true);
    }
  });
  it('is nothing to one that ignores it', () => {
    const deaf = buildWorld(menuDoor('controller-1-menu'), 'D01');
    expect(letsIn(deaf, stimulate(deaf, atRest(deaf), CALLED).state)).toBe(true);
  });
  it('keeps nobody inside, and is over when it is over, whatever happens', () => {
    const acts: readonly Stimulus[] = [
      CALLED,
      OVER,
      LOST,
      BACK,
      { kind: 'credential', valid: true },
      { kind: 'credential', valid: false },
      { kind: 'press', device: 'D01/X1' },
      { kind: 'dead', on: true },
      { kind: 'dead', on: false },
    ];
    fc.assert(
      fc.property(fc.array(fc.nat(acts.length - 1), { maxLength: 8 }), (tried) => {
        const state = then(...tried.map((index) => acts[index]!));
        expect(waysOut(world, state).works.length + (isShut(state) ? 0 : 1)).toBeGreaterThan(0);
        const back = [{ kind: 'dead', on: false } as const, BACK];
        const last = tried.filter((index) => index < 2).at(-1);
        const known = advance(world, state, state.now + 600_000).state;
        const now = back.reduce<SimState>((one, act) => stimulate(world, one, act).state, known);
        expect(letsIn(world, advance(world, now, now.now + 600_000).state)).toBe(last !== 0);
      }),
      { numRuns: numberTried(60) },
    );
  });
  it('has a row of the proof at that controller, and lines of the check sheet', () => {
    const row = checkContext(plan, 'D01').proof.rows.find(({ situation }) => situation === 'lockdown');
    expect([row?.cells.outside.verdict, row?.cells.inside.verdict]).toEqual(['pass', 'pass']);
    const ids = checkSheet(plan, 'D01').map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining(['lockdown:site', 'lockdown-site-exit:X1']));
  });
});
