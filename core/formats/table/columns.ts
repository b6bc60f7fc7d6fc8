import { decimalOf, type DecimalSign, type LengthUnit } from '../../units/index';

/** What a column of a table of wires is there for. */
export type Column = 'door' | 'number' | 'from' | 'to' | 'colour' | 'size' | 'length' | 'cable' | 'assumed';

/** Headings by what they may be called in English and German, so that a table from elsewhere is read by its own columns. */
const HEADINGS: Readonly<Record<Column, RegExp>> = {
  door: /^(door|door no\.?|tür|türnummer|tuer)$/i,
  number: /^(wire|wire no\.?|number|no\.?|nr\.?|wire number|ader|adernummer|draht|leitung|leiter)$/i,
  from: /^(from|von|start|quelle)\b/i,
  to: /^(to|nach|zu|bis|ziel)\b/i,
  colour: /^(colou?r|farbe)(?! name)/i,
  size: /^(size|gauge|mm2|mm²|awg|querschnitt|quers\.?)/i,
  length: /^(length|länge|laenge)/i,
  cable: /^(cable|kabel)/i,
  assumed: /^(assumed|angenommen)$/i,
};
const PLAIN: readonly Column[] = ['from', 'to', 'colour', 'size', 'length', 'cable'];

/** Columns by where they stand, and what their headings say of the figures in them. */
export interface Columns {
  readonly at: ReadonlyMap<Column, number>;
  /** Unit of a bare length. */
  readonly lengthUnit: LengthUnit | null;
  /** Unit of a bare size. */
  readonly sizeUnit: 'AWG' | 'mm2' | null;
}

/** Columns of a heading row; null where the row is no heading. */
export function headingOf(cells: readonly string[]): Columns | null {
  const at = new Map<Column, number>();
  const heading = (column: Column) => (cells[at.get(column) ?? -1] ?? '').toLowerCase();
  cells.forEach((cell, index) => {
    const name = (Object.keys(HEADINGS) as Column[]).find((column) => HEADINGS[column].test(cell.trim()));
    if (name && !at.has(name)) at.set(name, index);
  });
  if (!at.has('from') || !at.has('to')) return null;
  return {
    at,
    lengthUnit: /\b(ft|feet|fuß|fuss)\b/.test(heading('length'))
      ? 'ft'
      : /\bm\b|metre|meter/.test(heading('length'))
        ? 'm'
        : null,
    sizeUnit: /awg/.test(heading('size')) ? 'AWG' : /mm|querschnitt/.test(heading('size')) ? 'mm2' : null,
  };
}

/** Without a heading the columns are from, to, colour, size, length, cable; a first cell without a dot is a wire number. */
export function plainColumns(cells: readonly string[]): Columns {
  const numbered = !/[.:]/.test(cells[0] ?? '');
  const names: readonly Column[] = numbered ? ['number', ...PLAIN] : PLAIN;
  return { at: new Map(names.map((name, index) => [name, index])), lengthUnit: null, sizeUnit: null };
}

/** The decimal sign that the figures of a table tell by themselves. */
export const signOf = (rows: readonly (readonly string[])[], { at }: Columns): DecimalSign | null | 'mixed' =>
  decimalOf(
    rows.flatMap((cells) => (['size', 'length'] as const).map((column) => cells[at.get(column) ?? -1] ?? '')),
  );
