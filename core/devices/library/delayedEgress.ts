import type { DeviceFunction, DeviceType, Setting } from '../deviceType';
import {
  board,
  changeover,
  choice,
  contact,
  dryInput,
  needed,
  numberSetting,
  optional,
  PASSIVE,
  voltageJumper,
} from '../build';
import { LOCK, magnet, winding } from './locks';

/**
 * Delayed egress: who pushes is let out when a time is over, and an alarm says meanwhile that somebody is leaving. Fire and a loss of power
 * let go at once. Whether a door may have it, and for how long, says the local code.
 */

const settings: readonly Setting[] = [
  numberSetting('nuisance', 'a push counts after', 's', [0, 3], 1),
  numberSetting('delay', 'delay', 's', [5, 30], 15),
  choice('back', 'when power is back', {
    stays: 'stays released until re-armed',
    arms: 'arms itself',
  }),
];

const egress = {
  kind: 'delayedEgress',
  board: 'board',
  state: 'released',
  alarm: 'sounding',
  fire: 'fire',
  bypass: 'bypass',
  nuisanceSetting: 'nuisance',
  delaySetting: 'delay',
  backSetting: 'back',
} as const satisfies DeviceFunction;

/** Changeover of the alarm, as both are built. */
const ALARM = ['AC', 'ANC', 'ANO'] as const;
const alarm = changeover('alarm', { com: 'AC', nc: 'ANC', no: 'ANO' }, 'sounding', 1);

export const delayedEgress: readonly DeviceType[] = [
  {
    ...LOCK,
    id: 'magnet-lock-delayed',
    name: 'Magnet lock with delayed egress, 12/24 V',
    short: 'delayed magnet',
    description:
      'Feels a push on the leaf, sounds, and releases after its delay. FA opens in a fire and releases at once; BY closes to let somebody through without an alarm. Re-armed with its key.',
    terminals: [...needed('+', '-', 'FA', 'FA-'), ...optional('BY', 'BY-', ...ALARM)],
    nodes: ['~coil'],
    parts: [
      board('+', '-', { amps: 0.09 }, [8.5, 30]),
      contact('hold', 'NC', '+', '~coil', 'released', 3),
      winding('winding', '~coil', '-', 27.9),
      dryInput('fire', 'FA', 'FA-', 'board'),
      dryInput('bypass', 'BY', 'BY-', 'board'),
      ...alarm,
    ],
    settings: [voltageJumper, ...settings],
    functions: [egress],
    lock: magnet(5300),
    roles: {
      lock: { plus: '+', minus: '-' },
      egress: { fire: { input: 'FA', common: 'FA-' }, bypass: { input: 'BY', common: 'BY-' } },
      alarmOut: { a: 'AC', b: 'ANO' },
    },
    ip: 'IP40',
    symbol: 'magnet',
  },
  {
    ...PASSIVE,
    id: 'delayed-egress-board',
    family: 'relay',
    tagPrefix: 'DE',
    place: 'enclosure',
    name: 'Delayed egress control board, 12/24 V',
    short: 'delayed egress',
    description:
      'For a fail-safe lock of its own: the switch of a push bar at PB starts the delay, LC to LN holds the lock until it is over. FA opens in a fire; BY closes to let somebody through; RS takes the key switch that re-arms it.',
    terminals: [
      ...needed('V+', 'V-', 'FA', 'FA-', 'LC', 'LN'),
      ...optional('PB', 'PB-', 'BY', 'BY-', 'RS', 'RS-', ...ALARM),
    ],
    parts: [
      board('V+', 'V-', { amps: 0.06 }, [8.5, 30]),
      contact('lock', 'NC', 'LC', 'LN', 'released', 3),
      dryInput('push', 'PB', 'PB-', 'board'),
      dryInput('fire', 'FA', 'FA-', 'board'),
      dryInput('bypass', 'BY', 'BY-', 'board'),
      dryInput('rearm', 'RS', 'RS-', 'board'),
      ...alarm,
    ],
    settings,
    functions: [{ ...egress, push: 'push', rearm: 'rearm' }],
    roles: {
      feed: { plus: 'V+', minus: 'V-' },
      egress: {
        fire: { input: 'FA', common: 'FA-' },
        bypass: { input: 'BY', common: 'BY-' },
        push: { input: 'PB', common: 'PB-' },
        holds: { com: 'LC', nc: 'LN' },
      },
      alarmOut: { a: 'AC', b: 'ANO' },
    },
    symbol: 'relay',
  },
];
