import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../../brief/index';
import { conductorsOf, emptyPlan, EMPTY_BRIEF } from '../../plan/index';
import { magnetDoor, MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from '../../specimens/doors';
import { checkContext, runChecks } from '../../checks/index';
import { readWireRows } from './wireRows';
import { wiresCsv } from './wiresCsv';

const rows = (text: string) => text.split('\n').map((line) => line.trim().split(/\s+/));
const plan = magnetDoor();
const kinds = (text: string) => readWireRows(plan, 'D01', rows(text)).rows.map(({ outcome }) => outcome.kind);

describe('readWireRows', () => {
  it.each(HARDWARE_SETS.map(({ id, electricalEgress }) => [id, electricalEgress] as const))(
    'reads the wires CSV of %s back as the very same wires',
    (id, egress) => {
      const door = wiredDoor(id, egress ? MAGNET_BRIEF : STRIKE_BRIEF);
      const table = Papa.parse<string[]>(wiresCsv(door, ['D01'])).data;
      const read = readWireRows(
        door,
        'D01',
        table.map((row) => row.map((cell) => cell.replace(/^'/, ''))),
      );
      expect(read.edit).toBeNull();
      expect(read.rows.every(({ outcome }) => outcome.kind === 'same')).toBe(true);
      expect(read.rows).toHaveLength(conductorsOf(door, 'D01').length);
    },
  );

  it('takes an installation as found, devices and wires, and the door is judged at once', () => {
    const empty = mustApply(emptyPlan('s', 's'), {
      kind: 'addDoor',
      door: { id: 'D01', order: 1, name: '', brief: EMPTY_BRIEF, deadState: null, schools: {}, notes: '' },
    });
    const found = readWireRows(
      empty,
      'D01',
      rows(`PS1 supply-12v
        K1 keypad-slots
        L1 strike-fail-secure
        PS1.+V K1.+12 RD 0.5 14m
        K1.0V PS1.0V BK 0.5 14m
        PS1.+V K1.COM RD 1.0 14m
        K1.NC L1.+ RD 1.0 3m
        L1.- PS1.0V BK 1.0 16m`),
    );
    expect(found.rows.map(({ outcome }) => outcome.kind)).toEqual([
      ...Array<string>(3).fill('device'),
      ...Array<string>(5).fill('new'),
    ]);
    const door = mustApply(empty, found.edit!);
    expect(runChecks(checkContext(door, 'D01')).map(({ code }) => code)).toContain('wrong-throw');
  });

  it('changes a wire by its number and says what changes', () => {
    const table = [
      ['wire', 'from', 'to', 'size', 'length m'],
      ['W01', 'PS1.+V', 'F1.C', '1.5 mm²', '0.8'],
    ];
    const { rows: read, edit } = readWireRows(plan, 'D01', table);
    expect(read[0]?.outcome).toEqual({ kind: 'changed', number: 'W01', what: ['1.5 mm²', '0.8 m'] });
    const wire = conductorsOf(mustApply(plan, edit!), 'D01')[0];
    expect(wire).toMatchObject({ gauge: '1.5mm2', length: 0.8, colour: 'RD' });
  });

  it('names every row it cannot read and keeps the others', () => {
    expect(kinds('K1.NO2 X1.NC RD\nZZ.1 K1.NO2\nK1.NO2 K1.NO2\nQ9 no-such-type\nL1 strike')).toEqual([
      'new',
      'fault',
      'fault',
      'fault',
      'fault',
    ]);
    const { edit } = readWireRows(plan, 'D01', rows('K1.NO2 X1.NC RD\nZZ.1 K1.NO2'));
    expect(conductorsOf(mustApply(plan, edit!), 'D01')).toHaveLength(conductorsOf(plan, 'D01').length + 1);
  });

  it('reads headings in any order and a table of commas', () => {
    const table = Papa.parse<string[]>('To,Colour,From\nX1.NC,PK,K1.NO2').data;
    const { rows: read } = readWireRows(plan, 'D01', table);
    expect(read[0]?.outcome).toMatchObject({ kind: 'new', from: 'K1.NO2', to: 'X1.NC' });
  });
});
