import type { APIRoute } from 'astro';
import { database } from '../../../../../../server/db/open';
import { handle, HttpError } from '../../../../../../server/http';
import { siteOr404 } from '../../../../../../server/siteOr404';

export const prerender = false;

/** The diagram of one door, at rest, as SVG. */
export const GET: APIRoute = ({ params }) =>
  handle(async () => {
    const { plan } = siteOr404(database(), params.site);
    const door = plan.doors[params.door ?? ''];
    if (!door) throw new HttpError(404, 'no-door', `There is no door “${params.door ?? ''}”.`);
    // Loaded only when somebody asks: the layout engine is large.
    const { doorDiagram } = await import('../../../../../../server/diagram');
    const { svg } = await doorDiagram(plan, door);
    return new Response(svg, {
      headers: {
        'content-type': 'image/svg+xml; charset=utf-8',
        'content-disposition': `attachment; filename="${plan.site.id}-${door.id}-diagram.svg"`,
        'cache-control': 'no-store',
      },
    });
  });
