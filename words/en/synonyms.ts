import { does, functionsOf, type DeviceType } from '#core/devices/index';
import type { StationId } from '#core/checks/index';

/**
 * What people call things besides the name that is shown: searched, never shown. A type is found by what it does, so that own types are
 * found by the same words as those of the library.
 */

const isExit = (type: DeviceType): boolean => type.family === 'exit';
const hasTerminal = (type: DeviceType, like: RegExp): boolean =>
  type.terminals.some(({ id }) => like.test(id));

const KINDS: readonly (readonly [is: (type: DeviceType) => boolean, words: string])[] = [
  [({ lock }) => lock?.kind === 'magnet', 'maglock mag lock electromagnetic lock em lock magnetic lock'],
  [({ lock }) => lock?.kind === 'strike', 'electric strike door release electric latch'],
  [(type) => type.lock?.kind === 'strike' && type.lock.noHandle === true, 'bolt deadbolt shear lock'],
  [isExit, 'rex request to exit egress'],
  [(type) => isExit(type) && does(type, 'button'), 'push to exit button door release button'],
  [(type) => isExit(type) && does(type, 'sensor'), 'pir motion sensor touchless no-touch wave'],
  [(type) => isExit(type) && does(type, 'lever'), 'crash bar push bar panic bar panic hardware exit device'],
  [(type) => does(type, 'delayedEgress'), 'delayed egress delayed exit'],
  [(type) => does(type, 'doorContact'), 'door contact reed switch dps door position switch door sensor'],
  [(type) => does(type, 'breakGlass'), 'call point emergency door release edr green box break glass unit'],
  [(type) => does(type, 'fireRelay'), 'fire alarm relay fire interface fire trip'],
  [({ family }) => family === 'release', 'fire emergency pull station alarm module'],
  [({ family }) => family === 'supply', 'psu power supply unit transformer charger'],
  [({ family }) => family === 'controller', 'access control panel door controller board acu'],
  [({ family }) => family === 'keypad', 'keypad pin pad code lock standalone'],
  [({ family }) => family === 'reader', 'card reader prox proximity badge fob credential wiegand'],
  [(type) => does(type, 'busReader') || does(type, 'busHost'), 'osdp rs-485 rs485 multidrop bus'],
  [(type) => functionsOf(type, 'switch').length > 0, 'key switch override'],
  [({ family }) => family === 'operator', 'automatic opener door opener ada gate motor'],
  [(type) => hasTerminal(type, /^SAFE$/), 'presence sensor safety beam'],
  [({ family }) => family === 'sounder', 'siren buzzer horn strobe bell'],
  [({ family }) => family === 'relay', 'interposing relay isolation relay timer module'],
  [({ family }) => family === 'suppression', 'flyback diode mov surge snubber eol end of line resistor'],
  [
    ({ family }) => family === 'joint',
    'junction box terminal block splice door loop power transfer hinge armoured loop',
  ],
  [({ family }) => family === 'network', 'switch poe injector lan ethernet'],
  [({ family }) => family === 'intercom', 'entry phone entry panel door phone door station handset'],
];

/** Words by which a type is looked for, small letters. */
export const typeSynonyms = (type: DeviceType): string =>
  KINDS.filter(([is]) => is(type))
    .map(([, words]) => words)
    .join(' ');

export const STATION_SYNONYMS: Record<StationId, string> = {
  brief: 'requirements egress escape route fire door code questions hardware',
  wire: 'wiring loops diagram terminals cables connections hookup',
  power: 'load current amps battery voltage drop headroom psu',
  prove: 'verify simulate situations faults fail-safe fail-secure life safety',
  program: 'keypad codes enrol users controller configuration anti-passback',
  timing: 'unlock time relock door held open door forced always open free passage schedule delay',
  test: 'commissioning commission readings meter checklist',
  'hand-over': 'pack print pdf sign off documents as-built',
};

/** By page of the site. */
export const PAGE_SYNONYMS = {
  doors: 'list openings all doors add doors door schedule',
  supplies: 'psu power supplies cabinets batteries load',
  release: 'fire alarm zones rooms egress escape',
  sets: 'intercom bus rs-485 osdp network addresses terminator',
  people:
    'users cards credentials badges fobs access levels schedules holidays calendar hours always open anti-passback',
  types: 'own device type custom hardware leaflet datasheet keypad language card format',
  log: 'history audit changes undo who when',
  pack: 'import export backup print site details colours',
} as const;

/** For the list of keys. */
export const HELP_SYNONYMS = 'help keyboard shortcuts hotkeys manual';
