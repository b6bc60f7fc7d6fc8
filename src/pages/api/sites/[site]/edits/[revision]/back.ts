import { database } from '../../../../../../server/db/shared';
import { handle, HttpError, json } from '../../../../../../server/http';
import { backWithoutSecrets } from '../../../../../../server/access/codes';
import { siteOr404 } from '../../../../../../server/siteOr404';
import { backOf } from '../../../../../../server/sites/log';
import { endpoint } from '../../../../../../server/endpoint';

export const prerender = false;

/**
 * What takes one line of the log back, as an edit to be sent like any other. It may hold codes: nobody keeps this answer, and whoever may not
 * see them gets none of it where the edit itself says any.
 */
export const GET = endpoint({ needs: 'sign-in', gives: 'codes' }, ({ params, locals }) =>
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
    return json(locals.codes ? back : backWithoutSecrets(back));
  }),
);
