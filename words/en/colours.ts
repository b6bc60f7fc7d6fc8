import type { ColourRole } from '#core/plan/index';
import { COLOUR_CODES, COLOURS, type ColourCode } from '#core/units/index';
import { texts } from '../messages';

/** What a conductor does, as far as its colour is concerned. */
export const ROLE_LABELS: Record<ColourRole, string> = texts({
  plus: 'Positive',
  minus: 'Negative',
  exit: 'Request to exit',
  'exit-common': 'Request to exit, common',
  contact: 'Door contact',
  'contact-common': 'Door contact, common',
  'data-0': 'Data 0',
  'data-1': 'Data 1',
  'bus-a': 'Bus A',
  'bus-b': 'Bus B',
  status: 'Lock status, release key',
  alarm: 'Alarm and fire lines',
  audio: 'Speech',
  'ac-1': 'Alternating current, one',
  'ac-2': 'Alternating current, other',
  screen: 'Screen',
});

/** What a colour is called where it is read and not coded. */
export const COLOUR_NAMES = texts(
  Object.fromEntries(COLOUR_CODES.map((code) => [code, COLOURS[code].name])) as Record<ColourCode, string>,
);
