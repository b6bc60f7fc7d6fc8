import { doorsInOrder, nextDoorId, type DoorId, type Plan } from '../../plan/index';
import {
  decimalOf,
  metres,
  readQuantity,
  type DecimalSign,
  type LengthUnit,
  type Metres,
  type QuantityFault,
} from '../../units/index';

/** What a column of a list of doors is there for. */
type Column = 'number' | 'name' | 'like' | 'run' | 'people';

/** Headings by what they may be called in English and German. */
const HEADINGS: Readonly<Record<Column, RegExp>> = {
  number: /^(door|door no\.?|number|no\.?|nr\.?|id|tür|tuer|türnummer|tür-?nr\.?)$/i,
  name: /^(name|door name|name of the door|room|description|bezeichnung|raum|türname)$/i,
  like: /^(like|same as|template|wie|vorlage)$/i,
  run: /^(run|cable run|length|distance|länge|laenge|leitungslänge|kabelweg|strecke|entfernung)/i,
  people: /^(people|persons|personen|access|zutritt)$/i,
};

export type DoorRowFault =
  | { readonly code: 'bad-number' | 'no-such-door' | 'bad-people'; readonly word: string }
  | { readonly code: 'bad-length'; readonly word: string; readonly fault: QuantityFault };

/** One door of a list, as it was read. */
export interface DoorRow {
  /** Line in what was given, from 1. */
  readonly line: number;
  readonly text: string;
  /** The number that stands there, or the next one that was never given. */
  readonly id: DoorId;
  readonly name: string;
  /** Door that it is like; null for none. */
  readonly like: DoorId | null;
  readonly run: Metres | null;
  readonly people: boolean;
  readonly fault: DoorRowFault | null;
}

/** How a list is read where it does not say so itself. */
export interface ListCustom {
  readonly decimal?: DecimalSign | null;
  readonly unit?: LengthUnit;
  /** Door that rows without a word about it are like. */
  readonly like?: DoorId | null;
  readonly people?: boolean;
}

const NUMBER = /^[\p{L}\p{N}][\p{L}\p{M}\p{N}_ -]{0,58}$/u;
/** Looks like the number of a door rather than its name. */
const SHORT = /^\p{L}{0,4}[._-]?\d{1,5}\p{L}?$/u;

/**
 * Reads a list of doors: by its headings, in any order, or without any: name; number and name; number, name and run. What
 * cannot be read stays with its row and is named.
 */
export function readDoorRows(
  plan: Plan,
  given: readonly (readonly string[])[],
  { decimal: chosen = null, unit = 'm', like: usual = null, people: usually = false }: ListCustom = {},
): { readonly rows: readonly DoorRow[]; readonly found: DecimalSign | null | 'mixed' } {
  const table = given.map((cells) => cells.map((cell) => cell.replace(/^'(?=[=+\-@\t\r])/, '').trim()));
  // A heading is the first row or none: further down the same word is the name of a door.
  const begin = table.findIndex((cells) => cells.join('') !== '');
  const heading = begin < 0 ? null : headingOf(table[begin]!);
  const first = heading ? begin : -1;
  const found = decimalOf(table.flatMap((cells) => cells[heading?.get('run') ?? 2] ?? []));
  const decimal = chosen ?? (found === 'mixed' ? null : found);
  const bare = heading ? (unitOf(table[first]![heading.get('run') ?? -1] ?? '') ?? unit) : unit;
  const taken: string[] = [];
  const rows = table.flatMap((cells, index): DoorRow[] => {
    const text = given[index]!.join(' ').trim();
    if (text === '' || index === first) return [];
    const at = heading ?? plainColumns(cells);
    const cell = (column: Column) => cells[at.get(column) ?? -1] ?? '';
    const id = cell('number') || nextDoorId(plan, taken);
    taken.push(id);
    const faults: DoorRowFault[] = NUMBER.test(id) ? [] : [{ code: 'bad-number', word: id }];
    const like = cell('like') === '' ? usual : doorNamed(plan, cell('like'));
    if (like === null && cell('like') !== '') faults.push({ code: 'no-such-door', word: cell('like') });
    const run = readQuantity(cell('run') || '—', 'm', { decimal, bare });
    if (cell('run') !== '' && run.kind !== 'value')
      faults.push({
        code: 'bad-length',
        word: cell('run'),
        fault: run.kind === 'fault' ? run.fault : { kind: 'not-a-number' },
      });
    const people = cell('people') === '' ? usually : yesOrNo(cell('people'));
    if (people === null) faults.push({ code: 'bad-people', word: cell('people') });
    return [
      {
        line: index + 1,
        text,
        id,
        name: cell('name').slice(0, 200),
        like,
        run: run.kind === 'value' && cell('run') !== '' ? metres(run.value) : null,
        people: people ?? false,
        fault: faults[0] ?? null,
      },
    ];
  });
  return { rows, found };
}

function headingOf(cells: readonly string[]): Map<Column, number> | null {
  const at = new Map<Column, number>();
  cells.forEach((cell, index) => {
    const name = (Object.keys(HEADINGS) as Column[]).find((column) => HEADINGS[column].test(cell));
    if (name && !at.has(name)) at.set(name, index);
  });
  return at.has('name') || (at.has('number') && at.size > 1) ? at : null;
}

function plainColumns(cells: readonly string[]): Map<Column, number> {
  const numbered = SHORT.test(cells[0] ?? '');
  const names: Column[] = numbered ? ['number', 'name', 'run'] : ['name', 'run'];
  return new Map(names.map((name, index) => [name, index]));
}

const unitOf = (heading: string): LengthUnit | null =>
  /\b(ft|feet|fuß|fuss)\b/i.test(heading) ? 'ft' : /\bm\b|metre|meter/i.test(heading) ? 'm' : null;

/** The door that a cell names, by its number or its name. */
function doorNamed(plan: Plan, word: string): DoorId | null {
  const wanted = word.toLowerCase();
  const doors = doorsInOrder(plan);
  return (
    (
      doors.find(({ id }) => id.toLowerCase() === wanted) ??
      doors.find(({ name }) => name.toLowerCase() === wanted)
    )?.id ?? null
  );
}

function yesOrNo(word: string): boolean | null {
  if (/^(yes|y|ja|j|x|1|true)$/i.test(word)) return true;
  return /^(no|n|nein|0|false|-|—)$/i.test(word) ? false : null;
}
