import { setPriority } from 'node:os';
import { platform } from 'node:process';
import { parentPort } from 'node:worker_threads';
import { judgeSites } from './judgeSites';
import type { Ask } from './protocol';

/** Nice value of the thread: pages, and whatever else the machine does for those who wait, come first. */
const GIVES_WAY = 10;

const port = parentPort;
if (!port) throw new Error('this file is the beginning of a thread');
// On Linux a priority is the calling thread's own; elsewhere it would be the whole server's.
if (platform === 'linux') {
  try {
    setPriority(GIVES_WAY);
  } catch {
    // Where that is not allowed, it judges as before.
  }
}
const take = judgeSites(
  (message) => port.postMessage(message),
  (work) => setImmediate(work),
);
port.on('message', (ask: Ask) => take(ask));
port.postMessage('ready');
