import { terminalOf } from '../specimens/terminalOf';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { newDevice } from '../brief/index';
import { checkContext, runChecks } from '../checks/index';
import { conductorsOf, emptyPlan, type Conductor, type Edit, type Plan } from '../plan/index';
import { MAGNET_BRIEF, magnetDoor, mustApply, strikeDoor, wireBetween, wiredDoor } from '../specimens/doors';
import { metres, mm2 } from '../units/index';
import { autowire } from './index';
import { cableBetween, doorParts, lengthBetween, lockDeadState } from '../door/index';
import { numberTried } from '../../scripts/testSlice';

const ends = (plan: Plan, door = 'D01') =>
  conductorsOf(plan, door)
    .map(({ from, to }) => [from, to].sort().join(' – '))
    .sort();
const hand = (from: string, to: string, number = 'W90'): Edit => ({
  kind: 'connect',
  conductor: {
    id: `D01/${number}`,
    door: 'D01',
    number,
    from: terminalOf(from),
    to: terminalOf(to),
    colour: 'PK',
    gauge: mm2(0.5),
    length: metres(4),
    cable: '',
    origin: 'hand',
    assumed: [],
  },
});
const bad = (plan: Plan, door = 'D01') =>
  runChecks(checkContext(plan, door))
    .filter(({ severity }) => severity === 'stop' || severity === 'fix')
    .map(({ code }) => code);

describe('autowire', () => {
  it('lays the lock power of a magnet in the order a person would', () => {
    const lock = conductorsOf(magnetDoor(), 'D01').slice(0, 6);
    expect(lock.map(({ from, to }) => `${from.slice(4)} ${to.slice(4)}`)).toEqual([
      'PS1.+V F1.C',
      'F1.NC K1.COM1',
      'K1.NC1 EB1.1C',
      'EB1.1NC L1.+',
      'L1.- EB1.2NC',
      'EB1.2C PS1.0V',
    ]);
  });

  it('puts no break into the power of a fail-secure lock', () => {
    const plan = strikeDoor();
    const withGlass = mustApply(plan, {
      kind: 'addDevice',
      device: newDevice(plan, 'D01', 'break-glass-double'),
    });
    const wired = mustApply(withGlass, autowire(withGlass, 'D01').edit);
    expect(ends(wired).join()).not.toContain('EB1');
  });

  it('wired again, gives the same wires', () => {
    for (const plan of [magnetDoor(), strikeDoor()]) {
      expect(ends(mustApply(plan, autowire(plan, 'D01', metres(12)).edit))).toEqual(ends(plan));
    }
  });

  it('keeps what a hand laid, and does not lay the same wire twice', () => {
    const plan = magnetDoor();
    const id = wireBetween(plan, 'F1.NC', 'K1.COM1');
    const mixed = mustApply(
      plan,
      { kind: 'disconnect', id },
      hand('D01/F1.NC', 'D01/K1.COM1'),
      hand('D01/X1.NC', 'D01/K1.NO2', 'W91'),
    );
    const wiring = autowire(mixed, 'D01', metres(12));
    expect(wiring.kept.map(({ number }) => number)).toEqual(['W90', 'W91']);
    const wired = mustApply(mixed, wiring.edit);
    expect(ends(wired).filter((one) => one.includes('COM1'))).toHaveLength(1);
    expect(ends(wired)).toContain('D01/K1.NO2 – D01/X1.NC');
    expect(bad(wired)).toEqual([]);
  });

  it('is taken back by one undo', () => {
    const plan = magnetDoor();
    const { edit } = autowire(plan, 'D01', metres(30));
    expect(edit.kind).toBe('batch');
    expect(mustApply(plan, edit)).not.toEqual(plan);
  });

  it('puts a second exit in parallel, and a fifth load on the nearest device with room', () => {
    const plan = magnetDoor();
    const more = mustApply(
      plan,
      { kind: 'addDevice', device: newDevice(plan, 'D01', 'exit-button') },
      { kind: 'addDevice', device: { ...newDevice(plan, 'D01', 'exit-touchless'), id: 'D01/X3', tag: 'X3' } },
    );
    const wired = mustApply(more, autowire(more, 'D01').edit);
    expect(bad(wired)).toEqual([]);
    const count = (terminal: string) =>
      ends(wired).filter((one) => one.split(' – ').includes(terminal)).length;
    expect(count('D01/PS1.+V')).toBeLessThanOrEqual(4);
    expect(count('D01/K1.EX1')).toBeLessThanOrEqual(2);
  });

  it('gives a second door the other channel of a shared controller and supply', () => {
    let plan = wiredDoor('magnet-controller', MAGNET_BRIEF, emptyPlan('s', 's'), 'D01');
    plan = wiredDoor('magnet-controller', MAGNET_BRIEF, plan, 'D02');
    plan = mustApply(
      plan,
      { kind: 'removeDevice', id: 'D02/K1' },
      { kind: 'removeDevice', id: 'D02/PS1' },
      // One wire by hand says which supply and controller the second door hangs on.
      {
        kind: 'connect',
        conductor: { ...wire('D02', 'D01/K1.EX2', 'D02/X1.COM') },
      },
    );
    const shared = mustApply(plan, autowire(plan, 'D02').edit);
    const parts = doorParts(shared, 'D02');
    expect(parts.decider?.device.id).toBe('D01/K1');
    expect(parts.channel).toBe(1);
    expect(ends(shared, 'D02').join()).toContain('D01/K1.NC2');
  });
  const wire = (door: string, from: string, to: string): Conductor => ({
    id: `${door}/W90`,
    door,
    number: 'W90',
    from: terminalOf(from),
    to: terminalOf(to),
    colour: 'YE',
    gauge: mm2(0.22),
    length: metres(9),
    cable: '',
    origin: 'hand',
    assumed: [],
  });

  it('never asks for a terminal that is not there, whatever hardware stands at the door', () => {
    const types = [
      'exit-button',
      'exit-touchless',
      'door-contact',
      'reader-wiegand',
      'break-glass-single',
      'break-glass-double',
      'fire-relay',
      'supply-12v',
      'keypad-slots',
      'strike',
      'magnet-lock',
      'flyback-diode',
      'joint',
    ];
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...types), { maxLength: 9 }), (chosen) => {
        let plan = mustApply(emptyPlan('s', 's'), {
          kind: 'addDoor',
          door: {
            id: 'D01',
            order: 1,
            name: '',
            brief: MAGNET_BRIEF,
            deadState: null,
            schools: {},
            freePassage: null,
            openingHours: null,
            expectations: [],
            notes: '',
            lastWire: 0,
          },
        });
        for (const type of chosen)
          plan = mustApply(plan, { kind: 'addDevice', device: newDevice(plan, 'D01', type) });
        const wired = mustApply(plan, autowire(plan, 'D01').edit);
        return runChecks(checkContext(wired, 'D01')).every(
          ({ code }) => code !== 'driven-input' && code !== 'reversed-device',
        );
      }),
      { numRuns: numberTried(60) },
    );
  });
});

describe('lengthBetween and cableBetween', () => {
  const { devices } = magnetDoor();
  const at = (tag: string) => devices[`D01/${tag}`];
  it('follow from where the devices stand', () => {
    expect(lengthBetween(at('PS1'), at('K1'), metres(12))).toBe(0.5);
    expect(lengthBetween(at('PS1'), at('L1'), metres(12))).toBe(14);
    expect(lengthBetween(at('X1'), at('L1'), metres(12))).toBe(3);
    expect(cableBetween(at('PS1'), at('K1'))).toBe('');
    expect(cableBetween(at('PS1'), at('L1'))).toBe('L1');
    expect(cableBetween(at('X1'), at('L1'))).toBe('L1–X1');
  });
});

describe('lockDeadState', () => {
  it('is a magnet’s nature and a strike’s screw', () => {
    expect(doorParts(magnetDoor(), 'D01').locks.map((lock) => lockDeadState(magnetDoor(), lock))).toEqual([
      'fail-safe',
    ]);
    const plan = mustApply(strikeDoor(), {
      kind: 'setSetting',
      device: 'D01/L1',
      setting: 'mode',
      value: 'fail-safe',
    });
    expect(doorParts(plan, 'D01').locks.map((lock) => lockDeadState(plan, lock))).toEqual(['fail-safe']);
  });
});
