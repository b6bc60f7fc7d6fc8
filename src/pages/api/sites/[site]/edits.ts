import * as z from 'zod';
import { renewed } from '#core/admission/index';
import { touchesSecrets } from '#core/plan/index';
import { noCodes } from '../../../../server/access/codes';
import { announceChange } from '../../../../server/changes';
import { database } from '../../../../server/db/shared';
import { handle, HttpError, json, readJson } from '../../../../server/http';
import { siteOr404 } from '../../../../server/siteOr404';
import { recentEdits } from '../../../../server/sites/log';
import { withoutSecretsOf } from '../../../../server/sites/catchUp';
import { submitEdits } from '../../../../server/sites/submit';
import { SIGNED_IN, endpoint } from '../../../../server/endpoint';

export const prerender = false;

const editId = z.string().regex(/^[\w-]{8,60}$/);
const body = z.strictObject({
  base: z.number().int().min(0).max(Number.MAX_SAFE_INTEGER),
  author: z.string().max(200),
  edits: z.array(z.strictObject({ id: editId, edit: z.unknown() })).max(500),
  withdraw: z.array(editId).max(500).default([]),
});

/** The log, newest first. */
export const GET = endpoint(SIGNED_IN, ({ params, url }) =>
  handle(() => {
    const { plan } = siteOr404(database(), params.site);
    const limit = Math.min(1000, Math.max(1, Math.trunc(Number(url.searchParams.get('limit'))) || 200));
    return json({ edits: recentEdits(database(), plan.site.id, limit) });
  }),
);

/**
 * Applies edits and answers for each of them: kept, refused with the reason, stale, or withdrawn. Each has a name of its own; sent again,
 * it is kept once. Where others have changed the site since the base, the answer says what the sender has missed.
 */
export const POST = endpoint({ needs: 'sign-in', gives: 'codes' }, ({ params, request, locals }) =>
  handle(async () => {
    const { base, author, edits, withdraw } = await readJson(request, body);
    const site = params.site ?? '';
    // What cannot be read cannot hold a code: it is refused where it is read.
    if (!locals.codes && edits.some(({ edit }) => touchesSecrets(edit, renewed))) throw noCodes();
    const at = new Date().toISOString();
    // Who signed in is who did it; only on a server of one's own machine is a name taken at its word.
    const result = submitEdits(database(), site, {
      base,
      edits,
      withdraw,
      codes: locals.codes,
      author: locals.who || author,
      at,
    });
    if (!result) throw new HttpError(404, 'no-site', `There is no site “${site.slice(0, 100)}”.`);
    if (result.answers.some(({ code }) => code === 'kept')) announceChange(site, result.revision);
    const { catchUp } = result;
    return json(catchUp && !locals.codes ? { ...result, catchUp: withoutSecretsOf(catchUp) } : result);
  }),
);
