import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Plan } from '../plan/index';
import { waysOut } from '../prove/index';
import { mustApply } from '../specimens/doors';
import { installed } from '../specimens/installation';
import { MAGNET_BRIEF } from '../specimens/doors';
import { vestibule } from '../specimens/vestibule';
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
import { numberTried } from '../../scripts/testSlice';

const card: Stimulus = { kind: 'credential', valid: true };
const at = (plan: Plan, door = 'D01') => {
  const world = buildWorld(plan, door);
  return { world, rest: atRest(world) };
};
const after = (world: World, state: SimState, ...acts: Stimulus[]) =>
  acts.reduce((sum, act) => stimulate(world, sum, act).state, state);
const hold = (world: World, state: SimState) => doorHold(lockStatuses(world, state.point));
const set = (plan: Plan, setting: string, value: string | number, device = 'K1') =>
  mustApply(plan, { kind: 'setSetting', device, setting, value });

describe('an interlock between two doors of one controller', () => {
  const { world, rest } = at(vestibule());
  const other = (open: boolean): Stimulus => ({ kind: 'otherDoors', open });
  it('refuses a card while the other door stands open, and for its time after', () => {
    expect(hold(world, after(world, rest, card))).toBe('free');
    const open = after(world, rest, other(true));
    expect(hold(world, after(world, open, card))).toBe('held');
    const shut = after(world, open, other(false));
    expect(hold(world, after(world, shut, card))).toBe('held');
    expect(hold(world, after(world, advance(world, shut, shut.now + 1001).state, card))).toBe('free');
  });
  it('lets an exit pass, or wait, as it is set', () => {
    const exit: Stimulus = { kind: 'press', device: 'D01/X1' };
    expect(hold(world, after(world, rest, other(true), exit))).toBe('free');
    const waits = at(set(vestibule(), 'exits', 'wait'));
    expect(hold(waits.world, after(waits.world, waits.rest, other(true), exit))).toBe('held');
    // The glass asks no controller.
    const glass: Stimulus = { kind: 'breakGlass', device: 'D01/EB1' };
    expect(hold(waits.world, after(waits.world, waits.rest, other(true), glass))).toBe('free');
  });
  it('does nothing where it is off, and nothing is remembered over a loss of power', () => {
    const off = at(set(vestibule(), 'interlock', 'off'));
    expect(hold(off.world, after(off.world, off.rest, other(true), card))).toBe('free');
    const back = after(world, rest, other(true), { kind: 'dead', on: true }, other(false), {
      kind: 'dead',
      on: false,
    });
    expect(hold(world, after(world, back, card))).toBe('free');
  });
  it('never has both doors released by cards, in whatever order they come', () => {
    const two = at(vestibule(), 'D02');
    const acts = fc.array(
      fc.constantFrom<Stimulus>(
        card,
        { kind: 'credential', valid: true, device: 'D02/R1' },
        other(true),
        other(false),
        { kind: 'openDoor', from: 'outside' },
        { kind: 'closeDoor' },
      ),
      { maxLength: 12 },
    );
    fc.assert(
      fc.property(acts, (list) => {
        let state = two.rest;
        let outside = false;
        for (const act of list) {
          state = advance(two.world, after(two.world, state, act), state.now + 300).state;
          if (act.kind === 'otherDoors') outside = act.open;
          // A card never lets somebody into a door while the other has stood open since before it was released.
          if (act.kind === 'credential' && outside && !state.states.has('K1:relay2'))
            expect(hold(two.world, state)).toBe('held');
        }
      }),
      { numRuns: numberTried(60) },
    );
  });
});

describe('a lockdown', () => {
  const { world, rest } = at(vestibule());
  const press: Stimulus = { kind: 'press', device: 'D01/LD1' };
  it('ends a release at once, refuses cards, lets everybody out, and is over when it is reset', () => {
    const released = after(world, rest, card);
    expect(hold(world, released)).toBe('free');
    const down = after(world, released, press);
    expect(hold(world, down)).toBe('held');
    expect(hold(world, after(world, down, card))).toBe('held');
    expect(hold(world, after(world, down, { kind: 'press', device: 'D01/X1' }))).toBe('free');
    expect(hold(world, after(world, down, press, card))).toBe('free');
  });
  it('never takes a way out, whatever else happens', () => {
    const acts = fc.array(
      fc.constantFrom<Stimulus>(
        card,
        press,
        { kind: 'press', device: 'D01/X1' },
        { kind: 'otherDoors', open: true },
        { kind: 'otherDoors', open: false },
        { kind: 'mains', on: false },
        { kind: 'mains', on: true },
        { kind: 'fire' },
        { kind: 'fireReset' },
      ),
      { maxLength: 10 },
    );
    fc.assert(
      fc.property(acts, (list) => {
        const end = list.reduce((state, act) => after(world, state, act), rest);
        expect(waysOut(world, end).works.length).toBeGreaterThan(0);
      }),
      { numRuns: numberTried(80) },
    );
  });
});

describe('an input that a menu sets', () => {
  const plan = (acts: string, atRestIs: 'NO' | 'NC') =>
    mustApply(
      installed({
        name: 'x',
        brief: MAGNET_BRIEF,
        devices: [
          'supply-12v-5a',
          { type: 'controller-1-inputs', settings: { in1: acts, 'in1.rest': atRestIs } },
          'reader-wiegand',
          'magnet-lock',
          'exit-button',
          'break-glass-double',
        ],
      }),
      {
        kind: 'addDevice',
        device: {
          id: 'D01/SW',
          door: 'D01',
          tag: 'SW',
          type: 'lockdown-button',
          place: 'inside',
          leaf: 1,
          settings: {},
          notes: '',
        },
      },
      ...(['from', 'to'] as const).map((end) => ({
        kind: 'connect' as const,
        conductor: {
          id: `D01/Z${end}`,
          door: 'D01',
          number: `Z${end}`,
          from: (end === 'from' ? 'D01/K1.IN1' : 'D01/K1.G') as never,
          to: (end === 'from' ? 'D01/SW.1C' : `D01/SW.1${atRestIs}`) as never,
          colour: 'WH' as const,
          gauge: '0.22mm2' as never,
          length: 2 as never,
          cable: 'A',
          origin: 'hand' as const,
          notes: '',
          assumed: [],
        },
      })),
    );
  const worked: Stimulus = { kind: 'press', device: 'D01/SW' };
  it.each(['NO', 'NC'] as const)('acts when its contact leaves its rest, wired %s', (form) => {
    const lockdown = at(plan('lockdown', form));
    expect(hold(lockdown.world, after(lockdown.world, lockdown.rest, card))).toBe('free');
    expect(hold(lockdown.world, after(lockdown.world, lockdown.rest, worked, card))).toBe('held');
    const exit = at(plan('exit', form));
    expect(hold(exit.world, after(exit.world, exit.rest, worked))).toBe('free');
    const tamper = at(plan('tamper', form));
    expect([...after(tamper.world, tamper.rest, worked).alarms]).toEqual(['tamper']);
    expect([...after(tamper.world, tamper.rest, worked, worked).alarms]).toEqual([]);
    const interlock = at(plan('interlock', form));
    const shut = after(interlock.world, interlock.rest, worked);
    expect(hold(interlock.world, after(interlock.world, shut, card))).toBe('held');
    expect(hold(interlock.world, after(interlock.world, shut, { kind: 'press', device: 'D01/X1' }))).toBe(
      'held',
    );
  });
  it.each(['none', 'aux'])('does nothing to the door as %s', (acts) => {
    const { world, rest } = at(plan(acts, 'NO'));
    const state = after(world, rest, worked);
    expect([hold(world, state), hold(world, after(world, state, card)), state.alarms.size]).toEqual([
      'held',
      'free',
      0,
    ]);
  });
});

describe('a lock-out after wrong cards', () => {
  const plan = installed({
    name: 'x',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-12v-5a',
      { type: 'controller-1-inputs', settings: { 'ch1.tries': 3, 'ch1.lockout': 30 } },
      'reader-wiegand',
      'magnet-lock',
      'exit-button',
      'break-glass-double',
    ],
  });
  const { world, rest } = at(plan);
  const wrong: Stimulus = { kind: 'credential', valid: false };
  it('lets nobody in for its time after as many wrong ones in a row, and everybody out', () => {
    expect(hold(world, after(world, rest, wrong, wrong, card))).toBe('free');
    const out = after(world, rest, wrong, wrong, wrong);
    expect(hold(world, after(world, out, card))).toBe('held');
    expect(hold(world, after(world, out, { kind: 'press', device: 'D01/X1' }))).toBe('free');
    expect(hold(world, after(world, advance(world, out, 30_001).state, card))).toBe('free');
  });
  it('counts anew after a right one, and not at all where it is off', () => {
    const between = after(world, rest, wrong, wrong, card, { kind: 'mains', on: true });
    const shut = advance(world, between, 20_000).state;
    expect(hold(world, after(world, shut, wrong, wrong, card))).toBe('free');
    const off = at(mustApply(plan, { kind: 'setSetting', device: 'D01/K1', setting: 'ch1.tries', value: 0 }));
    const many = Array.from({ length: 12 }, () => wrong);
    expect(hold(off.world, after(off.world, off.rest, ...many, card))).toBe('free');
  });
});
