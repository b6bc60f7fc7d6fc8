import type { ColourCode } from '../units/index';
import type { ColourRole } from './schemas/colourRoles';
import type { Site } from './schemas/site';

/** Aldaba's own colours by function, IEC 60757 codes. A site may have its own. */
export const DEFAULT_COLOURS: Readonly<Record<ColourRole, ColourCode>> = {
  plus: 'RD',
  minus: 'BK',
  exit: 'YE',
  'exit-common': 'GN',
  contact: 'BU',
  'contact-common': 'WH',
  'data-0': 'GN',
  'data-1': 'WH',
  'bus-a': 'OG',
  'bus-b': 'BN',
  status: 'VT',
  alarm: 'PK',
  audio: 'GY',
  'ac-1': 'BN',
  'ac-2': 'BU',
  screen: 'GNYE',
};

/** Insulation colour a conductor of this function has at a site. */
export const colourFor = (site: Pick<Site, 'colours'>, role: ColourRole): ColourCode =>
  site.colours[role] ?? DEFAULT_COLOURS[role];
