import { Worker } from 'node:worker_threads';
import { threadFile } from '../threadFile';
import { judgeSites } from './judgeSites';
import { makeJudges, type Bench, type Judges } from './judges';
import type { Answer } from './protocol';

/**
 * The server's judges, one thread a process. Held under a symbol of the process: the start script and the built server are
 * bundled apart and still share it.
 */
const KEY = Symbol.for('aldaba.judges');
type Holder = { [KEY]?: Judges };
const holder = globalThis as unknown as Holder;

function newThread(): Worker {
  const { file, options } = threadFile('judge', 'src/server/judging/judge.worker.ts');
  return new Worker(file, options);
}

/** Threads that ended by themselves. After a few the server judges in place: slower, and still right. */
let ended = 0;
const MOST_THREADS = 3;

/** Begins a thread that judges. */
function inThread(answer: (message: Answer) => void): Bench {
  const thread = newThread();
  // The server may end while a door is being judged.
  thread.unref();
  let ready = false;
  thread.on('message', (message: Answer | 'ready') => {
    if (message === 'ready') ready = true;
    else answer(message);
  });
  thread.on('error', (error) => {
    console.error('the thread that judges ended:', error.message);
    ended += 1;
    // What it held is gone: the next page begins another, which is told each site anew.
    delete holder[KEY];
  });
  return { ask: (message) => thread.postMessage(message), isReady: () => ready };
}

/** Judges in the server's own thread, a door at a time. */
export const inPlace = (answer: (message: Answer) => void): Bench => ({
  ask: judgeSites(
    (message) => queueMicrotask(() => answer(message)),
    (work) => void setImmediate(work),
  ),
  isReady: () => true,
});

export function judges(): Judges {
  holder[KEY] ??= makeJudges(ended < MOST_THREADS ? inThread : inPlace);
  return holder[KEY];
}
