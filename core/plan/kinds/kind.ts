import type { EditRefusal } from '../refusal';
import type { Plan } from '../plan';
import type { Collection, Entities } from './entities';

/** One thing that an entity names, and the spot where it names it. */
export interface Named {
  readonly id: string;
  /** Path inside the entity: `from`, `doors[2]`. */
  readonly at: string;
  /** What is said where it is not there; that it is missing, unless this says otherwise. */
  readonly reason?: 'unknown-type' | 'unknown-terminal';
  /** What is said to be missing, where that is not the id itself. */
  readonly name?: string;
}

/** What entities of one kind name of another. */
export interface Ref<Entity> {
  readonly to: Collection;
  of(entity: Entity): readonly Named[];
  /**
   * What becomes of this entity when the thing it names is taken out: it goes too, it keeps the thing from being
   * taken out, or it lets go of it by this patch.
   */
  readonly onGone: 'goes' | 'keeps' | ((entity: Entity, gone: string) => Partial<Entity>);
}

/** The edits that change a kind: one at a time by add, set and remove, or as a whole by put. */
export type Verbs =
  { readonly add: string; readonly set?: string; readonly remove: string } | { readonly put: string };

/**
 * Everything that has to be known about one kind of thing in a plan. Edits, files, deltas, the log, stale doors and
 * the database take it from here and from its schema (`schemas/`), so that a kind is described once.
 */
export interface Kind<
  C extends Collection = Collection,
  As extends string = string,
  V extends Verbs = Verbs,
  Fixed extends string = string,
  Key extends 'id' | 'device' = 'id' | 'device',
> {
  /** Key of its list in a site file. */
  readonly list: string;
  /** Key that carries one in an edit. */
  readonly as: As;
  /** What messages call it. */
  readonly word: string;
  /** Field that names one. */
  readonly key: Key;
  readonly verbs: V;
  /** Fields that no patch may change. */
  readonly fixed: readonly Fixed[];
  /** As many as a site may have. */
  readonly most: number;
  /** Text that no other of its kind may share, and what is said where one does. */
  readonly unique?: {
    of(entity: Entities[C]): string;
    refusal(entity: Entities[C]): EditRefusal;
  };
  readonly refs: readonly Ref<Entities[C]>[];
  /** What else must hold in this plan; `before` is the entity as it stood, where there was one. */
  problem?(plan: Plan, entity: Entities[C], before?: Entities[C]): EditRefusal | null;
  /** What a patch changes besides what it says: what was assumed is so no more once somebody has said it. */
  implied?(entity: Entities[C], patch: Partial<Entities[C]>): Partial<Entities[C]>;
  /** What is to be remembered of one that is taken out, as an edit to make before; edits are typed from the kinds, not here. */
  leaves?(plan: Plan, entity: Entities[C]): { readonly kind: string } | null;
  /** Fields that are secret, with what stands in their place in an export; `all` leaves the entity out. */
  readonly secrets: Readonly<Partial<Record<keyof Entities[C], unknown>>> | 'all';
  /** Doors it is part of. */
  doors(entity: Entities[C], plan: Plan): readonly string[];
  /** True where a change of it may change the verdict of any door. */
  everywhere?(plan: Plan, entity: Entities[C]): boolean;
}

/** Describes a kind and keeps the literal names of its edits. */
export const describe = <
  C extends Collection,
  const As extends string,
  const V extends Verbs,
  const Fixed extends keyof Entities[C] & string,
  const Key extends 'id' | 'device',
>(
  _collection: C,
  kind: Kind<C, As, V, Fixed, Key>,
): Kind<C, As, V, Fixed, Key> => kind;
