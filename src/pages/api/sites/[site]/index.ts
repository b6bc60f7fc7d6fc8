import { basename } from 'node:path';
import * as z from 'zod';
import { publicPlan } from '#core/plan/index';
import { backupBeside } from '../../../../server/backup';
import { database } from '../../../../server/db/shared';
import { handle, HttpError, json, readJson } from '../../../../server/http';
import { judges } from '../../../../server/judging/shared';
import { siteOr404 } from '../../../../server/siteOr404';
import { removeSite } from '../../../../server/sites/siteList';
import { SIGNED_IN, endpoint } from '../../../../server/endpoint';

export const prerender = false;

/** A site as it stands, with its revision and without codes, card numbers and keypad memories. */
export const GET = endpoint(SIGNED_IN, ({ params }) =>
  handle(() => {
    const { plan, revision } = siteOr404(database(), params.site);
    return json({ plan: publicPlan(plan), revision });
  }),
);

const body = z.strictObject({ name: z.string().max(200) });

/** Removes a site whose name was typed. A backup of everything is written first, and the answer says where. */
export const DELETE = endpoint({ needs: 'codes', gives: 'nothing secret' }, ({ params, request }) =>
  handle(async () => {
    const { plan } = siteOr404(database(), params.site);
    const { name } = await readJson(request, body);
    if (name.trim() !== plan.site.name.trim())
      throw new HttpError(
        422,
        'name-differs',
        `“${name.slice(0, 100)}” is not the name of this site. Nothing was removed.`,
      );
    const backup = await backupBeside(database(), `before-removing-${plan.site.id}`, new Date());
    removeSite(database(), plan.site.id);
    judges().forget(plan.site.id);
    // By its name: where the server keeps its files is nobody's business who asks over the network.
    return json({ removed: plan.site.id, backup: `backups/${basename(backup)}` });
  }),
);
