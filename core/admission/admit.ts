import {
  applyEdit,
  kindOf,
  VERBS,
  type Edit,
  type EditRefusal,
  type EditResult,
  type Plan,
} from '../plan/index';
import { batchLabel, DEEPEST_BATCH, MOST_EDITS, singleEditSchema } from './editSchema';
import { issuesOf } from './issueText';
import { renewed } from './older';

export type Parsed =
  { readonly ok: true; readonly edit: Edit } | { readonly ok: false; readonly refusal: EditRefusal };

const invalid = (id: string, message: string): Parsed => ({
  ok: false,
  refusal: { reason: 'invalid', id, message, at: id },
});

/** Reads an edit from outside: its shape, its lengths, how many it holds and how deep. Nothing is applied yet. */
export function parseEdit(value: unknown): Parsed {
  let left = MOST_EDITS;
  const parse = (one: unknown, path: string, depth: number): Parsed => {
    left -= 1;
    if (left < 0) return invalid(path, `holds more than ${MOST_EDITS} edits`);
    if (!isBatch(one)) {
      const parsed = singleEditSchema.safeParse(renewedEdit(one));
      if (parsed.success) return { ok: true, edit: parsed.data };
      const [first] = issuesOf(parsed.error.issues);
      const spot = [path, first?.path].filter(Boolean).join('.');
      return invalid(spot, first?.message ?? 'is not an edit');
    }
    if (depth >= DEEPEST_BATCH) return invalid(path, `nests batches deeper than ${DEEPEST_BATCH}`);
    const label = batchLabel.safeParse(one.label);
    if (!label.success) return invalid([path, 'label'].filter(Boolean).join('.'), 'is not a line of text');
    const extra = Object.keys(one).find((key) => !['kind', 'label', 'edits'].includes(key));
    if (extra !== undefined) return invalid(path, `unknown key "${extra}"`);
    const edits: Edit[] = [];
    for (const [index, inner] of one.edits.entries()) {
      const result = parse(inner, `${path ? `${path}.` : ''}edits[${index}]`, depth + 1);
      if (!result.ok) return result;
      edits.push(result.edit);
    }
    return { ok: true, edit: { kind: 'batch', label: label.data, edits } };
  };
  return parse(value, '', 0);
}

/** What an edit carries, in today's fields. */
function renewedEdit(value: unknown): unknown {
  const edit = value as Readonly<Record<string, unknown>> | null;
  const verb = typeof edit === 'object' && edit ? VERBS.get(edit['kind'] as Edit['kind']) : undefined;
  if (!edit || !verb) return value;
  const part = verb.verb === 'set' ? 'patch' : kindOf(verb.collection).as;
  const now = renewed(verb.collection, edit[part]);
  return now === edit[part] ? value : { ...edit, [part]: now };
}

interface RawBatch {
  readonly kind: 'batch';
  readonly label: unknown;
  readonly edits: readonly unknown[];
}
const isBatch = (value: unknown): value is RawBatch =>
  typeof value === 'object' &&
  value !== null &&
  (value as RawBatch).kind === 'batch' &&
  Array.isArray((value as RawBatch).edits);

export type Admitted = EditResult & { readonly edit?: Edit };

/**
 * The only way into a plan, for tab, server, table and command line alike: the edit's shape by the schema of its kind, then
 * what it names, shares and sets against this plan. The edit comes back as it was read.
 */
export function admit(plan: Plan, value: unknown): Admitted {
  const parsed = parseEdit(value);
  if (!parsed.ok) return parsed;
  const result = applyEdit(plan, parsed.edit);
  return result.ok ? { ...result, edit: parsed.edit } : result;
}
