import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../../brief/index';
import { conductorsOf, emptyPlan, EMPTY_BRIEF } from '../../plan/index';
import { magnetDoor, MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from '../../specimens/doors';
import { checkContext, runChecks } from '../../checks/index';
import { tableOf } from './tableOf';
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
      door: {
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
      },
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

  const german = `Tür;Ader;von;nach;Farbe;Querschnitt;Länge m;Kabel
D01;A1;K1.NO2;X1.NC;rot;0,75;1,5;Kabel 3
D01;A2;K1:COM2;Bewegungsmelder X1.NC;grün-gelb;0,75 mm²;1.200;
D02;A3;K1.NO1;X1.NC;blau;1,5;12;
Archiv;A4;K1.NO2;X1.NC;rot;0,75;3;
D01;A5;K9.NO2;X1.NC;rot;0,75;3;
D01;A6;K1.NO9;X1.NC;rot;0,75;3;
D01;A7;K1.NO2;X1.NC;bunt;0,75;3;
D01;A8;K1.NO2;X1.NC;rot;0,7x;3;
D01;A9;K1.NO2;X1.NC;rot;0,75;12 V;
D01;;K1.NO2;X1.NC;rot;0,75;3;
D01;A11;K1.NO2;K1.NO2;rot;0,75;3;
D01;A12;K1.D0-2;X1.NC;;;;
`;

  it('reads a German spreadsheet: what is certain is taken, each trap is named', () => {
    const two = wiredDoor('magnet-controller', MAGNET_BRIEF, plan, 'D02');
    const read = readWireRows(two, 'D01', tableOf(german));
    expect(read.found).toBe(',');
    const said = read.rows.map(({ outcome }) =>
      outcome.kind === 'fault' ? outcome.fault.code : outcome.kind,
    );
    expect(said).toEqual([
      'new',
      'new',
      'new',
      'unknown-door',
      'unknown-device',
      'unknown-terminal',
      'unknown-colour',
      'unknown-size',
      'bad-length',
      'joined-already',
      'same-terminal',
      'new',
    ]);
    const after = mustApply(two, read.edit!);
    expect(after.conductors['D01/A1']).toMatchObject({
      colour: 'RD',
      gauge: '0.75mm2',
      length: 1.5,
      cable: 'Kabel 3',
    });
    // A point parts thousands in such a table.
    expect(after.conductors['D01/A2']).toMatchObject({ colour: 'GNYE', length: 1200 });
    expect(after.conductors['D02/A3']).toMatchObject({ colour: 'BU', gauge: '1.5mm2', length: 12 });
    // What the row does not say is told as not said.
    expect(read.rows.at(-1)?.read).toMatchObject({ colour: null, gauge: null, length: null });
  });

  it.each([
    [',', 'm'],
    [',', 'ft'],
    ['.', 'ft'],
  ] as const)(
    'reads its own table with a %s in figures and lengths in %s back as the very same wires',
    (decimal, unit) => {
      const table = tableOf(wiresCsv(plan, ['D01'], { decimal, unit }));
      const read = readWireRows(plan, 'D01', table);
      expect(read.edit).toBeNull();
      expect(read.rows).toHaveLength(conductorsOf(plan, 'D01').length);
    },
  );

  it('lets the rows of other doors alone where a table names them', () => {
    const two = wiredDoor('magnet-controller', MAGNET_BRIEF, plan, 'D02');
    const both = tableOf(wiresCsv(two, ['D01', 'D02']));
    const read = readWireRows(two, 'D01', both);
    expect(read.edit).toBeNull();
    expect(new Set(read.rows.map(({ door }) => door))).toEqual(new Set(['D01', 'D02']));
  });

  it('reads a figure that may be two only by the sign that is chosen', () => {
    const table = [
      ['from', 'to', 'length ft'],
      ['K1.NO2', 'X1.NC', '1,200'],
    ];
    const lengthBy = (decimal: '.' | ',' | null) => readWireRows(plan, 'D01', table, { decimal }).rows[0]!;
    expect(lengthBy(null).outcome).toMatchObject({
      kind: 'fault',
      fault: { code: 'bad-length', fault: { kind: 'ambiguous' } },
    });
    expect(lengthBy('.').read?.length).toBeCloseTo(365.76, 6);
    expect(lengthBy(',').read?.length).toBeCloseTo(0.36576, 6);
  });

  it.each([
    ['size', '16', 'which-size'],
    ['size', '18', 'new'],
    ['awg', '16', 'new'],
    ['mm2', '4', 'new'],
    ['size', '16 AWG', 'new'],
    ['size', '#16', 'new'],
  ])('under %s a bare %s is %s', (heading, size, outcome) => {
    const { rows: read } = readWireRows(plan, 'D01', [
      ['from', 'to', heading],
      ['K1.NO2', 'X1.NC', size],
    ]);
    const [row] = read;
    expect(row?.outcome.kind === 'fault' ? row.outcome.fault.code : row?.outcome.kind).toBe(outcome);
  });

  it.each([
    ['60\'6"', 18.4404],
    ['12 ft', 3.6576],
    ['3,5', 3.5],
    ['250 cm', 2.5],
  ])('reads the length %s', (length, metres) => {
    const { rows: read } = readWireRows(plan, 'D01', [
      ['from', 'to', 'length'],
      ['K1.NO2', 'X1.NC', length],
    ]);
    expect(read[0]?.read?.length).toBeCloseTo(metres, 4);
  });
});

describe('tableOf', () => {
  it.each([
    ['a\tb\tc', [['a', 'b', 'c']]],
    ['a;b;0,75', [['a', 'b', '0,75']]],
    [
      'a,b,c\n1,2,3x',
      [
        ['a', 'b', 'c'],
        ['1', '2', '3x'],
      ],
    ],
    ['PS1.+V K1.COM RD 0,75 14m', [['PS1.+V', 'K1.COM', 'RD', '0,75', '14m']]],
    ['PS1.+V  K1.COM  RD', [['PS1.+V', 'K1.COM', 'RD']]],
    ['\uFEFFfrom;to', [['from', 'to']]],
    ['"a, b",c,d', [['a, b', 'c', 'd']]],
  ])('parts %j', (text, cells) => expect(tableOf(text)).toEqual(cells));
});
