import { database } from '../../../../server/db/shared';
import { handle, json } from '../../../../server/http';
import { judges } from '../../../../server/judging/shared';
import { wholeSite } from '../../../../server/siteOr404';
import { SIGNED_IN, endpoint } from '../../../../server/endpoint';

export const prerender = false;

/** How long an answer waits for something new to say, ms. */
const WAIT_MS = 5000;
const GATHER_MS = 400;

/**
 * What is known of the doors of a site. With `known`, how many the asker knows, it waits until there are more; `pending`
 * says how many are still being judged.
 */
export const GET = endpoint(SIGNED_IN, ({ params, url }) =>
  handle(async () => {
    const { plan, revision } = wholeSite(database(), params.site);
    const doors = Object.keys(plan.doors).length;
    const known = Number(url.searchParams.get('known') ?? 0) || 0;
    if (known < doors && judges().summaries(plan).length <= known) {
      await judges().more(plan, WAIT_MS);
      // What is judged meanwhile goes with it: a site of many doors is told in a few answers.
      await new Promise((resolve) => setTimeout(resolve, GATHER_MS));
    }
    const summaries = judges().summaries(plan);
    return json({ revision, summaries, pending: doors - summaries.length });
  }),
);
