import { createContext, useContext } from 'react';

/** What is left of a site whose database file is damaged, and the way back. */
export interface Rescue {
  /** Doors of which nothing is missing, and doors of which something is; both empty where that cannot be told. */
  readonly whole: readonly string[];
  readonly hurt: readonly string[];
  /** What could not be read, by kind; `count` is null where not even the number is known. */
  readonly lost: readonly { readonly what: string; readonly count: number | null }[];
  /** The newest backup beside the database; null where there is none. */
  readonly backup: { readonly name: string; readonly at: string } | null;
}

/** True where something of the site is missing: then nothing of it is judged, counted or handed over. A pass of what is left would be none. */
export const isIncomplete = (rescue: Rescue | null): boolean => rescue !== null && rescue.lost.length > 0;

/** True below a site of which something is missing. */
export const IncompleteContext = createContext(false);
export const useIncomplete = (): boolean => useContext(IncompleteContext);
