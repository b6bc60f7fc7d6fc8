import type { DeviceType } from '../deviceType';
import { controllers, keypads } from './controllers';
import { doorContacts, exits, readers, releases, smallParts } from './door';
import { locks } from './locks';
import { supplies } from './supplies';

/** Every device type that ships with Aldaba, in the order the catalogue shows them. */
export const LIBRARY: readonly DeviceType[] = [
  ...locks,
  ...supplies,
  ...controllers,
  ...keypads,
  ...readers,
  ...exits,
  ...doorContacts,
  ...releases,
  ...smallParts,
];

const byId = new Map(LIBRARY.map((type) => [type.id, type]));

/** The type with this id, or undefined: the caller says what an unknown type means where it stands. */
export const findType = (id: string): DeviceType | undefined => byId.get(id);

/** The type with this id. Throws on an unknown one: a plan in memory has passed the door and names only known types. */
export function typeOf(id: string): DeviceType {
  const type = byId.get(id);
  if (!type) throw new Error(`unknown device type "${id}"`);
  return type;
}
