import { parentPort } from 'node:worker_threads';
import { judgeSites } from './judgeSites';
import type { Ask } from './protocol';

const port = parentPort;
if (!port) throw new Error('this file is the beginning of a thread');
const take = judgeSites(
  (message) => port.postMessage(message),
  (work) => setImmediate(work),
);
port.on('message', (ask: Ask) => take(ask));
port.postMessage('ready');
