import { database } from '../../../../../../server/db/shared';
import { attachment, handle } from '../../../../../../server/http';
import { doorOr404, wholeSite } from '../../../../../../server/siteOr404';
import { SIGNED_IN, endpoint } from '../../../../../../server/endpoint';

export const prerender = false;

/** The diagram of one door, at rest, as SVG. */
export const GET = endpoint(SIGNED_IN, ({ params }) =>
  handle(async () => {
    const live = wholeSite(database(), params.site);
    const { plan } = live;
    const door = doorOr404(live, params.door);
    // Loaded only when somebody asks: the layout engine is large.
    const { doorDiagram } = await import('../../../../../../server/diagram');
    const { svg } = await doorDiagram(plan, door);
    return new Response(svg, {
      headers: {
        'content-type': 'image/svg+xml; charset=utf-8',
        'content-disposition': attachment(`${plan.site.id}-${door.id}-diagram.svg`),
        'cache-control': 'no-store',
      },
    });
  }),
);
