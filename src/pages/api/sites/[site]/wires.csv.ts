import { wiresCsv } from '#core/formats/index';
import { doorsInOrder } from '#core/plan/index';
import { database } from '../../../../server/db/shared';
import { attachment, handle } from '../../../../server/http';
import { doorOr404, wholeSite } from '../../../../server/siteOr404';
import { SIGNED_IN, endpoint } from '../../../../server/endpoint';

export const prerender = false;

/**
 * Wires as CSV: of one door with `door=D03`, else of the whole site; with `decimal=comma` as spreadsheets have it where a comma
 * parts the decimals. Lengths are in the site's unit, which the heading names. The mark at the beginning tells spreadsheets that
 * it is UTF-8.
 */
export const GET = endpoint(SIGNED_IN, ({ params, url }) =>
  handle(() => {
    const live = wholeSite(database(), params.site);
    const { plan } = live;
    const door = url.searchParams.get('door');
    if (door !== null) doorOr404(live, door);
    const doors = door === null ? doorsInOrder(plan).map(({ id }) => id) : [door];
    const name = `${plan.site.id}${door ? `-${door}` : ''}-wires.csv`;
    const decimal = url.searchParams.get('decimal') === 'comma' ? ',' : '.';
    const unit = plan.site.units === 'american' ? 'ft' : 'm';
    return new Response(`\uFEFF${wiresCsv(plan, doors, { decimal, unit })}`, {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': attachment(name),
        'cache-control': 'no-store',
      },
    });
  }),
);
