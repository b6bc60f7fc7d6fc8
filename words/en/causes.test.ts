import { describe, expect, it } from 'vitest';
import { searchCauses, type Cause, type Change } from '#core/causes/index';
import type { Plan } from '#core/plan/index';
import { mustApply } from '../../core/specimens/doors';
import { door, drop, id, move, set, wire } from '../../core/specimens/ruleEdits';
import { terminalOf } from '../../core/specimens/terminalOf';
import { swapsAcross } from '../../core/specimens/otherMistakes';
import { siteOf } from '../../core/specimens/site';
import { changeWords, repairWords, triedWords, unexplainedWords } from './index';

const plan = door('magnet-controller');
const words = (change: Change, at: Plan = plan) => changeWords(at, 'D01', change);
const w = (one: string, two: string) => plan.conductors[id(plan, one, two)]!;

describe('changeWords', () => {
  it('name a move by its terminal, and the other device where it goes to one', () => {
    const { id: at, number } = w('K1.NC1', 'EB1.1C');
    const from = terminalOf('D01/K1.NO1');
    expect(words({ kind: 'move', wire: at, end: 'from', from, to: terminalOf('D01/K1.NC1') })).toEqual({
      title: `${number} is on K1.NO1. It belongs on NC1.`,
      act: `Move ${number} to NC1`,
    });
    expect(words({ kind: 'move', wire: at, end: 'from', from, to: terminalOf('D01/F1.NC') }).act).toBe(
      `Move ${number} to F1.NC`,
    );
  });
  it('call two wires between the same devices a pair that is reversed', () => {
    const [one, two] = [w('R1.D0', 'K1.D0-1'), w('R1.D1', 'K1.D1-1')];
    const end = (of: typeof one, at: string) => ({ wire: of.id, end: 'to' as const, at: terminalOf(at) });
    const exchange: Change = {
      kind: 'exchange',
      device: 'D01/K1',
      one: end(one, 'D01/K1.D0-1'),
      two: end(two, 'D01/K1.D1-1'),
    };
    expect(words(exchange).title).toBe(`The pair ${one.number} and ${two.number} is reversed at K1.`);
    const other = w('K1.NC1', 'EB1.1C');
    expect(words({ ...exchange, two: end(other, 'D01/K1.NC1') }).title).toBe(
      `${one.number} and ${other.number} are on each other’s terminals at K1.`,
    );
  });
  it('name a wire that is missing and one too many by their ends', () => {
    const conductor = { ...w('K1.NC1', 'EB1.1C'), id: 'D01/W99', number: 'W99' };
    expect(words({ kind: 'lay', conductor }).title).toMatch(
      /^A wire is missing from (K1\.NC1 to EB1\.1C|EB1\.1C to K1\.NC1)\.$/,
    );
    const more = mustApply(plan, wire('PS1.+V', 'PS1.0V'));
    expect(words({ kind: 'take-out', wire: 'D01/W90' }, more)).toEqual({
      title: 'W90 should not be there: PS1.+V to PS1.0V.',
      act: 'Remove W90',
    });
  });
  it('name a setting and its option as the type does', () => {
    expect(words({ kind: 'set', device: 'D01/F1', setting: 'latch', value: 'latching' })).toEqual({
      title: 'F1: latch must be “latching: reset by key”.',
      act: 'Set it to “latching: reset by key”',
    });
  });
  it('name a small part by its value, and one that is missing by how many', () => {
    const bus = door('mortise-bus');
    expect(words({ kind: 'exchange-part', device: 'D01/E1', type: 'eol-10k' }, bus)).toEqual({
      title:
        'E1 has the wrong value: End-of-line resistor, 2.2 kΩ. It should be: End-of-line resistor, 10 kΩ.',
      act: 'Exchange E1',
    });
    const edit = { kind: 'batch', label: '', edits: [] } as const;
    expect(words({ kind: 'add-parts', types: ['eol-2k2', 'eol-2k2'], edit }, bus)).toEqual({
      title: 'Missing here: 2 × End-of-line resistor, 2.2 kΩ.',
      act: 'Add and wire them',
    });
    expect(words({ kind: 'add-parts', types: ['flyback-diode'], edit }, bus).act).toBe('Add and wire it');
  });
  it('say something of what is not there any more', () => {
    expect(words({ kind: 'take-out', wire: 'gone' }).title).toBe('gone should not be there.');
    expect(words({ kind: 'set', device: 'gone', setting: 'x', value: null }).title).toBe(
      'gone: x must be “as delivered”.',
    );
  });
});

describe('cables of two doors', () => {
  it('are named with the door of each', () => {
    const site = siteOf({ doors: 2, sets: ['magnet-poe'] });
    const swapped = swapsAcross(site, 'D001', 'D002').find(({ text }) =>
      text.startsWith('W02 on D002/EB1.1C'),
    )!;
    const wrong = mustApply(site, swapped.edit);
    const [cause] = searchCauses(wrong, 'D001').causes;
    expect(repairWords(wrong, 'D001', cause!.repair)).toEqual({
      title: 'Cables of two doors are mixed up: W02 is on D002/EB1.1C, and D002 W02 on EB1.1C.',
      act: 'Exchange W02 and D002 W02',
    });
  });
});

describe('repairWords and triedWords', () => {
  const causesOf = (at: Plan): readonly Cause[] => searchCauses(at, 'D01').causes;

  it('say of one change what it is, of several that they are several', () => {
    const one = mustApply(plan, drop(plan, 'R1.D0', 'K1.D0-1'));
    const [cause] = causesOf(one);
    expect(repairWords(one, 'D01', cause!.repair).act).toBe('Add it');
    const two = { changes: [...cause!.repair.changes, ...cause!.repair.changes], cost: 0 };
    expect(repairWords(one, 'D01', two).act).toBe('Fix both');
    const three = { changes: [...two.changes, ...cause!.repair.changes], cost: 0 };
    expect(repairWords(one, 'D01', three).act).toBe('Fix all 3');
  });
  it('say how much was proven, and how much goes with it', () => {
    const [cause] = causesOf(mustApply(plan, move(plan, 'K1.NC1', 'EB1.1C', 'from', 'K1.NO1')));
    const all = cause!.clears.length;
    expect(triedWords(cause!, all)).toBe('Tried on a copy: all 36 cells of the proof pass, no new problems.');
    expect(triedWords(cause!, all + 2)).toContain(`${all} of ${all + 2} go with it`);
    expect(triedWords({ ...cause!, cells: { pass: 30, of: 32 } }, all)).toContain('30 of 32 cells');
  });
  it('use a rule’s own words for its remedy', () => {
    const wrong = mustApply(plan, set('F1', 'latch', 'following'));
    const [cause] = causesOf(wrong);
    expect(repairWords(wrong, 'D01', cause!.repair)).toEqual({
      title: 'The fire itself can undo the release.',
      act: 'Latch F1',
    });
  });
});

describe('unexplainedWords', () => {
  const report = { door: 'D01', causes: [], unexplained: ['a'], tried: 12, exhausted: true };
  it('say how many were tried, that there was nothing to try, or that the bound ended it', () => {
    expect(unexplainedWords({ ...report, unexplained: [] })).toBe('');
    expect(unexplainedWords(report)).toContain('; 12 were tried.');
    expect(unexplainedWords({ ...report, tried: 0 })).not.toContain('tried');
    expect(unexplainedWords({ ...report, exhausted: false })).toContain('the search ended there');
  });
});
