import { readFileSync } from 'node:fs';
import { createServer, type IncomingMessage, type ServerResponse } from 'node:http';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import compression from 'compression';
import sirv from 'sirv';
import { addressOf } from './access/address';
import { asksWho, METHODS, refusalOf } from './access/guard';
import { securityHeaders } from './access/headers';
import { isOpen, listenHost } from './access/hosts';
import { keptCodesPassphrase, keptPassphrase, setCodesPassphrase, setPassphrase } from './access/keys';
import { isPassphrase, SHORTEST } from './access/passphrase';
import { whoSends } from './access/who';
import { DatabaseError } from './db/openError';
import { keepDailyBackups } from './dailyBackup';
import { closeDatabase, database, dataPath } from './db/shared';
import { keepLooking } from './health';
import { judges } from './judging/shared';

/**
 * Starts the built server: database first, then the passphrase where other machines reach it, then the port. Whatever is
 * missing is one sentence and an exit, before anything listens.
 */

type Handler = (request: IncomingMessage, response: ServerResponse, next?: (error?: unknown) => void) => void;

/** Ends with one sentence for whoever started the server. */
function stop(message: string): never {
  console.error(message);
  process.exit(1);
}

function openOrStop(): ReturnType<typeof database> {
  try {
    return database();
  } catch (error) {
    if (error instanceof DatabaseError) stop(error.message);
    throw error;
  }
}

/**
 * A passphrase that was given with the start: in the environment, or in a file that a variable names, which no other process of this user
 * reads out of the environment. Nothing that this process starts needs to know it.
 */
function given(name: 'ALDABA_PASSPHRASE' | 'ALDABA_CODES_PASSPHRASE'): string | undefined {
  const file = process.env[`${name}_FILE`];
  let text = process.env[name];
  delete process.env[name];
  if (file !== undefined && text === undefined) {
    try {
      text = readFileSync(file, 'utf8').replace(/\r?\n$/, '');
    } catch (error) {
      stop(`${name}_FILE cannot be read: ${(error as Error).message}`);
    }
  }
  if (text !== undefined && text.length < SHORTEST)
    stop(`${name} must have at least ${SHORTEST} characters.`);
  return text;
}

async function passphraseOrStop(): Promise<void> {
  const sign = given('ALDABA_PASSPHRASE');
  if (sign !== undefined) {
    const kept = keptPassphrase(database());
    if (kept === null || !(await isPassphrase(sign, kept))) await setPassphrase(database(), sign);
  }
  const codes = given('ALDABA_CODES_PASSPHRASE');
  if (codes !== undefined) {
    const kept = keptCodesPassphrase(database());
    if (kept === null || !(await isPassphrase(codes, kept))) await setCodesPassphrase(database(), codes);
  }
  if (isOpen() && keptPassphrase(database()) === null)
    stop(
      `HOST is ${listenHost()}: other machines would reach this server, and it has no passphrase. Set one with ` +
        '"npm run -s aldaba -- passphrase", or leave HOST out.',
    );
}

function answer(response: ServerResponse, status: number, code: string, message: string): void {
  response.writeHead(status, {
    'content-type': 'application/json; charset=utf-8',
    'cache-control': 'no-store',
    ...(status === 405 ? { allow: [...METHODS].join(', ') } : {}),
  });
  response.end(JSON.stringify({ error: { code, message } }));
}

/** Squeezes answers but for streams of events, which must not wait until there is enough of them. */
const squeeze = compression({
  filter: (request, response) =>
    !String(response.getHeader('content-type')).startsWith('text/event-stream') &&
    compression.filter(request, response),
});

/** Somebody who has signed in; where the database cannot say, the application answers why. */
function isKnown({ headers }: IncomingMessage): boolean {
  try {
    return whoSends(headers.cookie, Date.now()) !== null;
  } catch {
    return false;
  }
}

const root = process.cwd();

async function start(): Promise<void> {
  openOrStop();
  judges();
  await passphraseOrStop();
  keepDailyBackups(database, dataPath());
  keepLooking(dataPath());
  const entry = pathToFileURL(join(root, 'dist/server/entry.mjs')).href;
  const { handler } = (await import(entry)) as { handler: Handler };
  const files = sirv(join(root, 'dist/client'), {
    etag: true,
    // The build keeps each file in both forms, squeezed once and well.
    brotli: true,
    gzip: true,
    setHeaders: (response, path) => {
      // Names under _astro carry a hash of what is in them.
      if (path.startsWith('/_astro/'))
        response.setHeader('cache-control', 'public, max-age=31536000, immutable');
    },
  });
  const server = createServer((request, response) =>
    // `compression` is written for Express and asks no more of a request than Node's own gives.
    squeeze(request as never, response as never, () => serve(request, response)),
  );
  function serve(request: IncomingMessage, response: ServerResponse): void {
    for (const [name, value] of Object.entries(securityHeaders(false))) response.setHeader(name, value);
    // Whoever reads this header further on reads where the request really comes from.
    request.headers['x-forwarded-for'] = addressOf(request);
    const path = (request.url ?? '/').split('?')[0]!;
    const refused = refusalOf({
      method: request.method ?? 'GET',
      host: request.headers.host ?? '',
      origin: request.headers.origin ?? null,
      path,
    });
    if (refused) return answer(response, refused.status, refused.code, refused.message);
    const pass = () => handler(request, response);
    // The application answers for itself who may see it; a file that is not open to all is not served to strangers.
    if (asksWho(path) && !isKnown(request)) return pass();
    return files(request, response, pass);
  }
  // Whoever sends drop by drop is not waited for.
  server.headersTimeout = 20_000;
  server.requestTimeout = 60_000;
  server.on('error', (error: NodeJS.ErrnoException) =>
    stop(
      error.code === 'EADDRINUSE'
        ? `Port ${port} is taken by another program: it was left alone. Set PORT to a free one.`
        : `The server cannot listen on ${listenHost()}:${port}: ${error.message}`,
    ),
  );
  const port = Number(process.env['PORT'] ?? 4321);
  server.listen(port, listenHost(), () => {
    // The first page of all is drawn for nobody: whoever comes next does not wait until everything is loaded.
    if (!isOpen()) void fetch(`http://${listenHost()}:${port}/`).catch(() => {});
  });
  const close = () => {
    // Streams to open tabs would keep the server up for ever.
    server.closeAllConnections();
    server.close(() => {
      closeDatabase();
      process.exit(0);
    });
  };
  process.once('SIGTERM', close);
  process.once('SIGINT', close);
}

void start();
