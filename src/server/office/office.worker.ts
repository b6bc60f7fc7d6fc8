import '#core/devices/library/index';
import { setPriority } from 'node:os';
import { platform } from 'node:process';
import { parentPort } from 'node:worker_threads';
import { perform } from './perform';
import type { Task } from './protocol';

/** Nice value of the thread: pages come first. */
const GIVES_WAY = 5;

const port = parentPort;
if (!port) throw new Error('this file is the beginning of a thread');
// On Linux a priority is the calling thread's own; elsewhere it would be the whole server's.
if (platform === 'linux') {
  try {
    setPriority(GIVES_WAY);
  } catch {
    // Where that is not allowed, it works as before.
  }
}
port.on('message', (task: Task) => void perform(task).then((outcome) => port.postMessage(outcome)));
