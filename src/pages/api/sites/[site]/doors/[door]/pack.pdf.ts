import { neighbourhood } from '#core/door/index';
import { database } from '../../../../../../server/db/shared';
import { endpoint } from '../../../../../../server/endpoint';
import { attachment } from '../../../../../../server/http';
import { office } from '../../../../../../server/office/shared';
import { doorOr404, wholeSite } from '../../../../../../server/siteOr404';

export const prerender = false;

/** The pack of one door. `key` is what its asker calls it, to hear how many come before it; hung up on, it is not made. */
export const GET = endpoint(
  { needs: 'sign-in', gives: 'codes' },
  async ({ params, locals, request, url }) => {
    const live = wholeSite(database(), params.site);
    const { site } = live.plan;
    const { id } = doorOr404(live, params.door);
    const key = url.searchParams.get('key')?.slice(0, 60);
    const plan = neighbourhood(live.plan, id);
    const bytes = await office().run(
      { kind: 'pack', plan, door: id, printedAt: new Date(), codes: locals.codes },
      { signal: request.signal, ...(key ? { key } : {}) },
    );
    return new Response(new Uint8Array(bytes), {
      headers: {
        'content-type': 'application/pdf',
        'content-disposition': attachment(`${site.id}-${id}-pack.pdf`),
        'cache-control': 'no-store',
      },
    });
  },
);
