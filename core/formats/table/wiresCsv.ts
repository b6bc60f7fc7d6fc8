import Papa from 'papaparse';
import {
  COLOURS,
  METRES_PER_FOOT,
  areaOf,
  formatGauge,
  type DecimalSign,
  type LengthUnit,
} from '../../units/index';
import { plain } from './plainCell';
import { conductorsOf, terminalLabel, type DoorId, type Plan } from '../../plan/index';

/** How figures and columns are written: for a spreadsheet of one country or another. */
export interface CsvCustom {
  readonly decimal: DecimalSign;
  readonly unit: LengthUnit;
}

const columns = (unit: LengthUnit): string[] => [
  'door',
  'wire',
  'from',
  'to',
  'colour',
  'colour name',
  'size',
  'area mm2',
  `length ${unit}`,
  'cable',
  'laid by',
  'assumed',
];

/**
 * The wires of some doors as CSV (RFC 4180), one row a conductor, in wire-number order. With decimal commas the columns are
 * parted by semicolons, as spreadsheets of such countries have it.
 */
export function wiresCsv(
  plan: Plan,
  doors: readonly DoorId[],
  { decimal, unit }: CsvCustom = { decimal: '.', unit: 'm' },
): string {
  const figure = (value: number, digits: number) => {
    const rounded = Number(value.toFixed(digits));
    return decimal === ',' ? String(rounded).replace('.', ',') : String(rounded);
  };
  const rows = doors.flatMap((door) =>
    conductorsOf(plan, door).map((wire) =>
      [
        door,
        wire.number,
        terminalLabel(plan, wire.from, door),
        terminalLabel(plan, wire.to, door),
        wire.colour,
        COLOURS[wire.colour].name,
        decimal === ',' ? formatGauge(wire.gauge).replace('.', ',') : formatGauge(wire.gauge),
        figure(areaOf(wire.gauge), 3),
        figure(unit === 'ft' ? wire.length / METRES_PER_FOOT : wire.length, 2),
        wire.cable,
        wire.origin === 'aldaba' ? 'Aldaba' : 'hand',
        wire.assumed.join(' '),
      ].map(plain),
    ),
  );
  return Papa.unparse([columns(unit), ...rows], { newline: '\r\n', delimiter: decimal === ',' ? ';' : ',' });
}
