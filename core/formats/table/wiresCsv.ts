import Papa from 'papaparse';
import { COLOURS, areaOf, formatGauge } from '../../units/index';
import { conductorsOf, terminalLabel, type DoorId, type Plan } from '../../plan/index';

const COLUMNS = [
  'door',
  'wire',
  'from',
  'to',
  'colour',
  'colour name',
  'size',
  'area mm2',
  'length m',
  'cable',
  'laid by',
];

/** A field that a spreadsheet would take for a formula is made plain text by an apostrophe. */
const plain = (value: string): string =>
  /^[=+\-@\t\r]/.test(value) && !/^[+-]?\d+(\.\d+)?$/.test(value) ? `'${value}` : value;

/** The wires of some doors as CSV (RFC 4180), one row a conductor, in wire-number order. */
export function wiresCsv(plan: Plan, doors: readonly DoorId[]): string {
  const rows = doors.flatMap((door) =>
    conductorsOf(plan, door).map((wire) =>
      [
        door,
        wire.number,
        terminalLabel(plan, wire.from, door),
        terminalLabel(plan, wire.to, door),
        wire.colour,
        COLOURS[wire.colour].name,
        formatGauge(wire.gauge),
        areaOf(wire.gauge).toFixed(3),
        String(wire.length),
        wire.cable,
        wire.origin === 'aldaba' ? 'Aldaba' : 'hand',
      ].map(plain),
    ),
  );
  return Papa.unparse([COLUMNS, ...rows], { newline: '\r\n' });
}
