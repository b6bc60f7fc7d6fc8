import { findType } from '../../devices/index';
import {
  allDevices,
  ASSUMABLE,
  applyEdit,
  conductorsOf,
  doorsInOrder,
  findTypeIn,
  nameable,
  nextWireNumber,
  terminalLabel,
  wireDefaults,
  type Conductor,
  type Device,
  type DoorId,
  type Edit,
  type Plan,
  type TerminalId,
} from '../../plan/index';
import {
  formatGauge,
  metres,
  type ColourCode,
  type DecimalSign,
  type Gauge,
  type LengthUnit,
} from '../../units/index';
import { readColour, readLength, readSize, readTerminal, type CellFault } from './cells';
import { headingOf, plainColumns, signOf, type Column, type Columns } from './columns';
import { unguarded } from './plainCell';

/** Why a row is left out. */
export type RowFault =
  | CellFault
  | {
      readonly code: 'same-terminal' | 'unknown-door' | 'unknown-type' | 'tag-taken' | 'refused' | 'no-wire';
      readonly word: string;
    }
  /** A wire joins these two terminals already, or a row before did. */
  | { readonly code: 'joined-already'; readonly word: string };

/** What one row of a pasted or read table would do. */
export type WireRowOutcome =
  | { readonly kind: 'device'; readonly tag: string; readonly name: string }
  | { readonly kind: 'new'; readonly number: string; readonly from: string; readonly to: string }
  | { readonly kind: 'changed'; readonly number: string; readonly what: readonly string[] }
  | { readonly kind: 'same'; readonly number: string }
  | { readonly kind: 'fault'; readonly fault: RowFault };

/** The values of a row as they were read; null for what it does not say. */
export interface ReadWire {
  readonly from: TerminalId;
  readonly to: TerminalId;
  readonly colour: ColourCode | null;
  readonly gauge: Gauge | null;
  /** Metres. */
  readonly length: number | null;
}

export interface WireRow {
  /** Line in what was given, from 1. */
  readonly line: number;
  readonly text: string;
  /** Door it goes to; null where there is none. */
  readonly door: DoorId | null;
  readonly read: ReadWire | null;
  readonly outcome: WireRowOutcome;
}

export interface WireRows {
  readonly rows: readonly WireRow[];
  /** Everything that can be done, as one edit; faulty rows are left out. Null where nothing would change. */
  readonly edit: Edit | null;
  /** The decimal sign that the table tells by itself. */
  readonly found: DecimalSign | null | 'mixed';
}

/** How a table is read where it does not say so itself. */
export interface TableCustom {
  /** Chosen by a person; else what the table tells. */
  readonly decimal?: DecimalSign | null;
  /** Unit of a bare length, where no heading names one. */
  readonly unit?: LengthUnit;
}

/**
 * Reads rows of a table into what they would do. A heading row names the columns in any order; without one they are from, to,
 * colour, size, length, cable. Rows go to the door that their door column names, else to the one given. A row of two cells whose
 * second is a device type adds a device. A number that is there already changes that wire; a number that is free is kept; else
 * the next free one is taken. What cannot be read for certain is left out and named.
 */
export function readWireRows(
  plan: Plan,
  here: DoorId,
  given: readonly (readonly string[])[],
  { decimal: chosen = null, unit = 'm' }: TableCustom = {},
): WireRows {
  // A spreadsheet's guard against formulas is no part of what it guards.
  const table = given.map((cells) => cells.map((cell) => unguarded(cell).trim()));
  const first = table.findIndex((cells) => headingOf(cells) !== null);
  const heading = first < 0 ? null : headingOf(table[first]!);
  const found = signOf(table, heading ?? plainColumns(table[0] ?? []));
  const custom = { decimal: chosen ?? (found === 'mixed' ? null : found), unit: heading?.lengthUnit ?? unit };
  const rows: WireRow[] = [];
  const edits: Edit[] = [];
  let current = plan;
  const keep = (edit: Edit): boolean => {
    const result = applyEdit(current, edit);
    if (!result.ok) return false;
    current = result.plan;
    edits.push(edit);
    return true;
  };
  table.forEach((cells, index) => {
    const text = given[index]!.join(' ').trim();
    if (text === '' || index === first) return;
    const columns = heading && index > first ? heading : plainColumns(cells);
    const cell = cellsOf(cells, columns, heading === null || index < first);
    const named = cell('door');
    const door = named === '' ? here : doorNamed(current, named);
    const add = (at: DoorId | null, done: Done) => rows.push({ line: index + 1, text, door: at, ...done });
    if (door === null) return add(null, fault({ code: 'unknown-door', word: named }));
    add(
      door,
      deviceRow(current, door, cells, heading !== null, keep) ??
        wireRow(current, door, cell, columns, custom, keep),
    );
  });
  const edit: Edit | null = edits.length > 0 ? { kind: 'batch', label: 'take in a table', edits } : null;
  return { rows, edit, found };
}

type Done = Pick<WireRow, 'outcome' | 'read'>;
type Cell = (column: Column) => string;
const fault = (why: RowFault, read: ReadWire | null = null): Done => ({
  read,
  outcome: { kind: 'fault', fault: why },
});

/** The door that a cell names, by its id or its name. */
function doorNamed(plan: Plan, word: string): DoorId | null {
  const wanted = word.toLowerCase();
  const doors = doorsInOrder(plan);
  const found =
    doors.find(({ id }) => id.toLowerCase() === wanted) ??
    doors.find(({ name }) => name.toLowerCase() === wanted);
  return found?.id ?? null;
}

/** The cells of a row by column. Typed without a heading, colour, size and length may come in any order. */
function cellsOf(cells: readonly string[], { at }: Columns, typed: boolean): Cell {
  const plain: Cell = (column) => cells[at.get(column) ?? -1] ?? '';
  if (!typed) return plain;
  const loose = new Map<Column, string>();
  const rest: string[] = [];
  for (const column of ['colour', 'size', 'length'] as const) {
    const word = plain(column);
    if (word === '') continue;
    const colour = readColour(word);
    const is: Column = colour.ok
      ? 'colour'
      : /^[\d.,]+\s*(m|ft|'|feet|in)$/i.test(word)
        ? 'length'
        : /^#|mm|awg/i.test(word)
          ? 'size'
          : column;
    if (loose.has(is)) rest.push(word);
    else loose.set(is, word);
  }
  for (const word of rest) {
    const free = (['colour', 'size', 'length'] as const).find((column) => !loose.has(column));
    if (free) loose.set(free, word);
  }
  return (column) =>
    loose.get(column) ?? (['colour', 'size', 'length'].includes(column) ? '' : plain(column));
}

function deviceRow(
  plan: Plan,
  door: DoorId,
  cells: readonly string[],
  headed: boolean,
  keep: (edit: Edit) => boolean,
): Done | null {
  const filled = cells.filter((cell) => cell !== '');
  const [tag, wish] = filled;
  if (headed || filled.length !== 2 || !tag || !wish || tag.includes('.') || wish.includes('.')) return null;
  const type = findTypeIn(plan, wish) ?? findType(wish);
  if (!type) return fault({ code: 'unknown-type', word: wish });
  const taken = allDevices(plan).some((device) => device.door === door && device.tag === tag);
  if (taken) return fault({ code: 'tag-taken', word: tag });
  const device: Device = {
    id: `${door}/${tag}`,
    door,
    tag,
    type: type.id,
    place: type.place,
    leaf: 1,
    settings: {},
    notes: '',
  };
  return keep({ kind: 'addDevice', device })
    ? { read: null, outcome: { kind: 'device', tag, name: type.name } }
    : fault({ code: 'refused', word: tag });
}

function wireRow(
  plan: Plan,
  door: DoorId,
  cell: Cell,
  columns: Columns,
  { decimal, unit }: { readonly decimal: DecimalSign | null; readonly unit: LengthUnit },
  keep: (edit: Edit) => boolean,
): Done {
  if (cell('from') === '' || cell('to') === '')
    return fault({ code: 'no-wire', word: cell('from') || cell('to') });
  const devices = nameable(plan, door);
  const from = readTerminal(plan, devices, cell('from'));
  if (!from.ok) return fault(from.fault);
  const to = readTerminal(plan, devices, cell('to'));
  if (!to.ok) return fault(to.fault);
  if (from.value === to.value) return fault({ code: 'same-terminal', word: cell('from') });
  const colour = readColour(cell('colour'));
  if (!colour.ok) return fault(colour.fault);
  const gauge = readSize(cell('size'), columns.sizeUnit, decimal);
  if (!gauge.ok) return fault(gauge.fault);
  const length = readLength(cell('length'), unit, decimal);
  if (!length.ok) return fault(length.fault);
  const read: ReadWire = {
    from: from.value,
    to: to.value,
    colour: colour.value,
    gauge: gauge.value,
    length: length.value,
  };
  const cable = columns.at.has('cable') ? cell('cable').replace('—', '') : null;
  const number = cell('number');
  const old = conductorsOf(plan, door).find((wire) => wire.number === number);
  return old
    ? { read, outcome: changedRow(plan, door, old, read, cable, keep) }
    : { read, outcome: newRow(plan, door, number, read, cable ?? '', wordsOf(cell('assumed')), keep) };
}

function changedRow(
  plan: Plan,
  door: DoorId,
  old: Conductor,
  read: ReadWire,
  cable: string | null,
  keep: (edit: Edit) => boolean,
): WireRowOutcome {
  const { number } = old;
  const patch: Partial<Omit<Conductor, 'id' | 'door'>> = {
    ...(old.from !== read.from ? { from: read.from } : {}),
    ...(old.to !== read.to ? { to: read.to } : {}),
    ...(read.colour !== null && old.colour !== read.colour ? { colour: read.colour } : {}),
    ...(read.gauge !== null && old.gauge !== read.gauge ? { gauge: read.gauge } : {}),
    ...(read.length !== null && Math.abs(old.length - read.length) > 0.006
      ? { length: metres(read.length) }
      : {}),
    ...(cable !== null && old.cable !== cable ? { cable } : {}),
  };
  if (Object.keys(patch).length === 0) return { kind: 'same', number };
  return keep({ kind: 'setConductor', id: old.id, patch })
    ? { kind: 'changed', number, what: changeWords(plan, door, patch) }
    : { kind: 'fault', fault: { code: 'refused', word: number } };
}

function newRow(
  plan: Plan,
  door: DoorId,
  number: string,
  read: ReadWire,
  cable: string,
  assumed: ReadonlySet<string>,
  keep: (edit: Edit) => boolean,
): WireRowOutcome {
  const own = number !== '' && number.length <= 12;
  const ends = [read.from, read.to].sort().join();
  const twin = conductorsOf(plan, door).find((wire) => [wire.from, wire.to].sort().join() === ends);
  // A second wire between two terminals is laid where it has a number of its own; else it is the same one again.
  if (twin && !own) return { kind: 'fault', fault: { code: 'joined-already', word: twin.number } };
  const fresh = own ? number : nextWireNumber(plan, door);
  let id = `${door}/${fresh}`;
  while (plan.conductors[id]) id += "'";
  const instead = wireDefaults(plan.site);
  const conductor: Conductor = {
    id,
    door,
    number: fresh,
    from: read.from,
    to: read.to,
    colour: read.colour ?? instead.colour,
    gauge: read.gauge ?? instead.gauge,
    length: read.length === null ? instead.length : metres(read.length),
    cable,
    origin: 'hand',
    assumed: ASSUMABLE.filter((what) => read[what] === null || assumed.has(what)),
  };
  if (!keep({ kind: 'connect', conductor }))
    return { kind: 'fault', fault: { code: 'refused', word: fresh } };
  const name = (terminal: TerminalId) => terminalLabel(plan, terminal, door);
  return { kind: 'new', number: fresh, from: name(read.from), to: name(read.to) };
}

/** A table that Aldaba wrote says itself what of it nobody had entered. */
const wordsOf = (cell: string): ReadonlySet<string> => new Set(cell.toLowerCase().split(/\W+/));

function changeWords(plan: Plan, door: DoorId, patch: Partial<Conductor>): string[] {
  return [
    patch.from !== undefined && `from ${terminalLabel(plan, patch.from, door)}`,
    patch.to !== undefined && `to ${terminalLabel(plan, patch.to, door)}`,
    patch.colour,
    patch.gauge !== undefined && formatGauge(patch.gauge),
    patch.length !== undefined && `${Math.round(patch.length * 100) / 100} m`,
    patch.cable !== undefined && `cable ${patch.cable || 'none'}`,
  ].filter((word): word is string => typeof word === 'string');
}
