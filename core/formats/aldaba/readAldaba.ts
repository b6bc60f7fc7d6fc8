import type * as z from 'zod';
import { issuesOf, renewed, SCHEMAS, siteSchema } from '../../admission/index';
import {
  assemble,
  COLLECTIONS,
  kindOf,
  type Collection,
  type EditRefusal,
  type Lists,
  type Plan,
  type Site,
} from '../../plan/index';
import { differences, type ReadNote } from './differences';

/** What is wrong with a file, at which spot: `wires[3].to`. Either a sentence of the reader's, or a refusal to be worded. */
export interface FileProblem {
  readonly path: string;
  readonly message: string;
}

export type ReadResult =
  | { readonly ok: true; readonly plan: Plan; readonly notes: readonly ReadNote[] }
  /** `more` where there may be further ones: reading stops at the first hundred. */
  | { readonly ok: false; readonly problems: readonly FileProblem[]; readonly more: boolean };

/** Problems and notes after which the reader stops collecting. */
export const MOST_PROBLEMS = 100;

const LISTS = new Map(COLLECTIONS.map((collection) => [kindOf(collection).list, collection]));
const HEAD = new Set(['$schema', 'format', 'version', 'site']);

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** Reads an Aldaba site file. All or nothing: a file with one problem changes nothing. */
export function readAldaba(json: unknown): ReadResult {
  if (!isRecord(json)) return fail([{ path: '', message: 'is not a site file: it must be an object' }]);
  const problems: FileProblem[] = [];
  if (json['format'] !== 'aldaba-site') problems.push({ path: 'format', message: 'must be "aldaba-site"' });
  if (json['version'] !== 1)
    problems.push({ path: 'version', message: 'must be 1: a later version of Aldaba may have written it' });
  for (const key of Object.keys(json)) {
    if (problems.length >= MOST_PROBLEMS) break;
    if (!HEAD.has(key) && !LISTS.has(key)) problems.push({ path: '', message: `unknown key "${key}"` });
  }
  const site = read(siteSchema, json['site'], 'site', problems) as Site | undefined;
  const notes = site ? differences(json['site'], site, 'site') : [];
  const lists: Partial<Record<Collection, unknown[]>> = {};
  for (const collection of COLLECTIONS) {
    const { list, most, word } = kindOf(collection);
    lists[collection] = [];
    const given = json[list] ?? [];
    if (!Array.isArray(given)) problems.push({ path: list, message: 'must be a list' });
    else if (given.length > most)
      problems.push({ path: list, message: `holds ${given.length}; a site has at most ${most} of: ${word}` });
    else readList(collection, given, lists[collection], problems, notes);
    if (problems.length >= MOST_PROBLEMS) break;
  }
  if (problems.length > 0 || !site) return fail(problems);
  const { plan, misfits } = assemble(site, lists as unknown as Lists, MOST_PROBLEMS);
  if (misfits.length === 0) return { ok: true, plan, notes: notes.slice(0, MOST_PROBLEMS) };
  return fail(
    misfits.map(({ collection, index, refusal }) => {
      const spot = `${kindOf(collection).list}[${index}]`;
      return {
        path: refusal.at ? `${spot}.${refusal.at}` : spot,
        message: refusalText(refusal),
      };
    }),
  );
}

const fail = (problems: readonly FileProblem[]): ReadResult => ({
  ok: false,
  problems: problems.slice(0, MOST_PROBLEMS),
  more: problems.length >= MOST_PROBLEMS,
});

function read(schema: z.ZodType, value: unknown, path: string, problems: FileProblem[]): unknown {
  const parsed = schema.safeParse(value);
  if (parsed.success) return parsed.data;
  for (const issue of issuesOf(parsed.error.issues)) {
    if (problems.length >= MOST_PROBLEMS) break;
    problems.push({ path: [path, issue.path].filter(Boolean).join('.'), message: issue.message });
  }
  return undefined;
}

function readList(
  collection: Collection,
  given: readonly unknown[],
  into: unknown[],
  problems: FileProblem[],
  notes: ReadNote[],
): void {
  const { list } = kindOf(collection);
  const schema = SCHEMAS[collection];
  for (const [index, raw] of given.entries()) {
    const value = renewed(collection, raw);
    if (problems.length >= MOST_PROBLEMS) return;
    const path = `${list}[${index}]`;
    const entity = read(schema, value, path, problems);
    if (entity === undefined) continue;
    into.push(entity);
    if (notes.length < MOST_PROBLEMS) notes.push(...differences(value, entity, path));
  }
}

/** Reads the text of a file; a syntax error becomes a problem like any other. */
export function parseAldaba(text: string): ReadResult {
  let json: unknown;
  try {
    json = JSON.parse(text.replace(/^\uFEFF/, ''));
  } catch (error) {
    return fail([
      { path: '', message: `not JSON: ${error instanceof Error ? error.message : String(error)}` },
    ]);
  }
  return readAldaba(json);
}

/** A refusal in the words of a file: what stands there, not what somebody did. */
function refusalText(refusal: EditRefusal): string {
  switch (refusal.reason) {
    case 'missing':
      return `there is no ${refusal.what} "${refusal.id}"`;
    case 'exists':
      return `there is already a ${refusal.what} "${refusal.id}"`;
    case 'unknown-type':
      return `"${refusal.id}" is not a device type`;
    case 'unknown-terminal':
      return `there is no terminal "${refusal.id}"`;
    case 'same-terminal':
      return `both ends are at "${refusal.id}"`;
    case 'tag-taken':
      return `the tag "${refusal.id}" is taken at this door`;
    case 'number-taken':
      return `the wire number "${refusal.id}" is taken at this door`;
    case 'in-use':
      return `"${refusal.id}" is still in use`;
    case 'bad-type':
      return `the device type is not whole at ${refusal.id}`;
    case 'bad-setting':
      return `"${refusal.id}" is not a value of this device's settings`;
    case 'id-differs':
      return `"${refusal.id}" is not the id that belongs to it`;
    case 'too-many':
      return `a site has at most ${refusal.most} of: ${refusal.what}`;
    case 'invalid':
      return refusal.message;
  }
}
