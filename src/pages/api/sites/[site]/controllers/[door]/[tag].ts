import * as z from 'zod';
import { decides, type Configuration } from '#core/access/index';
import { does } from '#core/devices/index';
import { date, whole } from '#core/fields/index';
import { findIn, typeIn } from '#core/plan/index';
import { configurationSchema, heldBy, keepHeld } from '../../../../../../server/controllers';
import { database } from '../../../../../../server/db/shared';
import { FILE_LIMIT, handle, HttpError, json, readJson } from '../../../../../../server/http';
import { siteOr404 } from '../../../../../../server/siteOr404';
import { WITH_CODES, endpoint } from '../../../../../../server/endpoint';

export const prerender = false;

const SIMULATED = { simulated: true, note: 'A simulated controller: no device of a real site is behind it.' };

/** The controller that is meant, or a 404 that says so: `controllers/D02/K1`. */
function controllerOr404(params: Readonly<Record<string, string | undefined>>): {
  site: string;
  device: string;
} {
  const { plan } = siteOr404(database(), params['site']);
  const id = `${params['door'] ?? ''}/${params['tag'] ?? ''}`;
  const device = findIn(plan.devices, id);
  if (!device || !does(typeIn(plan, device), 'clock'))
    throw new HttpError(
      404,
      'no-controller',
      `There is no controller “${id.slice(0, 100)}” that keeps a list of its own.`,
    );
  return { site: plan.site.id, device: id };
}

const unreached = () =>
  new HttpError(
    503,
    'network-lost',
    'The controller is not reached: its network is lost. It goes on with what it holds.',
  );

/** What it holds, read back; while its network is lost that it cannot be reached. */
export const GET = endpoint(WITH_CODES, ({ params }) =>
  handle(() => {
    const { site, device } = controllerOr404(params);
    const { network, takenAt, configuration } = heldBy(database(), site, device);
    return json(
      network === 'lost'
        ? { ...SIMULATED, network, takenAt: null, configuration: null }
        : { ...SIMULATED, network, takenAt, configuration },
    );
  }),
);

/** Takes a configuration, whole or not at all. */
export const PUT = endpoint(WITH_CODES, ({ params, request }) =>
  handle(async () => {
    const { site, device } = controllerOr404(params);
    const configuration = (await readJson(
      request,
      configurationSchema,
      FILE_LIMIT,
    )) as unknown as Configuration;
    if (configuration.controller !== device)
      throw new HttpError(
        422,
        'another-controller',
        `This is for ${configuration.controller.slice(0, 100)}. Nothing was changed.`,
      );
    if (heldBy(database(), site, device).network === 'lost') throw unreached();
    const { takenAt } = keepHeld(database(), site, device, {
      configuration,
      takenAt: new Date().toISOString(),
    });
    return json({ ...SIMULATED, network: 'up', takenAt });
  }),
);

/** Pulls its network cable, or puts it back. */
export const PATCH = endpoint(WITH_CODES, ({ params, request }) =>
  handle(async () => {
    const { site, device } = controllerOr404(params);
    const { network } = await readJson(request, z.strictObject({ network: z.enum(['up', 'lost']) }));
    keepHeld(database(), site, device, { network });
    return json({ ...SIMULATED, network });
  }),
);

const asked = z.strictObject({
  door: z.string().max(20),
  arrives: z.union([
    z.strictObject({ bits: z.string().regex(/^[01]{1,64}$/) }),
    z.strictObject({ code: z.string().regex(/^\d{1,8}$/) }),
  ]),
  at: z.strictObject({ day: date, minute: whole(0, 1439) }),
});

/** Somebody comes to one of its doors: it decides from what it holds, with its network or without. */
export const POST = endpoint(WITH_CODES, ({ params, request }) =>
  handle(async () => {
    const { site, device } = controllerOr404(params);
    const { door, arrives, at } = await readJson(request, asked);
    const { network, configuration } = heldBy(database(), site, device);
    const decision = configuration ? decides(configuration, door, arrives, at, network) : null;
    return json({ ...SIMULATED, network, decision });
  }),
);
