import type { APIRoute } from 'astro';
import { database } from '../../../../../../server/db/open';
import { handle, HttpError } from '../../../../../../server/http';
import { siteOr404 } from '../../../../../../server/siteOr404';

export const prerender = false;

/** The pack of one door. */
export const GET: APIRoute = ({ params }) =>
  handle(async () => {
    const { plan } = siteOr404(database(), params.site);
    const door = plan.doors[params.door ?? ''];
    if (!door) throw new HttpError(404, 'no-door', `There is no door “${params.door ?? ''}”.`);
    // Loaded only when somebody prints: the PDF library is large.
    const { doorPack } = await import('../../../../../../server/pack');
    const bytes = await doorPack(plan, door, new Date());
    return new Response(new Uint8Array(bytes), {
      headers: {
        'content-type': 'application/pdf',
        'content-disposition': `attachment; filename="${plan.site.id}-${door.id}-pack.pdf"`,
        'cache-control': 'no-store',
      },
    });
  });
