import { keepKey } from '../../../../server/access/keys';
import { database } from '../../../../server/db/shared';
import { handle, json } from '../../../../server/http';
import { siteOr404 } from '../../../../server/siteOr404';
import { catchUpFrom, secretsOf, withoutSecretsOf } from '../../../../server/sites/catchUp';
import { CODES_ON_DEMAND, endpoint } from '../../../../server/endpoint';

export const prerender = false;

/**
 * What became of a site since a revision, and with `secrets=include` its codes, card numbers and keypad memories: they stand
 * in no page and in no other answer, and nobody keeps this one.
 */
export const GET = endpoint(CODES_ON_DEMAND, ({ params, url }) =>
  handle(() => {
    const live = siteOr404(database(), params.site);
    const since = Number(url.searchParams.get('since') ?? -1);
    const catchUp = catchUpFrom(live, since);
    if (url.searchParams.get('secrets') !== 'include')
      return json({ catchUp: withoutSecretsOf(catchUp), secrets: null });
    return json({
      catchUp,
      secrets: secretsOf(live).tables,
      keepKey: keepKey(database(), live.plan.site.id),
    });
  }),
);
