import type { SettingValue } from '../devices/index';
import type { KINDS } from './kinds/index';
import type { Collection, Entities } from './kinds/entities';
import type { Site } from './schemas/site';
import type { DeviceId } from './plan';

type Kinds = typeof KINDS;
type As<C extends Collection> = Kinds[C]['as'];
type Fixed<C extends Collection> = Kinds[C]['fixed'][number];
type VerbsOf<C extends Collection> = Kinds[C]['verbs'];

type Carrying<C extends Collection, Value> = { readonly [Key in As<C>]: Value };

/** The edits that the verbs of a kind ask for. */
type EditsOf<C extends Collection> =
  | (VerbsOf<C> extends { readonly add: infer Add }
      ? { readonly kind: Add } & Carrying<C, Entities[C]>
      : never)
  | (VerbsOf<C> extends { readonly set: infer Set }
      ? {
          readonly kind: Set;
          readonly id: string;
          readonly patch: Partial<Omit<Entities[C], Fixed<C>>>;
        }
      : never)
  | (VerbsOf<C> extends { readonly remove: infer Remove }
      ? { readonly kind: Remove; readonly id: string }
      : never)
  | (VerbsOf<C> extends { readonly put: infer Put }
      ? { readonly kind: Put } & { readonly [Key in Kinds[C]['key']]: string } & Carrying<
            C,
            Entities[C] | null
          >
      : never);

/** Edits that are not about one entity as a whole. */
export type OtherEdit =
  | { readonly kind: 'setSite'; readonly patch: Partial<Omit<Site, 'id'>> }
  | {
      readonly kind: 'setSetting';
      readonly device: DeviceId;
      readonly setting: string;
      readonly value: SettingValue | null;
    };

/**
 * Every way to change a plan. Browser and server apply the same function to the same data. What the kinds describe
 * has its edits by its verbs; a batch is all or nothing.
 */
export type Edit =
  | { [C in Collection]: EditsOf<C> }[Collection]
  | OtherEdit
  | { readonly kind: 'batch'; readonly label: string; readonly edits: readonly Edit[] };

export type EditKind = Edit['kind'];
export type { EditRefusal } from './refusal';
