import { describe, expect, it } from 'vitest';
import { EMPTY_BRIEF, emptyPlan } from '../plan/index';
import { magnetDoor, mustApply } from '../specimens/doors';
import { sharedFireSupply, siteRelay } from '../specimens/fireSites';
import { timed } from '../specimens/ruleEdits';
import { doorVerdict } from './index';

describe('doorVerdict', () => {
  it('marks the stations of a wired door', () => {
    expect(doorVerdict(magnetDoor(), 'D01').marks).toEqual({
      brief: 'settled',
      wire: 'settled',
      power: 'settled',
      prove: 'settled',
      program: 'not-begun',
      timing: 'not-begun',
      test: 'not-begun',
      'hand-over': 'not-begun',
    });
  });
  it('judges an empty door without falling over', () => {
    const door = {
      id: 'D01',
      order: 1,
      name: '',
      brief: EMPTY_BRIEF,
      deadState: null,
      schools: {},
      freePassage: null,
      openingHours: null,
      expectations: [],
      notes: '',
      lastWire: 0,
    };
    const verdict = doorVerdict(mustApply(emptyPlan('s', 's'), { kind: 'addDoor', door }), 'D01');
    expect(verdict.summary).toMatchObject({ begun: false });
    expect(verdict.marks.wire).toBe('not-begun');
  });
  it('says who times the lock, and which relays release it in a fire, whoever’s they are', () => {
    expect(doorVerdict(timed(), 'D01').release).toEqual({ seconds: 5, device: 'D01/PS1', setting: 't.exit' });
    expect(doorVerdict(magnetDoor(), 'D01').release?.device).toBe('D01/K1');
    expect(doorVerdict(magnetDoor(), 'D01').summary.fire).toEqual([{ tag: 'F1', latching: true }]);
    const site = siteRelay();
    for (const door of ['D01', 'D02'])
      expect(doorVerdict(site, door).summary.fire).toEqual([{ tag: 'F1', latching: true }]);
    expect(doorVerdict(sharedFireSupply(), 'D02').summary.fire).toEqual([{ tag: 'D01/F1', latching: true }]);
  });
  it('survives a worker: it is plain data', () => {
    const verdict = doorVerdict(magnetDoor(), 'D01');
    expect(structuredClone(verdict)).toEqual(verdict);
  });
});
