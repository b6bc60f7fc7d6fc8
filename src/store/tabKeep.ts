import { readKept, type Keep, type Unsaved } from './keep';

/** What a tab that is gone has left unsaved. */
export interface Left {
  readonly unsaved: Unsaved;
  /** To be called once it is kept elsewhere: what was left is taken out. */
  taken(): void;
}

/** Where a tab keeps what it has not saved, and how it finds what tabs before it have left. */
export interface TabKeep {
  readonly keep: Keep;
  left(site: string): Promise<readonly Left[]>;
}

type Locks = Pick<LockManager, 'request'>;

const lockOf = (tab: string): string => `aldaba.tab.${tab}`;

/**
 * Keeps by tab in storage that outlives the tab: on a phone the system closes it without a word. A tab holds a lock as long as
 * it lives, so that what it has not saved is never taken up by another meanwhile. `older` is where versions before this one kept
 * it, for the tab alone.
 */
export function tabKeep(tab: string, storage: Storage, locks: Locks, older?: Keep): TabKeep {
  void locks.request(lockOf(tab), () => new Promise<void>(() => {}));
  const mine = (key: string, of = tab) => `${key}@${of}`;
  return {
    keep: {
      getItem: (key) => storage.getItem(mine(key)) ?? older?.getItem(key) ?? null,
      setItem(key, value) {
        storage.setItem(mine(key), value);
        older?.removeItem(key);
      },
      removeItem(key) {
        storage.removeItem(mine(key));
        older?.removeItem(key);
      },
    },
    async left(site) {
      const marks = `aldaba.unsaved.${site}@`;
      const tabs = Object.keys(storage).flatMap((key) =>
        key.startsWith(marks) && key !== marks + tab ? [key.slice(marks.length)] : [],
      );
      const found = await Promise.all(tabs.map((other) => leftBy(other)));
      return found.filter((one) => one !== null);

      /** Null where that tab is still there, or another is taking it up. The lock is held until it is taken. */
      function leftBy(other: string): Promise<Left | null> {
        return new Promise((resolve) => {
          void locks.request(lockOf(other), { ifAvailable: true }, (lock) => {
            const unsaved = lock && readKept(site, { getItem: (key) => storage.getItem(mine(key, other)) });
            if (!unsaved) {
              resolve(null);
              return undefined;
            }
            return new Promise<void>((release) => {
              const taken = () => {
                storage.removeItem(marks + other);
                release();
              };
              resolve({ unsaved, taken });
            });
          });
        });
      }
    },
  };
}

/** The keep of this tab, where the browser offers locks; elsewhere what is unsaved outlives a reload and no more. */
export const browserTabKeep = (): TabKeep | null =>
  typeof navigator === 'undefined' || !navigator.locks
    ? null
    : tabKeep(Math.random().toString(36).slice(2), localStorage, navigator.locks, sessionStorage);
