import { describe, expect, it } from 'vitest';
import { checkContext, runChecks, type Finding } from '#core/checks/index';
import { checkSheet } from '#core/commission/index';
import { doorsInOrder, type Edit } from '#core/plan/index';
import { prove, SITUATIONS } from '#core/prove/index';
import { atRest, buildWorld } from '#core/simulate/index';
import { quillhaven } from '#demo/quillhaven';
import { magnetDoor, mustApply, strikeDoor } from '../core/testing/doors';
import {
  cellReason,
  editWords,
  findingReason,
  findingTitle,
  lineFaultWords,
  outcomeWords,
  pathWords,
  rangeWords,
  refusalWords,
  remedyName,
  situationName,
  taskWords,
  valueWords,
} from './index';

/** A sentence a person can read: nothing missing, nothing that is no number, no code left over. */
const readable = (text: string) => {
  expect(text).not.toMatch(/undefined|NaN|null|\[object/);
  expect(text.length).toBeGreaterThan(1);
};
const allOf = (plan = magnetDoor(), ...edits: Edit[]): Finding[] =>
  runChecks(checkContext(mustApply(plan, ...edits), 'D01'));

describe('words of findings', () => {
  const plan = magnetDoor();
  const spoilt: Edit[][] = [
    ...Object.keys(plan.conductors).map((id): Edit[] => [{ kind: 'disconnect', id }]),
    ...Object.keys(plan.devices).map((id): Edit[] => [{ kind: 'removeDevice', id }]),
    [{ kind: 'setSetting', device: 'D01/F1', setting: 'latch', value: 'following' }],
    [{ kind: 'setSetting', device: 'D01/PS1', setting: 'hours', value: 48 }],
    [{ kind: 'setSetting', device: 'D01/K1', setting: 'ch1.unlock', value: 1 }],
  ];
  it('are whole sentences for every finding of every single mistake', () => {
    const seen = new Set<string>();
    for (const edits of spoilt) {
      for (const finding of allOf(plan, ...edits)) {
        seen.add(finding.code);
        readable(findingTitle(finding));
        readable(findingReason(finding));
        if (finding.remedy) readable(remedyName(finding));
      }
    }
    expect(seen.size).toBeGreaterThan(18);
  });
  it('are whole sentences for every finding of the demo site', () => {
    const demo = quillhaven();
    for (const door of doorsInOrder(demo)) {
      for (const finding of runChecks(checkContext(demo, door.id))) {
        readable(`${findingTitle(finding)} ${findingReason(finding)}`);
      }
    }
  });
});

describe('words of proof', () => {
  it('name every situation and give every cell a reason', () => {
    for (const { id } of SITUATIONS) expect(situationName(id)).not.toBe(id);
    for (const plan of [magnetDoor(), strikeDoor()]) {
      const world = buildWorld(plan, 'D01');
      for (const row of prove(plan, world, atRest(world)).rows) {
        for (const side of ['outside', 'inside'] as const) {
          readable(cellReason(row, side));
          readable(outcomeWords(row.cells[side], side));
        }
        if (row.path.length > 0) expect(pathWords(row.path)).toMatch(/^W\d+ →/);
      }
    }
  });
});

describe('words of the check sheet', () => {
  it('say what to do and what it should read', () => {
    for (const item of checkSheet(magnetDoor(), 'D01')) {
      readable(taskWords(item));
      readable(rangeWords(item));
    }
  });
  it('write values in their unit', () => {
    expect(valueWords('V', 13.1)).toBe('13.10 V');
    expect(valueWords('A', 0.04)).toBe('40 mA');
    expect(valueWords('Ω', 1e9)).toBe('open');
    expect(valueWords('s', 5)).toBe('5.0 s');
    expect(valueWords('yes', 0)).toBe('no');
    expect(valueWords('V', null)).toBe('—');
  });
});

describe('words of problems', () => {
  it('are sentences', () => {
    readable(refusalWords({ reason: 'unknown-terminal', id: 'L1.x' }));
    readable(lineFaultWords({ code: 'unknown-device', word: 'PS9', start: 0, end: 3, choices: ['PS1'] }));
  });
});

describe('editWords', () => {
  it('reads any body, even one it does not know', () => {
    for (const body of [
      null,
      7,
      {},
      { kind: 'future' },
      { kind: 'batch', label: 'wire the door', edits: [1, 2] },
      { kind: 'connect', conductor: null },
    ]) {
      readable(editWords(body));
    }
    expect(editWords({ kind: 'batch', label: 'wire the door', edits: [1, 2] })).toBe('Wire the door (2)');
  });
});
