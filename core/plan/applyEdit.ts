import { settingFault } from '../devices/index';
import type { Edit } from './edit';
import { entityProblem } from './entityProblem';
import { COLLECTIONS, kindOf, type Collection, type Entities } from './kinds/index';
import { madeFrom } from './lineage';
import { findIn, type Plan } from './plan';
import type { EditRefusal } from './refusal';
import { findTypeIn } from './types';
import { VERBS } from './verbs';

export type EditResult =
  | { readonly ok: true; readonly plan: Plan; readonly inverse: Edit }
  | { readonly ok: false; readonly refusal: EditRefusal };

const refuse = (refusal: EditRefusal): EditResult => ({ ok: false, refusal });
const done = (plan: Plan, inverse: Edit): EditResult => ({ ok: true, plan, inverse });

type Table = Readonly<Record<string, unknown>>;
const tableOf = (plan: Plan, collection: Collection): Table => plan[collection] as Table;

const put = (plan: Plan, collection: Collection, id: string, value: unknown): Plan => ({
  ...plan,
  [collection]: madeFrom({ ...tableOf(plan, collection), [id]: value }, tableOf(plan, collection), [id]),
});

function drop(plan: Plan, collection: Collection, id: string): Plan {
  const { [id]: _gone, ...rest } = tableOf(plan, collection);
  return { ...plan, [collection]: madeFrom(rest, tableOf(plan, collection), [id]) };
}

/** The values a patch is about to replace: applying them takes the patch back. */
const before = (entity: object, patch: object): object =>
  Object.fromEntries(Object.keys(patch).map((key) => [key, (entity as Table)[key]]));

/** An edit as the kinds' verbs make it, read key by key. */
type KindEdit = Readonly<Record<string, unknown>>;
const asEdit = (edit: Record<string, unknown>): Edit => edit as unknown as Edit;

function isFull(plan: Plan, collection: Collection): EditRefusal | null {
  const { most, word } = kindOf(collection);
  const full = Object.keys(tableOf(plan, collection)).length >= most;
  return full ? { reason: 'too-many', what: word, id: word, most } : null;
}

function add<C extends Collection>(plan: Plan, collection: C, edit: KindEdit): EditResult {
  const kind = kindOf(collection);
  const entity = edit[kind.as] as Entities[C];
  const id = (entity as KindEdit)[kind.key] as string;
  if (findIn(tableOf(plan, collection), id) !== undefined)
    return refuse({ reason: 'exists', what: kind.word, id, at: kind.key });
  const problem = isFull(plan, collection) ?? entityProblem(plan, collection, entity);
  if (problem) return refuse(problem);
  const { remove } = kind.verbs as { remove: string };
  const after = put(plan, collection, id, entity);
  const back = asEdit({ kind: remove, id });
  // What is taken back was never there: it leaves nothing to remember.
  const left = kind.leaves?.(after, entity);
  const marked = left ? applyEdit(after, asEdit({ ...left })) : null;
  return done(after, marked?.ok ? flat('', [back, marked.inverse]) : back);
}

function set<C extends Collection>(plan: Plan, collection: C, edit: KindEdit): EditResult {
  const kind = kindOf(collection);
  const id = edit['id'] as string;
  const entity = findIn(plan[collection] as Record<string, Entities[C]>, id);
  if (entity === undefined) return refuse({ reason: 'missing', what: kind.word, id });
  const said = edit['patch'] as Partial<Entities[C]>;
  const patch = { ...kind.implied?.(entity, said), ...said };
  const next = { ...entity, ...patch };
  const problem = entityProblem(plan, collection, next, entity);
  // What was wrong before (in a file of an older version) does not keep anybody from changing something else.
  if (problem && JSON.stringify(problem) !== JSON.stringify(entityProblem(plan, collection, entity)))
    return refuse(problem);
  return done(
    put(plan, collection, id, next),
    asEdit({ kind: edit['kind'], id, patch: before(entity, patch) }),
  );
}

/** Puts a whole entity in the place of the old one, or takes it out. */
function replace<C extends Collection>(plan: Plan, collection: C, edit: KindEdit): EditResult {
  const kind = kindOf(collection);
  const id = edit[kind.key] as string;
  const entity = edit[kind.as] as Entities[C] | null;
  const old = findIn(plan[collection] as Record<string, Entities[C]>, id);
  const inverse = asEdit({ kind: edit['kind'], [kind.key]: id, [kind.as]: old ?? null });
  if (entity === null)
    return old === undefined ? done(plan, inverse) : done(drop(plan, collection, id), inverse);
  if ((entity as KindEdit)[kind.key] !== id) return refuse({ reason: 'id-differs', id, at: kind.key });
  const problem =
    (old === undefined ? isFull(plan, collection) : null) ?? entityProblem(plan, collection, entity, old);
  return problem ? refuse(problem) : done(put(plan, collection, id, entity), inverse);
}

/** Takes an entity out, after whatever names it has gone or let go; the inverse puts the thing back first. */
function remove(plan: Plan, collection: Collection, edit: KindEdit): EditResult {
  const kind = kindOf(collection);
  const id = edit['id'] as string;
  const entity = findIn(tableOf(plan, collection), id);
  if (entity === undefined) return refuse({ reason: 'missing', what: kind.word, id });
  const left = kind.leaves?.(plan, entity as never);
  const parts: Edit[] = left ? [asEdit({ ...left })] : [];
  for (const other of [...COLLECTIONS].reverse()) {
    const found = dependents(plan, other, collection, id);
    if (found === null) return refuse({ reason: 'in-use', id });
    parts.push(...found);
  }
  const batch = applyEdit(plan, { kind: 'batch', label: '', edits: parts });
  if (!batch.ok) return batch;
  const { add: back } = kind.verbs as { add: string };
  const restore = asEdit({ kind: back, [kind.as]: entity });
  const inverse = parts.length === 0 ? restore : flat('', [restore, batch.inverse]);
  return done(drop(batch.plan, collection, id), inverse);
}

/** Edits that loosen what a collection's entities hold on to; null where one of them keeps the thing in. */
function dependents<C extends Collection>(
  plan: Plan,
  collection: C,
  to: Collection,
  gone: string,
): Edit[] | null {
  const kind = kindOf(collection);
  const edits: Edit[] = [];
  const refs = kind.refs.filter((ref) => ref.to === to);
  if (refs.length === 0) return edits;
  for (const [key, entity] of Object.entries(plan[collection]) as [string, Entities[C]][]) {
    for (const ref of refs) {
      if (!ref.of(entity).some(({ id }) => id === gone)) continue;
      if (ref.onGone === 'keeps') return null;
      if (ref.onGone !== 'goes') {
        const { set, put: whole } = kind.verbs as { set?: string; put?: string };
        const patch = ref.onGone(entity, gone);
        edits.push(
          whole
            ? asEdit({ kind: whole, [kind.key]: key, [kind.as]: { ...entity, ...patch } })
            : asEdit({ kind: set, id: key, patch }),
        );
        continue;
      }
      edits.push(
        'put' in kind.verbs
          ? asEdit({ kind: kind.verbs.put, [kind.key]: key, [kind.as]: null })
          : asEdit({ kind: kind.verbs.remove, id: key }),
      );
      break;
    }
  }
  return edits;
}

/** A batch with no batch inside: order is all that counts, and undo of undo does not grow deeper. */
const flat = (label: string, edits: readonly Edit[]): Edit => ({
  kind: 'batch',
  label,
  edits: edits.flatMap((edit) => (edit.kind === 'batch' ? edit.edits : [edit])),
});

const BY_VERB = { add, set, remove, put: replace } as const;

/**
 * Applies one edit. Pure: returns the new plan and the edit that takes it back, or why it was refused. A batch is all or
 * nothing. What comes from outside goes through `admit`, which looks at its shape first.
 */
export function applyEdit(plan: Plan, edit: Edit): EditResult {
  switch (edit.kind) {
    case 'setSite':
      return done(
        { ...plan, site: { ...plan.site, ...edit.patch } },
        asEdit({ kind: 'setSite', patch: before(plan.site, edit.patch) }),
      );
    case 'setSetting':
      return setSetting(plan, edit);
    case 'batch': {
      let current = plan;
      const inverses: Edit[] = [];
      for (const one of edit.edits) {
        const result = applyEdit(current, one);
        if (!result.ok) return result;
        current = result.plan;
        inverses.push(result.inverse);
      }
      return done(current, flat(edit.label, inverses.reverse()));
    }
    default: {
      const verb = VERBS.get(edit.kind);
      if (!verb) throw new Error(`no such edit: ${(edit as { kind: string }).kind}`);
      return BY_VERB[verb.verb](plan, verb.collection, edit as unknown as KindEdit);
    }
  }
}

function setSetting(
  plan: Plan,
  { device: id, setting, value }: Extract<Edit, { kind: 'setSetting' }>,
): EditResult {
  const device = findIn(plan.devices, id);
  if (!device) return refuse({ reason: 'missing', what: 'device', id });
  const type = findTypeIn(plan, device.type);
  const old = findIn(device.settings, setting);
  // Taking a value out is always right: an older version may have left one that the type does not know.
  if (value !== null && type && settingFault(type, setting, value) !== null)
    return refuse({ reason: 'bad-setting', id: `${setting} = ${value}`, at: 'value' });
  if (value === null && old === undefined && !type?.settings.some((one) => one.id === setting))
    return refuse({ reason: 'bad-setting', id: setting, at: 'setting' });
  const { [setting]: _old, ...rest } = device.settings;
  const settings = value === null ? rest : { ...rest, [setting]: value };
  return done(put(plan, 'devices', id, { ...device, settings }), {
    kind: 'setSetting',
    device: id,
    setting,
    value: old ?? null,
  });
}
