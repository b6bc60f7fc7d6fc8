import { writeAldaba } from '#core/formats/index';
import { database } from '../../../../server/db/shared';
import { attachment, handle } from '../../../../server/http';
import { siteOr404 } from '../../../../server/siteOr404';
import { CODES_ON_DEMAND, endpoint } from '../../../../server/endpoint';

export const prerender = false;

/** The site as an Aldaba file. Codes are left out unless `secrets=include` asks for them. */
export const GET = endpoint(CODES_ON_DEMAND, ({ params, url }) =>
  handle(() => {
    const { plan } = siteOr404(database(), params.site);
    const secrets = url.searchParams.get('secrets') === 'include';
    const text = `${JSON.stringify(writeAldaba(plan, { secrets }), null, 2)}\n`;
    return new Response(text, {
      headers: {
        'content-type': 'application/json; charset=utf-8',
        'content-disposition': attachment(`${plan.site.id}.aldaba.json`),
        'cache-control': 'no-store',
      },
    });
  }),
);
