import { database } from '../../../../../../server/db/shared';
import { attachment, handle } from '../../../../../../server/http';
import { doorOr404, wholeSite } from '../../../../../../server/siteOr404';
import { endpoint } from '../../../../../../server/endpoint';

export const prerender = false;

/** The pack of one door. */
export const GET = endpoint({ needs: 'sign-in', gives: 'codes' }, ({ params, locals }) =>
  handle(async () => {
    const live = wholeSite(database(), params.site);
    const { plan } = live;
    const door = doorOr404(live, params.door);
    // Loaded only when somebody prints: the PDF library is large.
    const { doorPack } = await import('../../../../../../server/pack');
    const bytes = await doorPack(plan, door, new Date(), { codes: locals.codes });
    return new Response(new Uint8Array(bytes), {
      headers: {
        'content-type': 'application/pdf',
        'content-disposition': attachment(`${plan.site.id}-${door.id}-pack.pdf`),
        'cache-control': 'no-store',
      },
    });
  }),
);
