import type { APIRoute } from 'astro';
import { database } from '../../../../../../server/db/shared';
import { handle, HttpError, json } from '../../../../../../server/http';
import { siteOr404 } from '../../../../../../server/siteOr404';
import { backOf } from '../../../../../../server/sites/log';

export const prerender = false;

/** What takes one line of the log back, as an edit to be sent like any other. It may hold codes: nobody keeps this answer. */
export const GET: APIRoute = ({ params }) =>
  handle(() => {
    const { plan } = siteOr404(database(), params.site);
    const revision = Number(params.revision);
    const back = Number.isSafeInteger(revision) ? backOf(database(), plan.site.id, revision) : null;
    if (!back)
      throw new HttpError(
        404,
        'no-way-back',
        'What this line changed was not kept, so it cannot be taken back here.',
      );
    return json(back);
  });
