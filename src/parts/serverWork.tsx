import { useCallback, useEffect, useRef, useState } from 'react';
import { say } from '#words/parts/serverWork';
import { Button } from '../ui/Button';
import css from './serverWork.module.css';

/** How often it is asked how many come before, ms. */
const ASK_MS = 1000;

/** Something that the server does when its turn comes. */
export interface ServerWork {
  /** How many come before it: 0 while it is being done; null while there is nothing. */
  readonly ahead: number | null;
  /** Asks for it, under a key of its own; undefined where it was stopped. Throws whatever asking throws. */
  begin<T>(ask: (key: string, signal: AbortSignal) => Promise<T>): Promise<T | undefined>;
  stop(): void;
}

/** One thing at a time that the server does for this part of the page; it is stopped where the part goes. */
export function useServerWork(): ServerWork {
  const [ahead, setAhead] = useState<number | null>(null);
  const mine = useRef<AbortController | null>(null);
  const stop = useCallback(() => mine.current?.abort(), []);
  useEffect(() => stop, [stop]);
  const begin = useCallback(async <T,>(ask: (key: string, signal: AbortSignal) => Promise<T>) => {
    mine.current?.abort();
    const control = new AbortController();
    const { signal } = control;
    mine.current = control;
    setAhead(0);
    const key = crypto.getRandomValues(new Uint32Array(2)).join('-');
    const asking = setInterval(() => {
      void fetch(`/api/work/${key}`, { signal })
        .then(async (response) => {
          const answer = (await response.json()) as { ahead?: number };
          if (answer.ahead !== undefined && mine.current === control) setAhead(answer.ahead);
        })
        .catch(() => undefined);
    }, ASK_MS);
    try {
      return await ask(key, signal);
    } catch (error) {
      if (signal.aborted) return undefined;
      throw error;
    } finally {
      clearInterval(asking);
      if (mine.current === control) {
        mine.current = null;
        setAhead(null);
      }
    }
  }, []);
  return { ahead, begin, stop };
}

/** How far it is, and a way to stop it; nothing where nothing is being done. */
export const WorkLine = ({ work: { ahead, stop }, what }: { work: ServerWork; what: string }) =>
  ahead === null ? null : (
    <span className={css['line']} role="status">
      {ahead === 0 ? `${what}…` : say.waitingBeforeIt(ahead)}{' '}
      <Button size="s" onClick={stop}>
        {say.stop}
      </Button>
    </span>
  );
