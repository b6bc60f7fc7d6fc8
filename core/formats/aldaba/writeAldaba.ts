import { COLLECTIONS, kindOf, withoutSecrets, type Collection, type Plan } from '../../plan/index';

export interface WriteOptions {
  /** Codes, card numbers and keypad memories are left out unless asked for. */
  readonly secrets: boolean;
}

/** A site file as an object: what stands in it is described in docs/format.md and its JSON Schema. */
export type AldabaFile = {
  readonly format: 'aldaba-site';
  readonly version: 1;
  readonly site: Plan['site'];
} & Readonly<Record<string, unknown>>;

/** A plan as an Aldaba site file. Entries come sorted by id, so that the same plan gives the same text. */
export function writeAldaba(plan: Plan, { secrets }: WriteOptions): AldabaFile {
  const listOf = (collection: Collection): object[] =>
    Object.entries<object>(plan[collection])
      .sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0))
      .flatMap(([, entity]) => (secrets ? entity : (withoutSecrets(collection, entity) ?? [])));
  const file = {
    format: 'aldaba-site' as const,
    version: 1 as const,
    site: plan.site,
    ...Object.fromEntries(COLLECTIONS.map((collection) => [kindOf(collection).list, listOf(collection)])),
  };
  // A copy of its own: whoever changes the file does not change the plan.
  return JSON.parse(JSON.stringify(file)) as AldabaFile;
}
