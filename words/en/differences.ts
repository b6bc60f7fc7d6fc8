import type { Difference, PlanDifferences } from '#core/plan/index';
import { formatGauge, formatLength, type Gauge } from '#core/units/index';
import { QUESTIONS } from './brief';
import { thingWords } from './edits';
import { spoken } from '../messages';

type Body = Readonly<Record<string, unknown>>;

const IS: Readonly<Record<Difference['is'], string>> = { new: 'new', gone: 'removed', changed: 'changed' };
const SITE_FIELDS: Readonly<Record<string, string>> = {
  reference: 'job number',
  lastDoor: 'highest number of a removed door',
  units: 'units',
  region: 'region',
  colours: 'colours',
};
const FIELDS: Readonly<Record<string, string>> = {
  deadState: 'fail-safe or fail-secure',
  order: 'place in the list',
  schools: 'wiring methods',
  lastWire: 'highest wire number',
  gauge: 'size',
  from: 'first end',
  to: 'second end',
  by: 'who',
  at: 'when',
};
const capital = (sentence: string): string => sentence.charAt(0).toUpperCase() + sentence.slice(1);
const isBody = (value: unknown): value is Body =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const valueWords = (value: unknown): string => {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.length === 0 ? 'nothing' : value.map(valueWords).join(', ');
  return typeof value === 'string' || typeof value === 'number' ? String(value) : 'other content';
};

const fieldWords = (field: string): string =>
  FIELDS[field] ??
  (QUESTIONS as Readonly<Record<string, { readonly label: string } | undefined>>)[field]?.label ??
  field;

/** Fields that are quantities, with their units. */
const QUANTITIES: Readonly<Record<string, (value: unknown) => string>> = {
  length: (value) => formatLength(Number(value)),
  readerDistance: (value) => formatLength(Number(value)),
  gauge: (value) => formatGauge(value as Gauge),
};

/** A part of something: questions of the brief are said without the word before them. */
const under = (name: string, part: string): string => {
  if (part.endsWith('?')) return part;
  return name === '' ? capital(part) : `${name}, ${part}`;
};

/** What differs of two values, a line a field; what has parts is taken apart once more. */
function valueLines(name: string, before: unknown, after: unknown, field = ''): string[] {
  if (isBody(before) && isBody(after))
    return [...new Set([...Object.keys(before), ...Object.keys(after)])]
      .filter((part) => JSON.stringify(before[part]) !== JSON.stringify(after[part]))
      .flatMap((part) => valueLines(under(name, fieldWords(part)), before[part], after[part], part));
  const say = QUANTITIES[field] ?? valueWords;
  const [was, is] = [say(before), say(after)];
  const what = name.endsWith('?') ? name : `${name}:`;
  return [was === is ? `${what} changed` : `${what} ${was} → ${is}`];
}

/** What became of one thing, a line a field. Secrets are named and not shown. */
export const changeWords = spoken(function changeWords({
  collection,
  id,
  before,
  after,
  is,
  secret,
}: Difference): string[] {
  const thing = capital(thingWords(collection, id, after ?? before));
  if (is !== 'changed') return [`${thing}: ${IS[is]}`];
  // A door's own lines stand under its number already.
  const lines = before && after ? valueLines(collection === 'doors' ? '' : thing, before, after) : [];
  return secret ? [...lines, `${thing}: code, card or what it holds is another (not shown)`] : lines;
});

/** One door, or what belongs to none, with what became of it. */
export interface ChangedPart {
  readonly door: string | null;
  readonly lines: readonly string[];
}

/** All differences in words: the site first, then door by door. What is at several doors stands at the first. */
export const comparedWords = spoken(function comparedWords({
  site,
  entries,
}: PlanDifferences): ChangedPart[] {
  const parts = new Map<string | null, string[]>();
  const add = (door: string | null, lines: readonly string[]) =>
    parts.set(door, [...(parts.get(door) ?? []), ...lines]);
  for (const { field, before, after } of site)
    add(null, valueLines(capital(SITE_FIELDS[field] ?? field), before, after));
  for (const one of entries) add(one.doors[0] ?? null, changeWords(one));
  return [...parts]
    .map(([door, lines]) => ({ door, lines }))
    .sort((a, b) => (a.door ?? '').localeCompare(b.door ?? ''));
});
