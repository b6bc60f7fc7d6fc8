import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import type { WorkerOptions } from 'node:worker_threads';

/** Where the server is not built, the thread's beginning, as JavaScript: it learns to read TypeScript, then runs the source. */
const BEGINNING = `
  const { workerData } = require('node:worker_threads');
  import('tsx/esm/api').then(({ register }) => {
    register();
    return import(workerData);
  });
`;

const fileUrl = (path: string): URL => pathToFileURL(join(process.cwd(), path));

/** What a thread begins with: its bundle beside the built server, else its source. */
export const threadFile = (
  bundle: string,
  source: string,
): { readonly file: URL | string; readonly options: WorkerOptions } =>
  import.meta.env?.PROD
    ? { file: fileUrl(`dist/server/${bundle}.mjs`), options: {} }
    : { file: BEGINNING, options: { eval: true, execArgv: [], workerData: fileUrl(source).href } };
