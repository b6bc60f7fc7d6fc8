import { CALENDARS } from './calendar';
import { CABLES } from './cable';
import { CONDUCTORS } from './conductor';
import { DEVICES } from './device';
import { DOORS } from './door';
import { CARD_FORMATS_OF_SITE } from './cardFormat';
import type { Collection } from './entities';
import { HOURS } from './hours';
import type { Kind } from './kind';
import { LANGUAGES } from './language';
import { LEVELS } from './level';
import { MEMORIES } from './memory';
import { PEOPLE } from './person';
import { READINGS } from './reading';
import { SCENARIOS } from './scenario';
import { SIDES } from './sides';
import { SPACES } from './space';
import { ZONES } from './zone';
import { TYPES } from './type';

/** Every kind of thing in a plan, each before those that name it. */
export const KINDS = {
  languages: LANGUAGES,
  types: TYPES,
  calendars: CALENDARS,
  hours: HOURS,
  doors: DOORS,
  devices: DEVICES,
  conductors: CONDUCTORS,
  cables: CABLES,
  levels: LEVELS,
  cardFormats: CARD_FORMATS_OF_SITE,
  people: PEOPLE,
  memories: MEMORIES,
  readings: READINGS,
  scenarios: SCENARIOS,
  spaces: SPACES,
  sides: SIDES,
  zones: ZONES,
} as const satisfies { readonly [C in Collection]: unknown };

export const COLLECTIONS = Object.keys(KINDS) as readonly Collection[];

/** The description of a collection, for code that treats all alike. */
export const kindOf = <C extends Collection>(collection: C): Kind<C> =>
  KINDS[collection] as unknown as Kind<C>;

export { hasTerminal } from './conductor';
export type { Collection, Entities } from './entities';
export type { Kind, Named, Ref, Verbs } from './kind';
