import type { DeviceType } from '../deviceType';
import { controllers } from './controllers';
import { doorContacts, exits, readers } from './door';
import { intercoms } from './intercom';
import { keypads } from './keypads';
import { locks } from './locks';
import { network } from './network';
import { operators, relays, releases } from './release';
import { smallParts } from './smallParts';
import { sounders } from './sounders';
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
  ...relays,
  ...intercoms,
  ...operators,
  ...sounders,
  ...network,
  ...smallParts,
];

const byId = new Map(LIBRARY.map((type) => [type.id, type]));

/** The type with this id, or undefined: the caller says what an unknown type means where it stands. */
export const findType = (id: string): DeviceType | undefined => byId.get(id);
