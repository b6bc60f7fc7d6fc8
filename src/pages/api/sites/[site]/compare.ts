import { differences } from '#core/plan/index';
import { database } from '../../../../server/db/shared';
import { handle, HttpError, json } from '../../../../server/http';
import { siteOr404 } from '../../../../server/siteOr404';
import { planAt } from '../../../../server/sites/planAt';
import { SIGNED_IN, endpoint } from '../../../../server/endpoint';

export const prerender = false;

/** What differs between two revisions of a site, `?from=3&to=9`; without `to`, from then to now. Never a code. */
export const GET = endpoint(SIGNED_IN, ({ params, url }) =>
  handle(() => {
    const live = siteOr404(database(), params.site);
    const asked = (name: string, otherwise: number): number => {
      const text = url.searchParams.get(name) ?? String(otherwise);
      const revision = /^\d{1,15}$/.test(text) ? Number(text) : NaN;
      if (revision >= 1 && revision <= live.revision) return revision;
      throw new HttpError(
        422,
        'no-such-revision',
        `There is no revision “${text.slice(0, 40)}” of this site.`,
      );
    };
    const [from, to] = [asked('from', live.revision), asked('to', live.revision)];
    const [before, after] = [from, to].map((revision) => planAt(database(), live, revision));
    if (!before || !after)
      throw new HttpError(
        404,
        'not-kept',
        'Some change since then was made before Aldaba kept what takes it back: how the site was then is not known.',
      );
    return json({ from, to, ...differences(before, after) });
  }),
);
