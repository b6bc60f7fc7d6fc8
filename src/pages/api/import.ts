import { database } from '../../server/db/shared';
import { FILE_LIMIT, handle, HttpError, json, readText } from '../../server/http';
import { office } from '../../server/office/shared';
import { createSite, listSites } from '../../server/sites/siteList';
import { SIGNED_IN, endpoint } from '../../server/endpoint';

export const prerender = false;

/**
 * Takes an Aldaba file. With `dry=1` it only says what it would do; `key` is what its asker calls it, to hear how many come before it. A file with any problem changes nothing;
 * a good one becomes a new site beside those that are there.
 */
export const POST = endpoint(SIGNED_IN, ({ request, url, locals }) =>
  handle(async () => {
    const text = await readText(request, FILE_LIMIT);
    const result = await office().run(
      { kind: 'read-file', text },
      { signal: request.signal, key: url.searchParams.get('key')?.slice(0, 60) },
    );
    if (!result.ok) {
      const { length } = result.problems;
      const some = `${length}${result.more ? ' or more' : ''}`;
      throw new HttpError(
        422,
        'bad-file',
        `The file has ${some} ${length === 1 ? 'problem' : 'problems'}. Nothing was imported; what was here is untouched.`,
        { problems: result.problems, more: result.more },
      );
    }
    const { plan, notes } = result;
    const count = (all: object) => Object.keys(all).length;
    const summary = {
      name: plan.site.name,
      exists: listSites(database()).some(({ id }) => id === plan.site.id),
      doors: count(plan.doors),
      devices: count(plan.devices),
      wires: count(plan.conductors),
      people: count(plan.people),
      codes: Object.values(plan.people).filter(({ code }) => code !== '').length,
      keypads: count(plan.memories),
      readings: count(plan.readings),
    };
    if (url.searchParams.get('dry') === '1') return json({ summary, notes });
    // Whoever has stopped it by now gets no site.
    if (request.signal.aborted) throw new HttpError(499, 'taken-back', 'Nothing was imported.');
    const site = createSite(database(), plan, {
      author: locals.who || 'import',
      at: new Date().toISOString(),
    });
    return json({ summary, notes, site }, 201);
  }),
);
