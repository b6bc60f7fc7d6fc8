import { changed, type Change } from './changes';
import type { KeypadLanguage, Memory } from './language';

/** Changes keyed one after the other, with what is held after the last of them. */
export interface Keying {
  readonly changes: readonly Change[];
  readonly memory: Memory;
  /** Keys one more; false, and nothing done, where there is none or the keypad refuses it. */
  key(one: Change | null): boolean;
}

export function keying(language: KeypadLanguage, start: Memory): Keying {
  const changes: Change[] = [];
  let memory = start;
  return {
    changes,
    get memory() {
      return memory;
    },
    key(one) {
      const next = one && changed(language, memory, one);
      if (!one || !next) return false;
      memory = next;
      changes.push(one);
      return true;
    },
  };
}
