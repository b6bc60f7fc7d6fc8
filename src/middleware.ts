import type { APIContext, MiddlewareNext } from 'astro';
import { defineMiddleware } from 'astro:middleware';
import { asksWho, refusalOf } from './server/access/guard';
import { securityHeaders } from './server/access/headers';
import { whoSends } from './server/access/who';
import { errorJson, handle, HttpError } from './server/http';

const withHeaders = (response: Response): Response => {
  const headers = new Headers(response.headers);
  const html = (headers.get('content-type') ?? '').startsWith('text/html');
  for (const [name, value] of Object.entries(securityHeaders(html))) headers.set(name, value);
  return new Response(response.body, { status: response.status, headers });
};

/**
 * Every request passes here: where it may come from, who sends it, and with which headers it is answered. Who may see codes each endpoint asks
 * for itself: see `endpoint`.
 */
export const onRequest = defineMiddleware((context, next) =>
  // A database that cannot be read says so here too: whoever sends is looked up in it.
  handle(() => answered(context, next)),
);

const answered = async (
  { request, url, locals, redirect }: APIContext,
  next: MiddlewareNext,
): Promise<Response> => {
  const path = url.pathname;
  const refused = refusalOf({
    method: request.method,
    host: request.headers.get('host') ?? '',
    origin: request.headers.get('origin'),
    path,
  });
  if (refused) return withHeaders(errorJson(new HttpError(refused.status, refused.code, refused.message)));
  const who = whoSends(request.headers.get('cookie'), Date.now());
  if (who === null && asksWho(path)) {
    if (path.startsWith('/api/'))
      return withHeaders(
        errorJson(new HttpError(401, 'sign-in', 'Sign in first. What you typed is kept in this tab.')),
      );
    return redirect(`/sign-in?to=${encodeURIComponent(path)}`, 303);
  }
  locals.who = who?.name ?? '';
  locals.codes = who?.codes ?? false;
  locals.session = who?.session ?? '';
  return withHeaders(await next());
};
