import { kindOf, type Collection, type Entities } from './kinds/index';
import { findIn, type Plan } from './plan';
import type { EditRefusal } from './refusal';

/** Texts that no two of a collection may share, kept by who adds many at once; else the collection is looked through. */
export type Taken = Map<Collection, Map<string, string>>;

/** What keeps an entity from standing in this plan: what it names is missing, what it shares is taken, or its own rule. */
export function entityProblem<C extends Collection>(
  plan: Plan,
  collection: C,
  entity: Entities[C],
  before?: Entities[C],
  taken?: Taken,
): EditRefusal | null {
  const kind = kindOf(collection);
  for (const ref of kind.refs) {
    const table = plan[ref.to] as Readonly<Record<string, unknown>>;
    for (const { id, at, reason, name } of ref.of(entity)) {
      if (findIn(table, id) !== undefined) continue;
      return reason
        ? { reason, id: name ?? id, at }
        : { reason: 'missing', what: kindOf(ref.to).word, id, at };
    }
  }
  const problem = kind.problem?.(plan, entity, before) ?? null;
  if (problem || !kind.unique) return problem;
  const text = kind.unique.of(entity);
  if (before && kind.unique.of(before) === text) return null;
  const id = (entity as Readonly<Record<string, unknown>>)[kind.key];
  if (taken) {
    const held = taken.get(collection)?.get(text);
    return held !== undefined && held !== id ? kind.unique.refusal(entity) : null;
  }
  for (const [key, other] of Object.entries(plan[collection]) as [string, Entities[C]][]) {
    if (key !== id && kind.unique.of(other) === text) return kind.unique.refusal(entity);
  }
  return null;
}
