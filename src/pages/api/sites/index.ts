import type { APIRoute } from 'astro';
import { z } from 'zod';
import { emptyPlan } from '#core/plan/index';
import { database } from '../../../server/db/open';
import { handle, json, readJson } from '../../../server/http';
import { createSite, listSites } from '../../../server/siteService';

export const prerender = false;

const body = z.strictObject({
  name: z.string().trim().min(1).max(200),
  author: z.string().max(200).default(''),
});

export const GET: APIRoute = () => handle(() => json({ sites: listSites(database()) }));

/** Makes an empty site. */
export const POST: APIRoute = ({ request }) =>
  handle(async () => {
    const { name, author } = await readJson(request, body);
    const id =
      name
        .toLowerCase()
        .replaceAll(/[^a-z0-9]+/g, '-')
        .replaceAll(/^-+|-+$/g, '')
        .slice(0, 40) || 'site';
    const site = createSite(database(), emptyPlan(id, name), { author, at: new Date().toISOString() });
    return json({ site }, 201);
  });
