import type { APIRoute } from 'astro';
import { z } from 'zod';
import { editSchema } from '#core/formats/index';
import { refusalWords } from '#words/problems';
import { announceChange } from '../../../../server/changes';
import { database } from '../../../../server/db/open';
import { handle, HttpError, json, readJson } from '../../../../server/http';
import { recentEdits, submitEdits } from '../../../../server/siteService';
import { siteOr404 } from '../../../../server/siteOr404';

export const prerender = false;

const body = z.strictObject({
  base: z.number().int().min(0),
  author: z.string().max(200),
  edits: z.array(editSchema).min(1).max(500),
});

/** The log, newest first. */
export const GET: APIRoute = ({ params, url }) =>
  handle(() => {
    siteOr404(database(), params.site);
    const limit = Math.min(1000, Math.max(1, Number(url.searchParams.get('limit')) || 200));
    return json({ edits: recentEdits(database(), params.site ?? '', limit) });
  });

/** Applies edits on a base revision. 409 with what changed and how the site stands where the base is stale. */
export const POST: APIRoute = ({ params, request }) =>
  handle(async () => {
    const { base, author, edits } = await readJson(request, body);
    const site = params.site ?? '';
    const result = submitEdits(database(), site, { base, author, edits, at: new Date().toISOString() });
    if (result.ok) {
      announceChange(site, result.revision);
      return json({ revision: result.revision });
    }
    switch (result.code) {
      case 'no-site':
        throw new HttpError(404, 'no-site', `There is no site “${site}”.`);
      case 'stale':
        throw new HttpError(
          409,
          'stale',
          'Somebody else changed the site meanwhile. Your change is kept and can be sent again.',
          {
            current: result.current,
            missed: result.missed,
          },
        );
      case 'refused':
        throw new HttpError(422, 'refused', `${refusalWords(result.refusal)} Nothing was changed.`, {
          index: result.index,
          refusal: result.refusal,
        });
    }
  });
