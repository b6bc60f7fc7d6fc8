import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import { MAGNET_BRIEF, magnetDoor, mustApply, wiredDoor } from '../specimens/doors';
import { metres, mm2 } from '../units/index';
import {
  applyEdit,
  conductorsOf,
  devicesOf,
  doorsInOrder,
  emptyPlan,
  nextDoorId,
  nextTag,
  nextWireNumber,
  scopeOf,
  terminalLabel,
} from './index';

const two = wiredDoor('magnet-controller', MAGNET_BRIEF, wiredDoor('strike-keypad', MAGNET_BRIEF), 'D02');

describe('scopeOf', () => {
  it('holds a door and nothing of its neighbour while no wire joins them', () => {
    const scope = scopeOf(two, 'D02');
    expect(scope.devices.every(({ door }) => door === 'D02')).toBe(true);
    expect(scope.conductors).toHaveLength(18);
  });
  it('follows a wire across to everything that hangs on the same supply', () => {
    const joined = mustApply(two, {
      kind: 'connect',
      conductor: {
        id: 'x',
        door: 'D02',
        number: 'W99',
        from: terminalOf('D01/PS1.0V'),
        to: terminalOf('D02/PS1.0V'),
        colour: 'BK',
        gauge: mm2(1),
        length: metres(5),
        cable: '',
        origin: 'hand',
        assumed: [],
      },
    });
    expect(scopeOf(joined, 'D02').devices.map(({ id }) => id)).toContain('D01/L1');
    expect(terminalLabel(joined, terminalOf('D01/PS1.0V'), 'D02')).toBe(terminalOf('D01/PS1.0V'));
    expect(terminalLabel(joined, terminalOf('D02/PS1.0V'), 'D02')).toBe('PS1.0V');
  });
  it('gives the same order whatever the order of insertion', () => {
    const plan = magnetDoor();
    const turned = {
      ...plan,
      devices: Object.fromEntries(Object.entries(plan.devices).reverse()),
      conductors: Object.fromEntries(Object.entries(plan.conductors).reverse()),
    };
    expect(scopeOf(turned, 'D01')).toEqual(scopeOf(plan, 'D01'));
  });
});

describe('numbers and tags', () => {
  it('are the next free ones', () => {
    expect(nextTag(two, 'D02', 'X')).toBe('X2');
    expect(nextTag(two, 'D02', 'J')).toBe('J1');
    expect(nextWireNumber(two, 'D02')).toBe('W19');
    expect(nextDoorId(two)).toBe('D03');
    expect(nextDoorId(emptyPlan('s', 's'))).toBe('D01');
  });
  it('are never those of something that was taken out: they stand on labels and drawings', () => {
    const gap = mustApply(two, { kind: 'disconnect', id: 'D02/W05' });
    expect(nextWireNumber(gap, 'D02')).toBe('W19');
    const shorter = mustApply(two, { kind: 'disconnect', id: 'D02/W18' });
    expect(nextWireNumber(shorter, 'D02')).toBe('W19');
    const bare = mustApply(
      two,
      { kind: 'removeDevice', id: 'D02/K1' },
      { kind: 'removeDevice', id: 'D02/PS1' },
    );
    expect(nextWireNumber(bare, 'D02')).toBe('W19');
    const one = mustApply(two, { kind: 'removeDoor', id: 'D02' });
    expect(nextDoorId(one)).toBe('D03');
    expect(nextDoorId(one, ['D03', 'D07'])).toBe('D08');
  });
  it('are free again where the thing was only ever taken back', () => {
    const before = mustApply(two, { kind: 'disconnect', id: 'D02/W18' });
    const conductor = { ...two.conductors['D02/W18']!, id: 'D02/W40', number: 'W40' };
    const laid = applyEdit(before, { kind: 'connect', conductor });
    const back = laid.ok ? applyEdit(laid.plan, laid.inverse) : laid;
    expect(back.ok && back.plan).toEqual(before);
    expect(back.ok && nextWireNumber(back.plan, 'D02')).toBe('W19');
  });
  it('stand in the order a person counts', () => {
    expect(conductorsOf(two, 'D02').map(({ number }) => number)[9]).toBe('W10');
    expect(devicesOf(two, 'D02').map(({ tag }) => tag)).toEqual([
      'C1',
      'EB1',
      'F1',
      'K1',
      'L1',
      'PS1',
      'R1',
      'X1',
    ]);
    expect(doorsInOrder(two).map(({ id }) => id)).toEqual(['D01', 'D02']);
  });
});
