import { findType } from '../../devices/index';
import {
  allDevices,
  type TerminalId,
  applyEdit,
  conductorsOf,
  findTypeIn,
  nextWireNumber,
  parseWireLine,
  terminalLabel,
  type Conductor,
  type Device,
  type DoorId,
  type Edit,
  type LineFault,
  type Plan,
} from '../../plan/index';
import { formatGauge } from '../../units/index';

/** What one row of a pasted or read table would do. */
export type WireRowOutcome =
  | { readonly kind: 'device'; readonly tag: string; readonly name: string }
  | { readonly kind: 'new'; readonly number: string; readonly from: string; readonly to: string }
  | { readonly kind: 'changed'; readonly number: string; readonly what: readonly string[] }
  | { readonly kind: 'same'; readonly number: string }
  | {
      readonly kind: 'fault';
      readonly fault:
        LineFault | { readonly code: 'unknown-type' | 'tag-taken' | 'refused'; readonly word: string };
    };

export interface WireRow {
  /** Line in what was given, from 1. */
  readonly line: number;
  readonly text: string;
  readonly outcome: WireRowOutcome;
}

export interface WireRows {
  readonly rows: readonly WireRow[];
  /** Everything that can be done, as one edit; faulty rows are left out. Null where nothing would change. */
  readonly edit: Edit | null;
}

/** Headings by what they may be called, so that a table from elsewhere is read by its own columns. */
const HEADINGS: Readonly<Record<'number' | 'from' | 'to' | 'colour' | 'size' | 'length' | 'cable', RegExp>> =
  {
    number: /^(wire|number|no\.?|nr\.?|wire number)$/i,
    from: /^from/i,
    to: /^to/i,
    colour: /^colou?r/i,
    size: /^(size|gauge|mm2|mm²|awg)/i,
    length: /^length/i,
    cable: /^cable/i,
  };
type Column = keyof typeof HEADINGS;
const PLAIN: readonly Column[] = ['from', 'to', 'colour', 'size', 'length', 'cable'];

/** Columns of a heading row; null where the row is no heading. */
function headingOf(cells: readonly string[]): Map<Column, number> | null {
  const found = new Map<Column, number>();
  cells.forEach((cell, index) => {
    const name = (Object.keys(HEADINGS) as Column[]).find((column) => HEADINGS[column].test(cell.trim()));
    if (name && !found.has(name)) found.set(name, index);
  });
  return found.has('from') && found.has('to') ? found : null;
}

/**
 * Reads rows of a table into what they would do at a door. A heading row names the columns in any order; without
 * one they are from, to, colour, size, length, cable. A row of two cells whose second is a device type adds a device.
 * A number that is there already changes that wire; a number that is free is kept; else the next free one is taken.
 */
export function readWireRows(plan: Plan, door: DoorId, table: readonly (readonly string[])[]): WireRows {
  const rows: WireRow[] = [];
  const edits: Edit[] = [];
  let current = plan;
  let columns: Map<Column, number> | null = null;
  const keep = (edit: Edit): boolean => {
    const result = applyEdit(current, edit);
    if (!result.ok) return false;
    current = result.plan;
    edits.push(edit);
    return true;
  };
  table.forEach((cells, index) => {
    const text = cells.join(' ').trim();
    if (text === '') return;
    const heading = columns === null ? headingOf(cells) : null;
    if (heading) {
      columns = heading;
      return;
    }
    const outcome =
      deviceRow(current, door, cells, keep) ??
      wireRow(current, door, cells, columns ?? plainColumns(cells), keep);
    rows.push({ line: index + 1, text, outcome });
  });
  const edit: Edit | null = edits.length > 0 ? { kind: 'batch', label: 'take in a table', edits } : null;
  return { rows, edit };
}

/** Without a heading, a first cell without a dot is a wire number. */
function plainColumns(cells: readonly string[]): Map<Column, number> {
  const numbered = !(cells[0] ?? '').includes('.');
  const names: readonly Column[] = numbered ? ['number', ...PLAIN] : PLAIN;
  return new Map(names.map((name, index) => [name, index]));
}

function deviceRow(
  plan: Plan,
  door: DoorId,
  cells: readonly string[],
  keep: (edit: Edit) => boolean,
): WireRowOutcome | null {
  const filled = cells.map((cell) => cell.trim()).filter((cell) => cell !== '');
  const [tag, wish] = filled;
  if (filled.length !== 2 || !tag || !wish || tag.includes('.') || wish.includes('.')) return null;
  const type = findTypeIn(plan, wish) ?? findType(wish);
  if (!type) return { kind: 'fault', fault: { code: 'unknown-type', word: wish } };
  const taken = allDevices(plan).some((device) => device.door === door && device.tag === tag);
  if (taken) return { kind: 'fault', fault: { code: 'tag-taken', word: tag } };
  const device: Device = {
    id: `${door}/${tag}`,
    door,
    tag,
    type: type.id,
    place: type.place,
    settings: {},
    notes: '',
  };
  return keep({ kind: 'addDevice', device })
    ? { kind: 'device', tag, name: type.name }
    : { kind: 'fault', fault: { code: 'refused', word: tag } };
}

function wireRow(
  plan: Plan,
  door: DoorId,
  cells: readonly string[],
  columns: ReadonlyMap<Column, number>,
  keep: (edit: Edit) => boolean,
): WireRowOutcome {
  const cell = (name: Column) => (cells[columns.get(name) ?? -1] ?? '').trim();
  // Colours may come as `RD red`, sizes as `1.0 mm²`, lengths as `14.0`: the typed line reads one word of each.
  const colour = cell('colour').split(/\s+/)[0] ?? '';
  const size = cell('size').replace(/\s+/g, '');
  const length = cell('length').replace(/\s+/g, '').replace(',', '.');
  const words = [
    cell('from'),
    cell('to'),
    colour,
    size,
    /^[\d.]+$/.test(length) ? `${length}m` : length,
  ].filter((word) => word !== '');
  const parsed = parseWireLine(plan, door, words.join(' '));
  if (!parsed.ok) return { kind: 'fault', fault: parsed.fault };
  const { line } = parsed;
  const number = cell('number');
  const old = conductorsOf(plan, door).find((wire) => wire.number === number);
  const cable =
    columns.has('cable') && cells.length > (columns.get('cable') ?? 0)
      ? cell('cable').replace('—', '')
      : null;
  if (old) {
    const patch: Partial<Omit<Conductor, 'id' | 'door'>> = {
      ...(old.from !== line.from ? { from: line.from } : {}),
      ...(old.to !== line.to ? { to: line.to } : {}),
      ...(colour !== '' && old.colour !== line.colour ? { colour: line.colour } : {}),
      ...(size !== '' && old.gauge !== line.gauge ? { gauge: line.gauge } : {}),
      ...(length !== '' && Math.abs(old.length - line.length) > 0.006 ? { length: line.length } : {}),
      ...(cable !== null && old.cable !== cable ? { cable } : {}),
    };
    if (Object.keys(patch).length === 0) return { kind: 'same', number };
    if (!keep({ kind: 'setConductor', id: old.id, patch }))
      return { kind: 'fault', fault: { code: 'refused', word: number } };
    return { kind: 'changed', number, what: changeWords(plan, door, patch) };
  }
  const fresh = number !== '' && number.length <= 12 ? number : nextWireNumber(plan, door);
  let id = `${door}/${fresh}`;
  while (plan.conductors[id]) id += "'";
  const conductor: Conductor = { id, door, number: fresh, ...line, cable: cable ?? '', origin: 'hand' };
  if (!keep({ kind: 'connect', conductor }))
    return { kind: 'fault', fault: { code: 'refused', word: fresh } };
  const name = (terminal: TerminalId) => terminalLabel(plan, terminal, door);
  return { kind: 'new', number: fresh, from: name(line.from), to: name(line.to) };
}

function changeWords(plan: Plan, door: DoorId, patch: Partial<Conductor>): string[] {
  return [
    patch.from !== undefined && `from ${terminalLabel(plan, patch.from, door)}`,
    patch.to !== undefined && `to ${terminalLabel(plan, patch.to, door)}`,
    patch.colour,
    patch.gauge !== undefined && formatGauge(patch.gauge),
    patch.length !== undefined && `${patch.length} m`,
    patch.cable !== undefined && `cable ${patch.cable || 'none'}`,
  ].filter((word): word is string => typeof word === 'string');
}
