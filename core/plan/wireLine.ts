import { allDevices } from './allOf';
import {
  AWG_SIZES,
  awg,
  carried,
  COLOUR_CODES,
  colourNamed,
  mm2,
  metres,
  parseGauge,
  readQuantity,
  type ColourCode,
  type Gauge,
  type MeasureSystem,
  type Metres,
} from '../units/index';
import { ASSUMABLE, type Assumable } from './assumable';
import type { Device } from './schemas/device';
import { terminalId, type TerminalId } from './kinds/terminal';
import type { DoorId, Plan } from './plan';
import { devicesOf } from './siteIndex';
import { findTypeIn } from './types';

/** What a typed line such as `PS1.+V K1.COM RD 1.0 14m` says. */
export interface WireLine {
  readonly from: TerminalId;
  readonly to: TerminalId;
  readonly colour: ColourCode;
  readonly gauge: Gauge;
  readonly length: Metres;
  /** What of these was not typed. */
  readonly assumed: readonly Assumable[];
}

/** What could not be read, where: `start` and `end` are offsets into the line. */
export interface LineFault {
  readonly code:
    | 'empty'
    | 'no-second'
    | 'unknown-device'
    | 'unknown-terminal'
    | 'no-terminal'
    | 'same-terminal'
    | 'unknown-word'
    | 'twice';
  readonly word: string;
  readonly start: number;
  readonly end: number;
  readonly choices: readonly string[];
}

export type WireLineResult =
  { readonly ok: true; readonly line: WireLine } | { readonly ok: false; readonly fault: LineFault };

/** What of a line is understood so far, and the first thing in it that is not; null where a wire can be laid. */
export interface Understood extends Partial<Omit<WireLine, 'assumed'>> {
  readonly fault: LineFault | null;
}

/** What a wire is taken for where nobody said: each is marked as assumed. */
export const wireDefaults = ({ units }: Plan['site']) => ({
  colour: 'RD' as ColourCode,
  gauge: carried(units, mm2(0.75)),
  length: metres(2),
});

interface Word {
  readonly text: string;
  readonly start: number;
  readonly end: number;
}

const wordsOf = (line: string): Word[] =>
  [...line.matchAll(/\S+/g)].map((m) => ({ text: m[0], start: m.index, end: m.index + m[0].length }));

/** What people write between two terminals and mean nothing by. */
const BETWEEN = /^(?:->|-->|=>|→|to|-|–|—|nach)$/i;
const FIGURE = /^#?\d+(?:[.,]\d+)?$/;
const UNIT = /^(?:awg|mm2|mm²|m|ft|feet|foot|metres?|meters?|')$/i;

/** The words of a line as they are meant: without what stands between the terminals, a figure and its unit as one. */
function meantWords(line: string): Word[] {
  const all = wordsOf(line);
  const meant: Word[] = [];
  for (let i = 0; i < all.length; i += 1) {
    const word = all[i]!;
    if (meant.length === 1 && BETWEEN.test(word.text)) continue;
    const unit = all[i + 1];
    if (meant.length >= 2 && unit && FIGURE.test(word.text) && UNIT.test(unit.text)) {
      meant.push({ text: word.text + unit.text, start: word.start, end: unit.end });
      i += 1;
    } else meant.push(word);
  }
  return meant;
}

/** Where the device of a typed terminal ends: at its last dot, or at a colon or slash behind the name of a device. */
function splitAt(text: string, names: ReadonlyMap<string, Device>): number {
  const dot = text.lastIndexOf('.');
  if (dot >= 0 && names.has(text.slice(0, dot).toUpperCase())) return dot;
  const other = [...text.matchAll(/[:/]/g)].map(({ index }) => index).reverse();
  return other.find((at) => names.has(text.slice(0, at).toUpperCase()) && at < text.length - 1) ?? dot;
}

/** Devices a line at this door may name: the door's own by tag, the site's by tag, others as `D02/PS1`. */
export function nameable(plan: Plan, door: DoorId): Map<string, Device> {
  const names = new Map<string, Device>();
  // Of two with one tag the door's own is meant; and what is at this door is offered first.
  for (const device of [...devicesOf(plan, door), ...devicesOf(plan, null)]) {
    const tag = device.tag.toUpperCase();
    if (!names.has(tag)) names.set(tag, device);
  }
  for (const device of allDevices(plan)) {
    if (device.door !== null && device.door !== door)
      names.set(`${device.door}/${device.tag}`.toUpperCase(), device);
  }
  return names;
}

/** Reads one typed wire. Colour, size and length may come in any order after the two terminals. */
export function parseWireLine(plan: Plan, door: DoorId, text: string): WireLineResult {
  const { fault, from, to, ...said } = understood(plan, door, text);
  if (fault) return { ok: false, fault };
  const assumed = ASSUMABLE.filter((what) => !(what in said));
  return { ok: true, line: { from: from!, to: to!, ...wireDefaults(plan.site), ...said, assumed } };
}

/** Reads a typed wire as far as it goes. */
export function understood(plan: Plan, door: DoorId, text: string): Understood {
  const words = meantWords(text);
  const names = nameable(plan, door);
  const ends: TerminalId[] = [];
  let colour: ColourCode | undefined;
  let gauge: Gauge | undefined;
  let length: Metres | undefined;
  const upTo = (fault: LineFault | null): Understood => ({
    fault,
    ...clean({ from: ends[0], to: ends[1], colour, gauge, length }),
  });
  const fault = (code: LineFault['code'], word: Word, choices: readonly string[] = []): Understood =>
    upTo({ code, word: word.text, start: word.start, end: word.end, choices });
  const end = { text: '', start: text.length, end: text.length };
  if (words.length === 0) return fault('empty', end);
  for (const word of words.slice(0, 2)) {
    const dot = splitAt(word.text, names);
    const device = names.get((dot < 0 ? word.text : word.text.slice(0, dot)).toUpperCase());
    if (!device) return fault('unknown-device', word, [...names.keys()]);
    const terminals = findTypeIn(plan, device.type)?.terminals.map((t) => t.id) ?? [];
    if (dot < 0) return fault('no-terminal', word, terminals);
    const pin = word.text.slice(dot + 1).toUpperCase();
    const terminal = terminals.find((id) => id.toUpperCase() === pin);
    if (terminal === undefined) return fault('unknown-terminal', word, terminals);
    ends.push(terminalId(device.id, terminal));
  }
  const [from, to] = ends;
  if (from === undefined || to === undefined) return fault('no-second', end);
  if (from === to) return fault('same-terminal', words[1] ?? end);

  for (const word of words.slice(2)) {
    const named = colourNamed(word.text);
    // A comma here parts decimals: no size and no length of a wire has thousands.
    const figure = word.text.replace(',', '.');
    const size = /^\d+(\.\d+)?$|mm|awg|^#/i.test(figure) ? readSize(plan.site.units, figure) : null;
    const reach = readLength(word.text);
    if (named) {
      if (colour) return fault('twice', word);
      colour = named;
    } else if (reach !== null) {
      if (length !== undefined) return fault('twice', word);
      length = reach;
    } else if (size) {
      if (gauge) return fault('twice', word);
      gauge = size;
    } else return fault('unknown-word', word, COLOUR_CODES);
  }
  return upTo(null);
}

/** A size; a bare whole number is a wire gauge where those are carried. */
const readSize = (system: MeasureSystem, text: string): Gauge | null =>
  system === 'american' && (AWG_SIZES as readonly number[]).some((size) => String(size) === text)
    ? awg(Number(text))
    : parseGauge(text);

/** A length with its unit behind it; null for what is none. */
function readLength(text: string): Metres | null {
  if (!/\d\s*(m|metres?|meters?|ft|feet|foot|cm|'|")$/i.test(text)) return null;
  const read = readQuantity(text, 'm');
  return read.kind === 'value' ? metres(read.value) : null;
}

const clean = <T extends object>(value: T): { [K in keyof T]?: NonNullable<T[K]> } =>
  Object.fromEntries(Object.entries(value).filter(([, v]) => v !== undefined)) as {
    [K in keyof T]?: NonNullable<T[K]>;
  };

/** Sizes and lengths that are offered while a line is typed. */
const OFFERED: Readonly<Record<MeasureSystem, readonly string[]>> = {
  metric: ['0.5', '0.75', '1.0', '1.5', '2.5', '18AWG', '5m', '10m', '20m'],
  american: ['22AWG', '20AWG', '18AWG', '16AWG', '14AWG', '1.0', '10ft', '25ft', '50ft'],
};

/** Words that may stand at the caret, for completion: whole replacements of the word being typed. */
export function completeWireLine(plan: Plan, door: DoorId, text: string, caret: number): string[] {
  const head = text.slice(0, caret);
  const index = meantWords(head).length - (/\S$/.test(head) ? 1 : 0);
  const typed = (/\S*$/.exec(head)?.[0] ?? '').toUpperCase();
  const begins = (choice: string) => choice.toUpperCase().startsWith(typed);
  if (index >= 2) {
    return [...COLOUR_CODES, ...OFFERED[plan.site.units]].filter(begins);
  }
  const names = nameable(plan, door);
  const dot = typed.lastIndexOf('.');
  if (dot < 0)
    return [...names.values()]
      .map((d) => nameIn(names, d))
      .filter(begins)
      .map((name) => `${name}.`);
  const device = names.get(typed.slice(0, dot));
  if (!device) return [];
  const terminals = findTypeIn(plan, device.type)?.terminals ?? [];
  return terminals.map((t) => `${nameIn(names, device)}.${t.id}`).filter(begins);
}

function nameIn(names: ReadonlyMap<string, Device>, device: Device): string {
  for (const [name, candidate] of names) if (candidate === device) return name;
  return device.tag;
}
