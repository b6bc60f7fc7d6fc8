import type * as z from 'zod';
import type { Collection } from '../kinds/entities';
import { calendarSchema } from './calendar';
import { cableSchema } from './cable';
import { cardFormatSchema } from './cardFormat';
import { conductorSchema } from './conductor';
import { deviceSchema } from './device';
import { doorSchema } from './door';
import { hoursSchema } from './hours';
import { languageSchema } from './language';
import { levelSchema } from './level';
import { memorySchema } from './memory';
import { personSchema } from './person';
import { readingSchema } from './reading';
import { scenarioSchema } from './scenario';
import { sidesSchema } from './sides';
import { spaceSchema } from './space';
import { zoneSchema } from './zone';
import { typeSchema } from './type';

/**
 * The shape of every kind of thing. Apart from the rest of its description, because the types follow from it everywhere, while
 * only who lets things in needs the schemas themselves.
 */
export const SCHEMAS: { readonly [C in Collection]: z.ZodType } = {
  types: typeSchema,
  doors: doorSchema,
  devices: deviceSchema,
  conductors: conductorSchema,
  cables: cableSchema,
  people: personSchema,
  memories: memorySchema,
  readings: readingSchema,
  scenarios: scenarioSchema,
  spaces: spaceSchema,
  sides: sidesSchema,
  zones: zoneSchema,
  calendars: calendarSchema,
  hours: hoursSchema,
  levels: levelSchema,
  languages: languageSchema,
  cardFormats: cardFormatSchema,
};

export { settingValueSchema } from './device';
export { siteSchema } from './site';
