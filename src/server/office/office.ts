import { say } from '#words/server/office/office';
import { HttpError } from '../http';
import type { Outcome, Results, Task } from './protocol';

/** Whoever does tasks, one at a time. */
export interface Worker {
  /** Rejects where the worker itself has come to an end; another is begun then. */
  perform(task: Task): Promise<Outcome>;
  /** Ends it in the middle of whatever it does. */
  end(): void;
}

/** What takes long, done one after the other beside the thread that answers. */
export interface Office {
  /**
   * Does a task when its turn comes. `key` is what its asker calls it; `signal` takes it back, wherever it is. Throws an `HttpError` where too
   * much is waiting already, where the task was refused, failed or took too long.
   */
  run<T extends Task>(task: T, options?: RunOptions): Promise<Results[T['kind']]>;
  /** How many tasks come before one: 0 while it is being done; null where there is no such task any more. */
  ahead(key: string): number | null;
}

export interface RunOptions {
  readonly key?: string | undefined;
  readonly signal?: AbortSignal;
}

/** As many tasks wait at most, and one may take so long, ms. */
export const MOST_WAITING = 40;
export const LONGEST_MS = 120_000;

interface Waiting {
  readonly task: Task;
  readonly key: string | undefined;
  readonly take: (outcome: Outcome | HttpError) => void;
}

const gone = () => new HttpError(499, 'taken-back', say.nobodyWaitsAnyMore);

export function makeOffice(begin: () => Worker, longest = LONGEST_MS): Office {
  const queue: Waiting[] = [];
  let doing: Waiting | null = null;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let worker: Worker | null = null;

  function next(): void {
    if (doing) return;
    const one = queue.shift();
    if (!one) return;
    doing = one;
    worker ??= begin();
    const mine = worker;
    const done = (outcome: Outcome | HttpError) => {
      if (doing !== one) return;
      clearTimeout(timer);
      doing = null;
      one.take(outcome);
      next();
    };
    timer = setTimeout(() => {
      end();
      done(new HttpError(503, 'too-long', say.takesLongerThanTwo));
    }, longest);
    mine.perform(one.task).then(done, (error: unknown) => {
      // It is gone: what comes next begins another.
      if (worker === mine) worker = null;
      done({ ok: false, failed: error instanceof Error ? error.message : String(error) });
    });
  }
  function end(): void {
    worker?.end();
    worker = null;
  }
  function takeBack(one: Waiting): void {
    const at = queue.indexOf(one);
    if (at >= 0) queue.splice(at, 1);
    else if (doing === one) {
      end();
      // Its time is nobody else's: the task that comes next has its own.
      clearTimeout(timer);
      doing = null;
    } else return;
    one.take(gone());
    next();
  }

  return {
    async run<T extends Task>(task: T, { key, signal }: RunOptions = {}) {
      if (signal?.aborted) throw gone();
      if (queue.length >= MOST_WAITING)
        throw new HttpError(
          503,
          'queue-full',
          `${MOST_WAITING} others wait for a pack or an import already. Try again in a minute.`,
        );
      const outcome = await new Promise<Outcome | HttpError>((take) => {
        const one: Waiting = { task, key, take };
        queue.push(one);
        signal?.addEventListener('abort', () => takeBack(one), { once: true });
        next();
      });
      if (outcome instanceof HttpError) throw outcome;
      if (outcome.ok) return outcome.value as Results[T['kind']];
      if ('failed' in outcome) throw new Error(outcome.failed);
      const { status, code, message, more } = outcome.refused;
      throw new HttpError(status, code, message, more);
    },
    ahead(key) {
      if (doing?.key === key) return 0;
      const at = queue.findIndex((one) => one.key === key);
      return at < 0 ? null : at + 1;
    },
  };
}
