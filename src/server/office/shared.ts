import { Worker as Thread } from 'node:worker_threads';
import { threadFile } from '../threadFile';
import { makeOffice, type Office, type Worker } from './office';
import { perform } from './perform';
import type { Outcome } from './protocol';

/** The server's office, one a process: bundles that are apart share it. */
const KEY = Symbol.for('aldaba.office');
const holder = globalThis as unknown as { [KEY]?: Office };

/** A thread that does tasks: begun with the first, and again where one ended. */
function inThread(): Worker {
  const { file, options } = threadFile('office', 'src/server/office/office.worker.ts');
  const thread = new Thread(file, options);
  thread.unref();
  return {
    perform: (task) =>
      new Promise<Outcome>((resolve, reject) => {
        thread.removeAllListeners('message').removeAllListeners('error').removeAllListeners('exit');
        thread.once('message', resolve);
        thread.once('error', reject);
        thread.once('exit', () => reject(new Error('the thread ended')));
        thread.postMessage(task);
      }),
    end: () => void thread.terminate(),
  };
}

/** Does tasks in the server's own thread: where nothing is built, as in tests. */
export const inPlace = (): Worker => ({ perform, end: () => undefined });

export function office(): Office {
  holder[KEY] ??= makeOffice(import.meta.env?.PROD ? inThread : inPlace);
  return holder[KEY];
}
