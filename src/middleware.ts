import { createHash } from 'node:crypto';
import { defineMiddleware } from 'astro:middleware';
import { errorJson, HttpError } from './server/http';

/** Names this server answers to; ALDABA_HOSTS adds more, separated by commas. */
const HOSTS = new Set([
  '127.0.0.1',
  'localhost',
  '[::1]',
  ...(process.env['ALDABA_HOSTS'] ?? '').split(',').filter(Boolean),
]);

const hostName = (host: string): string => host.replace(/:\d+$/, '');

/** Refuses requests that reach this server under a foreign name (DNS rebinding) or from a foreign page. */
function refusal(request: Request): HttpError | null {
  const host = request.headers.get('host') ?? '';
  if (!HOSTS.has(hostName(host))) {
    return new HttpError(
      421,
      'wrong-host',
      `This server does not answer for “${host}”. Set ALDABA_HOSTS to allow it.`,
    );
  }
  if (request.method === 'GET' || request.method === 'HEAD') return null;
  const origin = request.headers.get('origin');
  const same = origin !== null && [`http://${host}`, `https://${host}`].includes(origin);
  if (!same)
    return new HttpError(403, 'wrong-origin', 'The request comes from another page. Nothing was changed.');
  return null;
}

/** Inline scripts that the framework writes into a page are allowed by their hash; nothing else inline runs. */
function scriptHashes(html: string): string {
  const scripts = [...html.matchAll(/<script(?![^>]*\bsrc=)[^>]*>([\s\S]*?)<\/script>/g)].map(
    (match) => match[1] ?? '',
  );
  const hashes = scripts.map((text) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`);
  return [...new Set(hashes)].join(' ');
}

const policy = (hashes: string): string =>
  [
    "default-src 'self'",
    `script-src 'self' ${hashes}`.trim(),
    // Drawings and lanes are placed by style attributes, and dialogs lock scrolling with a style element.
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');

export const onRequest = defineMiddleware(async ({ request }, next) => {
  const problem = refusal(request);
  if (problem) return errorJson(problem);
  const response = await next();
  const headers = new Headers(response.headers);
  headers.set('x-content-type-options', 'nosniff');
  headers.set('referrer-policy', 'no-referrer');
  headers.set('cross-origin-opener-policy', 'same-origin');
  if (!(headers.get('content-type') ?? '').startsWith('text/html')) {
    headers.set('content-security-policy', policy(''));
    return new Response(response.body, { status: response.status, headers });
  }
  const html = await response.text();
  headers.set('content-security-policy', policy(scriptHashes(html)));
  return new Response(html, { status: response.status, headers });
});
