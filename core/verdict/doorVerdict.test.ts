import { describe, expect, it } from 'vitest';
import { EMPTY_BRIEF, emptyPlan } from '../plan/index';
import { magnetDoor, mustApply } from '../specimens/doors';
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
      notes: '',
    };
    const verdict = doorVerdict(mustApply(emptyPlan('s', 's'), { kind: 'addDoor', door }), 'D01');
    expect(verdict.summary).toMatchObject({ begun: false });
    expect(verdict.marks.wire).toBe('not-begun');
  });
  it('survives a worker: it is plain data', () => {
    const verdict = doorVerdict(magnetDoor(), 'D01');
    expect(structuredClone(verdict)).toEqual(verdict);
  });
});
