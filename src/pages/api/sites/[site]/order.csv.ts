import { orderCsv } from '#core/schedule/index';
import { database } from '../../../../server/db/shared';
import { attachment, handle } from '../../../../server/http';
import { wholeSite } from '../../../../server/siteOr404';
import { SIGNED_IN, endpoint } from '../../../../server/endpoint';

export const prerender = false;

/** Everything to order for a site as CSV; with `decimal=comma` parted by semicolons, as spreadsheets of such countries have it. */
export const GET = endpoint(SIGNED_IN, ({ params, url }) =>
  handle(() => {
    const { plan } = wholeSite(database(), params.site);
    const decimal = url.searchParams.get('decimal') === 'comma' ? ',' : '.';
    const unit = plan.site.units === 'american' ? 'ft' : 'm';
    return new Response(`\uFEFF${orderCsv(plan, { decimal, unit })}`, {
      headers: {
        'content-type': 'text/csv; charset=utf-8',
        'content-disposition': attachment(`${plan.site.id}-order.csv`),
        'cache-control': 'no-store',
      },
    });
  }),
);
