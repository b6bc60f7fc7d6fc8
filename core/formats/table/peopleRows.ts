import Papa from 'papaparse';
import { fitsIn } from '../../cards/index';
import {
  blankCard,
  blankPerson,
  findIn,
  formatsOf,
  sameCard,
  type Edit,
  type HeldCard,
  type Person,
  type Plan,
} from '../../plan/index';
import { readDay, type DayFault } from './dateCell';
import { unguarded } from './plainCell';

/** What a column of a list of people is there for. */
type Column =
  | 'id'
  | 'name'
  | 'first'
  | 'last'
  | 'group'
  | 'role'
  | 'levels'
  | 'doors'
  | 'card'
  | 'facility'
  | 'number'
  | 'phone'
  | 'code'
  | 'from'
  | 'until';

/** Headings by what they may be called in English and German. */
const HEADINGS: Readonly<Record<Column, RegExp>> = {
  id: /^(id|person id|kennung)$/i,
  name: /^(name|person|full name)$/i,
  first: /^(first name|given name|vorname)$/i,
  last: /^(last name|surname|family name|nachname|familienname)$/i,
  group: /^(group|department|company|team|gruppe|abteilung|firma)$/i,
  role: /^(role|administers|rolle)$/i,
  levels: /^(levels?|access levels?|access|zutritt|berechtigung(en)?)$/i,
  doors: /^(doors?|türe?n?)$/i,
  card: /^(cards?|card no\.?|badges?|fobs?|karten?|ausweise?)$/i,
  phone: /^(phone|telephone|mobile|telefon|handy)$/i,
  facility: /^(facility|facility code|site code|anlage)$/i,
  number: /^(card number|number|kartennummer|ausweisnummer)$/i,
  code: /^(code|pin)$/i,
  from: /^(from|first day|valid from|gültig ab|von|ab)$/i,
  until: /^(until|last day|valid until|valid to|expires|gültig bis|bis)$/i,
};

export type PersonFault =
  | { readonly code: 'no-name' }
  | {
      readonly code: 'unknown-level' | 'unknown-door' | 'bad-card' | 'bad-code' | 'unknown-id';
      readonly word: string;
    }
  | { readonly code: 'bad-day'; readonly word: string; readonly fault: DayFault }
  | { readonly code: 'days-crossed' }
  /** Two people of the site, or two rows, have this name: an id is wanted. */
  | { readonly code: 'which-person'; readonly word: string };

/** Fields that a row would change. */
export type PersonField = keyof Omit<Person, 'id' | 'slots'>;

export interface PersonRow {
  /** Line in what was given, from 1. */
  readonly line: number;
  readonly text: string;
  readonly outcome:
    | { readonly kind: 'new'; readonly name: string }
    | { readonly kind: 'changed'; readonly name: string; readonly what: readonly PersonField[] }
    | { readonly kind: 'same'; readonly name: string }
    | { readonly kind: 'fault'; readonly fault: PersonFault };
}

export interface PeopleRows {
  readonly rows: readonly PersonRow[];
  /** All that the readable rows do, as one step; null where they do nothing. */
  readonly edit: Edit | null;
  /** True where no heading names a person: nothing is read then. */
  readonly unread: boolean;
}

/**
 * Reads a list of people by its headings, in any order. Who is there already is known by id, or by a name that nobody else has; a
 * column that is missing changes nothing, an empty cell of one that is there empties. What cannot be read stays with its row.
 */
export function readPeopleRows(plan: Plan, text: string): PeopleRows {
  const lines = listOf(text).map((cells, index) => ({
    cells: cells.map((cell) => cell.trim()),
    line: index + 1,
  }));
  const head = lines.find(({ cells }) => cells.some((cell) => cell !== ''));
  const columns = columnsOf(head?.cells ?? []);
  if (!head || !(columns.has('name') || columns.has('last') || columns.has('id')))
    return { rows: [], edit: null, unread: true };
  const people = knownBy(plan);
  const fresh = numbersOf(plan);
  const seen = new Set<string>();
  const edits: Edit[] = [];
  const rows = lines
    .filter(({ line, cells }) => line > head.line && cells.some((cell) => cell !== ''))
    .map(({ line, cells }): PersonRow => {
      const raw = cells.join('\t');
      const fault = (one: PersonFault): PersonRow => ({
        line,
        text: raw,
        outcome: { kind: 'fault', fault: one },
      });
      const read = readRow(plan, columns, cells);
      if (!read.ok) return fault(read.fault);
      const { id } = read;
      const patch = { ...read.patch };
      const name = patch.name ?? '';
      const found = id ? findIn(plan.people, id) : people.get(name.toLowerCase());
      if (id && !found) return fault({ code: 'unknown-id', word: id });
      if (found === 'several') return fault({ code: 'which-person', word: name });
      const key = found?.id ?? `new ${name.toLowerCase()}`;
      if (seen.has(key)) return fault({ code: 'which-person', word: name || (found?.name ?? '') });
      if (!found) {
        if (name === '') return fault({ code: 'no-name' });
        const person: Person = { ...blankPerson(fresh(), name), ...patch };
        if (crossed(person)) return fault({ code: 'days-crossed' });
        seen.add(key);
        edits.push({ kind: 'addPerson', person });
        return { line, text: raw, outcome: { kind: 'new', name } };
      }
      if (patch.cards) patch.cards = withHistory(patch.cards, found.cards);
      const what = (Object.keys(patch) as PersonField[]).filter(
        (field) => JSON.stringify(patch[field]) !== JSON.stringify(found[field]),
      );
      if (crossed({ ...found, ...patch })) return fault({ code: 'days-crossed' });
      seen.add(key);
      if (what.length === 0) return { line, text: raw, outcome: { kind: 'same', name: found.name } };
      edits.push({
        kind: 'setPerson',
        id: found.id,
        patch: Object.fromEntries(what.map((field) => [field, patch[field]])),
      });
      return { line, text: raw, outcome: { kind: 'changed', name: found.name, what } };
    });
  const label = 'take in a list of people';
  return { rows, edit: edits.length === 0 ? null : { kind: 'batch', label, edits }, unread: false };
}

/** Cells of a list: parted by whatever parts its heading most, since a cell of its own may hold commas and semicolons. */
function listOf(text: string): string[][] {
  const plainText = text.replace(/^\uFEFF/, '');
  const head = plainText.split(/\r?\n/).find((line) => line.trim() !== '') ?? '';
  const delimiter = ['\t', ';', ','].reduce((best, sign) =>
    head.split(sign).length > head.split(best).length ? sign : best,
  );
  return Papa.parse<string[]>(plainText, { delimiter, skipEmptyLines: false }).data;
}

const crossed = ({ from, until }: Person): boolean => from !== null && until !== null && until < from;

function columnsOf(cells: readonly string[]): Map<Column, number> {
  const at = new Map<Column, number>();
  cells.forEach((cell, index) => {
    const name = (Object.keys(HEADINGS) as Column[]).find((column) => HEADINGS[column].test(cell));
    if (name && !at.has(name)) at.set(name, index);
  });
  return at;
}

/** People by the name that they alone have. */
function knownBy({ people }: Plan): ReadonlyMap<string, Person | 'several'> {
  const known = new Map<string, Person | 'several'>();
  for (const person of Object.values(people)) {
    const name = person.name.trim().toLowerCase();
    known.set(name, known.has(name) ? 'several' : person);
  }
  return known;
}

/** Ids that nobody has, one after the other. */
function numbersOf({ people }: Plan): () => string {
  let last = Math.max(0, ...Object.keys(people).map((id) => Number(/^P(\d+)$/.exec(id)?.[1] ?? 0)));
  return () => `P${String((last += 1)).padStart(2, '0')}`;
}

type Patch = { -readonly [K in keyof Omit<Person, 'id' | 'slots'>]?: Person[K] };
type RowRead =
  | { readonly ok: true; readonly id: string | null; readonly patch: Patch }
  | { readonly ok: false; readonly fault: PersonFault };

function readRow(plan: Plan, columns: ReadonlyMap<Column, number>, cells: readonly string[]): RowRead {
  const has = (column: Column) => columns.has(column);
  const cell = (column: Column) => unguarded(cells[columns.get(column) ?? -1] ?? '');
  const no = (fault: PersonFault): RowRead => ({ ok: false, fault });
  const patch: Patch = {};
  const name = has('name') ? cell('name') : [cell('first'), cell('last')].filter(Boolean).join(' ');
  if (name !== '') patch.name = name.slice(0, 200);
  if (has('group')) patch.group = cell('group').slice(0, 80);
  if (has('role')) patch.role = /^(admin|yes|ja|x|1$)/i.test(cell('role')) ? 'administrator' : 'user';
  if (has('levels')) {
    const levels = several(cell('levels'), /[,;|]/);
    const ids = levels.map((word) => levelNamed(plan, word));
    const unknown = levels.find((_, index) => ids[index] === null);
    if (unknown !== undefined) return no({ code: 'unknown-level', word: unknown });
    patch.levels = [...new Set(ids as string[])];
  }
  if (has('doors')) {
    const doors = several(cell('doors'), /[\s,;|]+/);
    const unknown = doors.find((door) => findIn(plan.doors, door) === undefined);
    if (unknown !== undefined) return no({ code: 'unknown-door', word: unknown });
    patch.doors = [...new Set(doors)];
  }
  if (has('card') || has('number')) {
    const word = has('card') ? cell('card') : [cell('facility'), cell('number')].filter(Boolean).join('-');
    const cards = several(word, /[,;|]/).map((one) => readCardCell(plan, one));
    if (cards.some((card) => card === null)) return no({ code: 'bad-card', word });
    patch.cards = cards.flatMap((card) => card ?? []);
  }
  if (has('code') && !/^•+$/.test(cell('code'))) {
    if (!/^\d{0,8}$/.test(cell('code'))) return no({ code: 'bad-code', word: cell('code') });
    patch.code = cell('code');
  }
  if (has('phone')) patch.phone = cell('phone').slice(0, 40);
  for (const side of ['from', 'until'] as const) {
    if (!has(side)) continue;
    const read = readDay(cell(side));
    if (!read.ok) return no({ code: 'bad-day', word: cell(side), fault: read.fault });
    patch[side] = read.day;
  }
  return { ok: true, id: cell('id') || null, patch };
}

const several = (cell: string, apart: RegExp): string[] =>
  cell
    .split(apart)
    .map((word) => word.trim())
    .filter(Boolean);

function levelNamed({ levels }: Plan, word: string): string | null {
  const wanted = word.toLowerCase();
  return (
    Object.values(levels).find(({ name, id }) => name.toLowerCase() === wanted || id === word)?.id ?? null
  );
}

/** `71-2001`, `71:2001`, `71 2001`, `2001`, `900-1 bits-34`; null where it is none, or its format has no room for it. */
function readCardCell(plan: Plan, word: string): HeldCard | null {
  const [, facility = '0', number, format = 'bits-26'] =
    /^(?:(\d{1,10})\s*[-:/ ]\s*)?(\d{1,10})(?:\s+([\w-]*[a-z][\w-]*))?$/i.exec(word) ?? [];
  if (number === undefined) return null;
  const card = blankCard(Number(facility), Number(number));
  const frame = formatsOf(plan).find(({ id }) => id === format);
  return frame && fitsIn(frame, card) ? { ...card, format } : null;
}

/** Cards as a list tells them, each as it is known where the person has it; a lost one stays on record though no list names it. */
function withHistory(told: readonly HeldCard[], known: readonly HeldCard[]): readonly HeldCard[] {
  const said = told.map((card) => known.find((one) => sameCard(one, card)) ?? card);
  const gone = known.filter((one) => one.lost !== null && !said.includes(one));
  return [...said.map((card) => (card.lost === null ? card : { ...card, lost: null })), ...gone];
}
