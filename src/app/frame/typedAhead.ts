import { useCallback, useLayoutEffect, useRef } from 'react';

/** What was typed for a dialog before it was there. */
export interface TypedAhead {
  readonly letters: string;
  /** Enter was pressed: the first that is found is meant. */
  readonly chosen: boolean;
}

export const NOTHING_TYPED: TypedAhead = { letters: '', chosen: false };

/** What stands typed after one more key; null where the key means nothing to a line of text. */
export function withKey(before: TypedAhead, key: string): TypedAhead | null {
  if (key === 'Enter') return { ...before, chosen: true };
  if (key === 'Backspace') return { ...before, letters: [...before.letters].slice(0, -1).join('') };
  // What follows Enter was meant for what Enter leads to.
  if ([...key].length !== 1 || before.chosen) return null;
  return { ...before, letters: before.letters + key };
}

/**
 * From the moment a dialog is asked for until its own field has the focus, keys are kept for it and reach nothing else;
 * Escape calls `onLeave`. The dialog calls what this answers once its field has the focus, and is told what was typed.
 */
export function useTypedAhead(asked: boolean, onLeave: () => void): () => TypedAhead {
  const kept = useRef(NOTHING_TYPED);
  const stop = useRef(() => undefined as void);
  const leave = useRef(onLeave);
  leave.current = onLeave;
  useLayoutEffect(() => {
    if (!asked) return;
    kept.current = NOTHING_TYPED;
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === 'Escape') leave.current();
      else kept.current = withKey(kept.current, event.key) ?? kept.current;
      event.preventDefault();
      event.stopImmediatePropagation();
    };
    window.addEventListener('keydown', listen, true);
    stop.current = () => window.removeEventListener('keydown', listen, true);
    return stop.current;
  }, [asked]);
  return useCallback(() => {
    stop.current();
    return kept.current;
  }, []);
}
