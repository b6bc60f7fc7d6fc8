import * as z from 'zod';
import { siteSchema } from '#core/admission/index';
import { emptyPlan } from '#core/plan/index';
import { database } from '../../../server/db/shared';
import { handle, json, readJson } from '../../../server/http';
import { createSite, listSites } from '../../../server/sites/siteList';
import { SIGNED_IN, endpoint } from '../../../server/endpoint';

export const prerender = false;

const body = z.strictObject({
  name: siteSchema.shape.name.refine((text) => text.trim() !== '', 'must not be empty'),
  author: z.string().max(200).default(''),
});

export const GET = endpoint(SIGNED_IN, () => handle(() => json({ sites: listSites(database()) })));

/** Makes an empty site. */
export const POST = endpoint(SIGNED_IN, ({ request, locals }) =>
  handle(async () => {
    const { name, author } = await readJson(request, body);
    const id =
      name
        .toLowerCase()
        .replaceAll(/[^a-z0-9]+/g, '-')
        .replaceAll(/^-+|-+$/g, '')
        .slice(0, 40) || 'site';
    const site = createSite(database(), emptyPlan(id, name), {
      author: locals.who || author,
      at: new Date().toISOString(),
    });
    return json({ site }, 201);
  }),
);
