import type { DeviceType } from '../deviceType';
import { know } from '../known';
import { boards } from './boards';
import { boxedSupplies } from './boxedSupplies';
import { controllers } from './controllers';
import { doorContacts, exits } from './door';
import { delayedEgress } from './delayedEgress';
import { readers } from './readers';
import { doorStations } from './doorStations';
import { operators } from './operators';
import { intercoms } from './intercom';
import { keypads } from './keypads';
import { locks } from './locks';
import { motorLocks } from './motorLocks';
import { network, withClock, withLink } from './network';
import { relays, releases } from './release';
import { smallParts } from './smallParts';
import { dip } from './dip';
import { lobby } from './lobby';
import { menuInputs } from './menuInputs';
import { sounders } from './sounders';
import { supplies } from './supplies';
import { terminals } from './terminals';
import { watched } from './watched';

/** Every device type that ships with Aldaba, in the order the catalogue shows them. */
export const LIBRARY: readonly DeviceType[] = [
  ...locks,
  ...motorLocks,
  ...delayedEgress,
  ...supplies,
  ...boxedSupplies,
  ...controllers,
  ...boards,
  ...keypads,
  ...terminals,
  ...doorStations,
  ...readers,
  ...exits,
  ...doorContacts,
  ...watched,
  ...releases,
  ...relays,
  ...intercoms,
  ...operators,
  ...lobby,
  ...menuInputs,
  ...dip,
  ...sounders,
  ...network,
  ...smallParts,
].map((type) => withClock(withLink(type)));

know(LIBRARY);
