import { describe, expect, it } from 'vitest';
import { checkContext, runChecks, type Finding } from '#core/checks/index';
import { checkSheet } from '#core/commission/index';
import { loopWords, traceLoops } from '#core/loops/index';
import { doorsInOrder, type Edit } from '#core/plan/index';
import { prove, SITUATIONS } from '#core/prove/index';
import { atRest, buildWorld } from '#core/simulate/index';
import { quillhaven } from '#demo/quillhaven';
import { magnetDoor, mustApply, strikeDoor } from '../../core/specimens/doors';
import { SPOTTED } from '../../core/specimens/circuitMistakes';
import { FIRES } from '../../core/specimens/fireSites';
import { HARDWARE_MISTAKES } from '../../core/specimens/hardwareMistakes';
import { PROOF_MISTAKES } from '../../core/specimens/proofMistakes';
import { WIRE_MISTAKES } from '../../core/specimens/wireMistakes';
import {
  cellReason,
  editWords,
  findingReason,
  findingTitle,
  lineFaultWords,
  outcomeWords,
  laterWords,
  pathWords,
  soonWords,
  rangeWords,
  refusalWords,
  remedyName,
  situationName,
  stepWords,
  taskWords,
  typeChangeWords,
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
  it('are whole sentences with sensible digits for every mistake of every rule', () => {
    const seen = new Set<string>();
    for (const [code, , make, edits] of [...WIRE_MISTAKES, ...HARDWARE_MISTAKES, ...PROOF_MISTAKES]) {
      const plan = make();
      const broken = mustApply(plan, ...edits(plan));
      const door = code === 'channel-beyond' ? 'D02' : 'D01';
      for (const finding of runChecks(checkContext(broken, door))) {
        seen.add(finding.code);
        const [title, reason] = [findingTitle(finding), findingReason(finding)];
        readable(title);
        readable(reason);
        // A title is a headline: no full stop, and short enough for the margin. A reason is sentences.
        expect(title).toMatch(/[^.]$/);
        expect([title, title.length < 64]).toEqual([title, true]);
        expect(reason).toMatch(/[.:;)]$/);
        expect(`${title} ${reason}`).not.toMatch(/\d\.\d{3,}/);
        if (finding.remedy) {
          readable(remedyName(finding));
          expect(remedyName(finding).length).toBeLessThan(34);
        }
      }
    }
    expect(seen.size).toBeGreaterThan(100);
  });
  it('are whole sentences for every mistake that only the circuit gives away, and name no joint inside a housing', () => {
    for (const { code, make, edits, door = 'D01' } of [...SPOTTED, ...FIRES]) {
      const right = make();
      const found = runChecks(checkContext(mustApply(right, ...edits(right)), door));
      expect(found.map((one) => one.code)).toContain(code);
      for (const finding of found) {
        for (const text of [findingTitle(finding), findingReason(finding)]) {
          readable(text);
          expect(text).not.toContain('~');
          expect(text).not.toMatch(/\d\.\d{4}/);
        }
        expect(findingReason(finding)).toMatch(/[.?!]$/);
        if (finding.remedy) readable(remedyName(finding));
      }
    }
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
  it('never name a way that works among those in vain, though the verdict came as JSON', () => {
    const plan = magnetDoor();
    const world = buildWorld(plan, 'D01');
    for (const row of prove(plan, world, atRest(world)).rows) {
      const sent = JSON.parse(JSON.stringify(row)) as typeof row;
      expect(cellReason(sent, 'inside')).toBe(cellReason(row, 'inside'));
      const [works = '', vain = ''] = cellReason(sent, 'inside').split('in vain: ');
      for (const tag of vain.match(/\b[A-Z]+\d+\b/g) ?? [])
        expect(works.split('Out by ')[1] ?? '').not.toContain(tag);
    }
  });
  it('say what follows by itself, and for how long a door is let go', () => {
    const plan = strikeDoor();
    const world = buildWorld(plan, 'D01');
    const rows = prove(plan, world, atRest(world)).rows;
    const card = rows.find(({ situation }) => situation === 'credential')!;
    expect(laterWords(card.later)).toBe('locked after 5.0 s');
    expect(soonWords(card)).toBe(' for 5.0 s');
    expect(soonWords(rows[0]!)).toBe('');
    const later = [...card.later, { after: 30_000, hold: 'held', alarms: ['held-open'] } as const];
    expect(laterWords(later)).toBe('locked after 5.0 s; locked, door held open alarm after 30.0 s');
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

describe('words of loops and types', () => {
  it('tell every loop of every door from source to source', () => {
    const demo = quillhaven();
    for (const door of doorsInOrder(demo)) {
      for (const loop of traceLoops(demo, door.id)) {
        const lines = loopWords(demo, door.id, loop).map(stepWords);
        for (const line of lines) readable(line);
        if (loop.shape === 'round' && loop.complete) {
          expect(lines[0]).toMatch(/^(from|through) /);
          expect(lines.some((line) => line.endsWith(' itself'))).toBe(true);
        }
      }
    }
  });
  it('say every kind of change of a type', () => {
    const lines = (
      [
        { kind: 'name', name: 'Other' },
        { kind: 'added', what: 'terminal', id: 'V2' },
        { kind: 'removed', what: 'part', id: 'board' },
        {
          kind: 'changed',
          what: 'part',
          id: 'board',
          fields: [{ field: 'draw', before: '0.06', after: null }],
        },
        { kind: 'functions' },
        { kind: 'lock' },
        { kind: 'roles' },
      ] as const
    ).map(typeChangeWords);
    lines.forEach(readable);
    expect(lines[3]).toBe('Other part board: draw 0.06 → none');
    expect(new Set(lines).size).toBe(lines.length);
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
