import type { APIRoute } from 'astro';
import { wiresCsv } from '#core/formats/index';
import { doorsInOrder } from '#core/plan/index';
import { database } from '../../../../server/db/open';
import { handle, HttpError } from '../../../../server/http';
import { siteOr404 } from '../../../../server/siteOr404';

export const prerender = false;

/** Wires as CSV: of one door with `door=D03`, else of the whole site. */
export const GET: APIRoute = ({ params, url }) =>
  handle(() => {
    const { plan } = siteOr404(database(), params.site);
    const door = url.searchParams.get('door');
    if (door !== null && !plan.doors[door])
      throw new HttpError(404, 'no-door', `There is no door “${door}”.`);
    const doors = door === null ? doorsInOrder(plan).map(({ id }) => id) : [door];
    const name = `${plan.site.id}${door ? `-${door}` : ''}-wires.csv`;
    return new Response(wiresCsv(plan, doors), {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': `attachment; filename="${name}"`,
      },
    });
  });
