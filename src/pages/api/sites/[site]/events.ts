import { onSessionEnd, sessionById } from '../../../../server/access/sessions';
import { onChange } from '../../../../server/changes';
import { database } from '../../../../server/db/shared';
import { handle } from '../../../../server/http';
import { siteOr404 } from '../../../../server/siteOr404';
import { SIGNED_IN, endpoint } from '../../../../server/endpoint';

export const prerender = false;

/** How often a silent line is kept open, ms. */
const KEEP_ALIVE_MS = 25_000;

/**
 * Tells every open tab when the site changes: server-sent events that carry the new revision only. The line ends with the session that opened
 * it; that another process has ended it is seen when the line is kept open.
 */
export const GET = endpoint(SIGNED_IN, ({ params, request, locals }) =>
  handle(() => {
    const { revision } = siteOr404(database(), params.site);
    const encoder = new TextEncoder();
    let stop = () => {};
    const stream = new ReadableStream<Uint8Array>({
      start(controller) {
        const send = (text: string) => {
          try {
            controller.enqueue(encoder.encode(text));
          } catch {
            stop();
          }
        };
        const off = onChange(params.site ?? '', (next) => send(`data: ${next}\n\n`));
        const goesOn = () =>
          locals.session === '' || sessionById(database(), locals.session, Date.now()) !== null;
        const timer = setInterval(() => (goesOn() ? send(': here\n\n') : end()), KEEP_ALIVE_MS);
        const hush = onSessionEnd(locals.session, () => end());
        stop = () => {
          off();
          hush();
          clearInterval(timer);
        };
        const end = () => {
          stop();
          controller.close();
        };
        request.signal.addEventListener('abort', () => stop());
        send(`data: ${revision}\n\n`);
      },
      cancel: () => stop(),
    });
    return new Response(stream, {
      headers: { 'content-type': 'text/event-stream', 'cache-control': 'no-store' },
    });
  }),
);
