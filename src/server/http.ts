import type * as z from 'zod';
import { issuesOf } from '#core/admission/index';
import { say } from '#words/server/http';
import { isDamage, isPassing } from './db/openError';
import { tellDamage } from './health';
import { tooHeavy } from './weighJson';

/** An error that a caller is told: a code for programs and a sentence for people. */
export class HttpError extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly more: object = {},
  ) {
    super(message);
  }
}

export const json = (body: unknown, status = 200): Response =>
  new Response(JSON.stringify(body), {
    status,
    headers: { 'content-type': 'application/json; charset=utf-8', 'cache-control': 'no-store' },
  });

export const errorJson = (error: HttpError): Response =>
  json({ error: { code: error.code, message: error.message, ...error.more } }, error.status);

/** Largest body of an ordinary request, and of a site file, bytes. */
export const BODY_LIMIT = 1_000_000;
export const FILE_LIMIT = 12_000_000;

/** Reads a body up to a limit, counting what really arrives. */
export async function readText(request: Request, limit: number): Promise<string> {
  const tooLarge = () => new HttpError(413, 'too-large', say.requestLargerThanKb(Math.round(limit / 1000)));
  if (Number(request.headers.get('content-length') ?? 0) > limit) throw tooLarge();
  const reader = request.body?.getReader();
  if (!reader) return '';
  const parts: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read().catch((): never => {
      // Nobody is there any more who would be told.
      throw new HttpError(400, 'cut-off', 'The request broke off before it was whole. Nothing was changed.');
    });
    if (done) break;
    size += value.byteLength;
    if (size > limit) {
      await reader.cancel();
      throw tooLarge();
    }
    parts.push(value);
  }
  return new TextDecoder().decode(Buffer.concat(parts));
}

/** Reads and validates a JSON body. */
export async function readJson<S extends z.ZodType>(
  request: Request,
  schema: S,
  limit = BODY_LIMIT,
): Promise<z.output<S>> {
  const type = request.headers.get('content-type') ?? '';
  if (!type.startsWith('application/json')) {
    throw new HttpError(
      415,
      'not-json',
      'Send JSON, with content-type application/json. Nothing was changed.',
    );
  }
  const body = parseJson(await readText(request, limit));
  const parsed = schema.safeParse(body);
  if (parsed.success) return parsed.data;
  const issues = issuesOf(parsed.error.issues).slice(0, 20);
  const first = issues[0];
  throw new HttpError(
    422,
    'invalid',
    `Not understood at ${first?.path || 'the top'}: ${first?.message}. Nothing was changed.`,
    { issues },
  );
}

/** Reads JSON, after a look at what it would cost. */
export function parseJson(text: string): unknown {
  const heavy = tooHeavy(text);
  if (heavy) throw new HttpError(422, 'too-many', `The body ${heavy}. Nothing was changed.`);
  try {
    return JSON.parse(text);
  } catch (cause) {
    const { message } = cause as Error;
    throw new HttpError(400, 'bad-json', `The body is not JSON: ${message}. Nothing was changed.`);
  }
}

/** The header that makes a browser keep an answer as a file of this name, whatever letters it has (RFC 6266, RFC 8187). */
export function attachment(name: string): string {
  const plain = name.replaceAll(/[^\w.-]+/g, '_');
  const whole = encodeURIComponent(name).replaceAll(/['()*]/g, (c) => `%${c.charCodeAt(0).toString(16)}`);
  return `attachment; filename="${plain}"; filename*=UTF-8''${whole}`;
}

/** Runs a handler; what it throws on purpose becomes JSON, anything else a logged 500 without details. */
export async function handle(run: () => Promise<Response> | Response): Promise<Response> {
  try {
    return await run();
  } catch (error) {
    if (error instanceof HttpError) return errorJson(error);
    if (isPassing(error)) {
      const sentence = say.databaseBusyFullNothing;
      return errorJson(new HttpError(503, 'busy', sentence));
    }
    if (isDamage(error)) {
      tellDamage(error instanceof Error ? error.message : String(error));
      return errorJson(damaged());
    }
    // The stack names files, never bodies: codes do not reach the log.
    console.error('unexpected', error instanceof Error ? error.stack : error);
    return errorJson(new HttpError(500, 'internal', say.somethingWentWrongHere));
  }
}

/** What a request is told that a damaged file keeps from being answered. */
export const damaged = (): HttpError => new HttpError(503, 'damaged', DAMAGED);

const DAMAGED = say.databaseFileDamagedCannot;
