import { COLLECTIONS, kindOf, type Collection } from './kinds/index';

/** What an edit of a kind does, and to which collection. */
export interface VerbOf {
  readonly collection: Collection;
  readonly verb: 'add' | 'set' | 'remove' | 'put';
}

/** Every edit that a kind's verbs ask for, by its name. */
export const VERBS: ReadonlyMap<string, VerbOf> = new Map(
  COLLECTIONS.flatMap((collection) =>
    Object.entries(kindOf(collection).verbs).map(([verb, name]): [string, VerbOf] => [
      name as string,
      { collection, verb: verb as VerbOf['verb'] },
    ]),
  ),
);
