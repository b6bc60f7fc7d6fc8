import type { Edit } from './edit';
import { COLLECTIONS, kindOf, type Collection } from './kinds/index';
import { changedIds } from './lineage';
import type { Plan } from './plan';
import type { PlanDelta } from './planDelta';
import { VERBS } from './verbs';

/** What stands in the log where a secret was. */
export const LOGGED_SECRET = '••••';

/** Collections that hold secrets, wholly or in a field. */
export const SECRET_COLLECTIONS: readonly Collection[] = COLLECTIONS.filter((collection) => {
  const { secrets } = kindOf(collection);
  return secrets === 'all' || Object.keys(secrets).length > 0;
});

/** An entity with its secret fields blank; null where all of it is secret. */
export function withoutSecrets(collection: Collection, entity: object): object | null {
  const { secrets } = kindOf(collection);
  return secrets === 'all' ? null : { ...entity, ...secrets };
}

/** Entries of one collection with what is secret about them blank; what is secret altogether is left out. */
const publicEntries = (collection: Collection, entries: Readonly<Record<string, object>>): object =>
  Object.fromEntries(
    Object.entries(entries).flatMap(([id, entity]) => {
      const open = withoutSecrets(collection, entity);
      return open ? [[id, open]] : [];
    }),
  );

/** A plan as it may be shown to anybody who may see the site: without codes, card numbers and keypad memories. */
export const publicPlan = (plan: Plan): Plan => ({
  ...plan,
  ...Object.fromEntries(
    SECRET_COLLECTIONS.map((collection) => [collection, publicEntries(collection, plan[collection])]),
  ),
});

/** A difference as it may be shown to anybody who may see the site. */
export const publicDelta = (delta: PlanDelta): PlanDelta => ({
  ...delta,
  set: {
    ...delta.set,
    ...Object.fromEntries(
      SECRET_COLLECTIONS.flatMap((collection) => {
        const entries = delta.set[collection];
        return entries ? [[collection, publicEntries(collection, entries)]] : [];
      }),
    ),
  },
});

/** The collections that `publicPlan` leaves out or blanks, whole: what is fetched apart. */
export type SecretTables = { readonly [C in Collection]?: Plan[C] };

export const secretTables = (plan: Plan): SecretTables =>
  Object.fromEntries(SECRET_COLLECTIONS.map((collection) => [collection, plan[collection]]));

/**
 * Whether an edit says what a code, a card or a keypad's memory is to be, whoever it is of. Anything at all is asked, also what is no edit:
 * that holds none. `renew` puts fields of an older time into today's.
 */
export function touchesSecrets(
  edit: unknown,
  renew: (collection: Collection, value: unknown) => unknown = (_, value) => value,
): boolean {
  if (typeof edit !== 'object' || edit === null) return false;
  const { kind, edits, ...body } = edit as Readonly<Record<string, unknown>>;
  if (Array.isArray(edits)) return edits.some((one) => touchesSecrets(one, renew));
  const verb = typeof kind === 'string' ? VERBS.get(kind) : undefined;
  if (!verb || verb.verb === 'remove') return false;
  const { secrets, as } = kindOf(verb.collection);
  if (secrets === 'all') return true;
  const carried = renew(verb.collection, body[verb.verb === 'set' ? 'patch' : as]);
  if (typeof carried !== 'object' || carried === null) return false;
  return Object.entries(secrets).some(
    ([field, blank]) =>
      Object.hasOwn(carried, field) &&
      (verb.verb === 'set' ||
        JSON.stringify((carried as Readonly<Record<string, unknown>>)[field]) !== JSON.stringify(blank)),
  );
}

/** Whether a change of a plan takes away or alters what is secret, by whatever edit: removed with a person, a keypad or a door too. */
export const losesSecrets = (before: Plan, after: Plan): boolean =>
  SECRET_COLLECTIONS.some((collection) => {
    const [old, now] = [before[collection], after[collection]] as [
      Readonly<Record<string, object>>,
      Readonly<Record<string, object>>,
    ];
    return changedIds(old, now).some((id) => {
      const held = secretsIn(collection, old[id]);
      return held !== null && held !== secretsIn(collection, now[id]);
    });
  });

/** What is secret of an entity, as text; null where nothing is. */
function secretsIn(collection: Collection, entity: object | undefined): string | null {
  if (!entity) return null;
  const { secrets } = kindOf(collection);
  if (secrets === 'all') return JSON.stringify(entity);
  const its = entity as Readonly<Record<string, unknown>>;
  const held = Object.entries(secrets).filter(
    ([field, blank]) => JSON.stringify(its[field]) !== JSON.stringify(blank),
  );
  return held.length === 0 ? null : JSON.stringify(held.map(([field]) => its[field]));
}

/** An edit as it may be kept in the log: same shape, secrets struck out. */
export function redactEdit(edit: Edit): unknown {
  if (edit.kind === 'batch') return { ...edit, edits: edit.edits.map(redactEdit) };
  const verb = VERBS.get(edit.kind);
  if (!verb) return edit;
  const { secrets, as } = kindOf(verb.collection);
  const key = verb.verb === 'set' ? 'patch' : as;
  const body = edit as unknown as Readonly<Record<string, unknown>>;
  const carried = body[key];
  if (carried === null || carried === undefined) return edit;
  if (secrets === 'all') return { ...edit, [key]: LOGGED_SECRET };
  const blank = secrets as Readonly<Record<string, unknown>>;
  const struck = Object.entries(carried as object).map(([field, value]) => [
    field,
    Object.hasOwn(blank, field) && JSON.stringify(value) !== JSON.stringify(blank[field])
      ? LOGGED_SECRET
      : value,
  ]);
  return { ...edit, [key]: Object.fromEntries(struck) };
}
