import { COLLECTIONS, kindOf, type Collection, type Entities } from './kinds/index';
import { changedEntries } from './planDelta';
import type { DoorId, Plan } from './plan';
import { sameContent } from './sameContent';
import { withoutSecrets } from './secrets';

/** One thing that is not as it was, as anybody who may see the site may be told. */
export interface Difference {
  readonly collection: Collection;
  readonly id: string;
  /** Without secrets; null where it was not yet there, is no more, or is secret altogether. */
  readonly before: object | null;
  readonly after: object | null;
  readonly is: 'new' | 'gone' | 'changed';
  /** True where something secret about it differs, which is not shown. */
  readonly secret: boolean;
  /** Doors it belongs to, before and after; none for what belongs to the site. */
  readonly doors: readonly DoorId[];
}

export interface PlanDifferences {
  /** Fields of the site itself. */
  readonly site: readonly { readonly field: string; readonly before: unknown; readonly after: unknown }[];
  readonly entries: readonly Difference[];
}

/** What differs between two states of a site, by content: what was changed and changed back is no difference. */
export function differences(before: Plan, after: Plan): PlanDifferences {
  const [old, now] = [before.site, after.site] as unknown as Readonly<Record<string, unknown>>[];
  return {
    site: Object.keys({ ...old, ...now }).flatMap((field) =>
      sameContent(old![field], now![field]) ? [] : [{ field, before: old![field], after: now![field] }],
    ),
    entries: changedEntries(before, after)
      .filter((one) => !sameContent(one.before, one.after))
      .sort(
        (a, b) =>
          COLLECTIONS.indexOf(a.collection) - COLLECTIONS.indexOf(b.collection) || (a.id < b.id ? -1 : 1),
      )
      .map(({ collection, id, before: was, after: is }): Difference => {
        const shown = (entity: object | null) => entity && withoutSecrets(collection, entity);
        return {
          collection,
          id,
          before: shown(was),
          after: shown(is),
          is: was ? (is ? 'changed' : 'gone') : 'new',
          secret: isSecretChange(collection, was, is),
          doors: [
            ...new Set([...doorsOf(collection, was, before), ...doorsOf(collection, is, after)]),
          ].sort(),
        };
      }),
  };
}

/** True where fields that nobody is shown differ between two states of one thing. */
function isSecretChange(collection: Collection, was: object | null, is: object | null): boolean {
  const { secrets } = kindOf(collection);
  if (secrets === 'all') return true;
  if (!was || !is) return false;
  return Object.keys(secrets).some(
    (field) => !sameContent((was as Record<string, unknown>)[field], (is as Record<string, unknown>)[field]),
  );
}

const doorsOf = <C extends Collection>(
  collection: C,
  entity: object | null,
  plan: Plan,
): readonly DoorId[] => (entity ? kindOf(collection).doors(entity as Entities[C], plan) : []);
