import * as z from 'zod';
import { and, eq } from 'drizzle-orm';
import { SCHEMAS } from '#core/admission/index';
import { OFFLINE, type Configuration } from '#core/access/index';
import { addressId, card, code, date, innerId, line } from '#core/fields/index';
import type { Level } from '#core/plan/index';
import { frameSchema } from '#core/plan/schemas/cardFormat';
import { say } from '#words/server/controllers';
import type { Db } from './db/open';
import { controllers } from './db/schema';

/**
 * Simulated controllers, one for each that a site has: they take what they are sent over an endpoint of their own, keep it, and decide
 * from it whether the network is there or not. They stand in for devices of a real site, and say that they are simulated.
 */

/** What is taken in: each part by the schema that the site itself has for it. */
export const configurationSchema = z
  .strictObject({
    format: z.literal('aldaba-controller'),
    version: z.literal(1),
    controller: innerId(),
    frame: frameSchema,
    withoutNetwork: z.enum(OFFLINE),
    doors: z
      .array(
        z.strictObject({
          id: addressId,
          freePassage: innerId().nullable(),
          openingHours: innerId().nullable(),
        }),
      )
      .max(64),
    calendars: z.array(SCHEMAS.calendars).max(1000),
    hours: z.array(SCHEMAS.hours).max(1000),
    levels: z.array(SCHEMAS.levels).max(1000),
    people: z
      .array(
        z.strictObject({
          id: innerId(),
          name: line(200, 1),
          group: line(80),
          levels: z.array(innerId()).max(100),
          doors: z.array(addressId).max(64),
          from: date.nullable(),
          until: date.nullable(),
          code,
          cards: z.array(card).max(20),
        }),
      )
      .max(20_000),
  })
  .superRefine((held, context) => {
    // Whoever is named must be there: a door that opens by hours it does not have would never be asked about.
    const hours = new Set(held.hours.map((one) => (one as { id: string }).id));
    const levels = new Set(held.levels.map((one) => (one as { id: string }).id));
    held.doors.forEach((door, index) => {
      for (const part of ['freePassage', 'openingHours'] as const)
        if (door[part] !== null && !hours.has(door[part]))
          context.addIssue({
            code: 'custom',
            path: ['doors', index, part],
            message: say.namesHoursNot,
          });
    });
    // A level without its hours would open at all hours.
    (held.levels as Level[]).forEach(({ grants }, index) => {
      if (grants.some((grant) => grant.hours !== null && !hours.has(grant.hours)))
        context.addIssue({
          code: 'custom',
          path: ['levels', index, 'grants'],
          message: say.namesHoursNot,
        });
    });
    held.people.forEach((person, index) => {
      if (person.levels.some((level) => !levels.has(level)))
        context.addIssue({
          code: 'custom',
          path: ['people', index, 'levels'],
          message: say.namesLevelNot,
        });
    });
  });

/** One of them as it stands. */
export interface Held {
  readonly network: 'up' | 'lost';
  /** When it last took something in, ISO 8601; null where it never has. */
  readonly takenAt: string | null;
  readonly configuration: Configuration | null;
}

const NEVER: Held = { network: 'up', takenAt: null, configuration: null };

const where = (site: string, device: string) =>
  and(eq(controllers.site, site), eq(controllers.device, device));

export function heldBy(db: Db, site: string, device: string): Held {
  const row = db.select().from(controllers).where(where(site, device)).get();
  return row ? { network: row.network, takenAt: row.takenAt, configuration: row.configuration } : NEVER;
}

export function keepHeld(db: Db, site: string, device: string, change: Partial<Held>): Held {
  const next = { ...heldBy(db, site, device), ...change };
  db.insert(controllers)
    .values({ site, device, ...next })
    .onConflictDoUpdate({ target: [controllers.site, controllers.device], set: next })
    .run();
  return next;
}
