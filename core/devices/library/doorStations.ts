import type { DeviceFunction, DeviceType, Terminal } from '../deviceType';
import type { Part } from '../parts';
import {
  board,
  changeover,
  channelOf,
  channelTimes,
  contact,
  dryInput,
  needed,
  optional,
  PASSIVE,
  pigtails,
} from '../build';
import { networkSettings } from './network';

/** Door stations that speak over the network and let the door go themselves, by card, code or call. */

const STATION = {
  ...PASSIVE,
  family: 'keypad',
  short: 'door station',
  tagPrefix: 'DS',
  place: 'outside',
  symbol: 'station',
  ip: 'IP65',
  interfaces: ['ethernet', 'dry-input'],
  capacity: { users: 2000, cards: 2000 },
} as const;

const functions: readonly DeviceFunction[] = [
  {
    kind: 'decides',
    board: 'board',
    channels: [channelOf({ relay: 'relay', exitInput: 'push', contactInput: 'sensor', settings: 'ch1' })],
  },
  { kind: 'ownCodes', board: 'board', bell: 'ringing' },
];
const inputs: Part[] = [
  dryInput('push', 'EXIT', 'G', 'board'),
  dryInput('sensor', 'DOOR', 'G', 'board'),
  { kind: 'link', id: 'ground', a: 'V-', b: 'G' },
];
const inputRoles = {
  feed: { plus: 'V+', minus: 'V-' },
  exitInputs: [{ input: 'EXIT', common: 'G' }],
  contactInputs: [{ input: 'DOOR', common: 'G' }],
};
const harness = (leads: Parameters<typeof pigtails>[1], first: number): Terminal[] =>
  pigtails('optional', leads, first);

export const doorStations: readonly DeviceType[] = [
  {
    ...STATION,
    id: 'door-station-relay',
    name: 'Door station, relay and inputs on a harness',
    description:
      'Calls over the network, reads cards, and has a relay of its own on a harness: outside, so let it trigger a timed supply inside.',
    terminals: [
      ...pigtails('needed', { 'V+': 'RD', 'V-': 'BK' }),
      ...harness({ COM: 'WH', NO: 'YE', NC: 'OG', EXIT: 'GN', DOOR: 'BU' }, 3),
      ...pigtails('optional', { G: 'GY' }, 8).map((lead) => ({ ...lead, maxConductors: 4 })),
    ],
    parts: [
      board('V+', 'V-', { watts: 4 }, [10, 28]),
      ...changeover('k', { com: 'COM', nc: 'NC', no: 'NO' }, 'relay', 1, 'board'),
      ...inputs,
    ],
    settings: [...channelTimes('ch1', ''), ...networkSettings()],
    functions,
    roles: { ...inputRoles, switches: [{ com: 'COM', nc: 'NC', no: 'NO' }] },
  },
  {
    ...STATION,
    id: 'door-station-minus',
    name: 'Door station that switches the lock’s negative',
    description:
      'The lock is on LK+ and on a negative that the station switches: LK-NO for one that power opens, LK-NC for one that power holds. On any other return it never switches.',
    terminals: [...needed('V+', 'V-'), ...optional('LK+', 'LK-NO', 'LK-NC', 'EXIT', 'DOOR', 'G')],
    parts: [
      board('V+', 'V-', { watts: 4.5 }, [9, 16]),
      { kind: 'link', id: 'lockPlus', a: 'V+', b: 'LK+' },
      contact('k.no', 'NO', 'LK-NO', 'V-', 'relay', 1, 'board'),
      contact('k.nc', 'NC', 'LK-NC', 'V-', 'relay', 1, 'board'),
      ...inputs,
    ],
    settings: [...channelTimes('ch1', ''), ...networkSettings()],
    functions,
    roles: {
      ...inputRoles,
      wet: [{ 'fail-safe': { plus: 'LK+', minus: 'LK-NC' }, 'fail-secure': { plus: 'LK+', minus: 'LK-NO' } }],
    },
  },
];
