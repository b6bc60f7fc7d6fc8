import type { SettingValue } from '../devices/index';
import type { Edit, Plan } from '../plan/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF } from './doors';
import { installed } from './installation';
import { door, set } from './ruleEdits';
import { spotted, type SpottedMistake } from './spotted';

/** A door that keeps hours: a magnet on a network controller, with a reader on each side. */
export const hourDoor = (settings: Readonly<Record<string, SettingValue>> = {}): Plan =>
  installed({
    name: 'Reading room',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-12v-5a',
      { type: 'controller-1-full', settings },
      'reader-wiegand',
      { type: 'reader-mullion', place: 'inside' },
      'magnet-lock',
      'exit-button',
      'break-glass-double',
      'fire-relay',
      'door-contact',
    ],
  });

/** Hours of an office, and the edit that makes them a door's free passage. */
export const officeHours: Edit = {
  kind: 'addHours',
  hours: {
    id: 'office',
    name: 'Office',
    order: 1,
    rows: [{ days: [1, 2, 3, 4, 5], from: 420, to: 1140 }],
    holidays: [],
  },
};
const freeAt = (id: string): Edit => ({ kind: 'setDoor', id: 'D01', patch: { freePassage: id } });

/** With one reader, outside: nobody tells its controller who has left. */
const oneReader = (): Plan =>
  installed({
    name: 'Stock',
    brief: STRIKE_BRIEF,
    devices: ['supply-12v-5a', 'controller-1-full', 'reader-wiegand', 'strike-fail-secure', 'door-contact'],
  });

/** Doors that keep hours, and watch who comes in twice. */
export const HOUR_MISTAKES: readonly SpottedMistake[] = [
  spotted(
    'hours-not-kept',
    'caution',
    'K1',
    'free passage asked of a keypad without a clock',
    () => mustApply(door('strike-keypad-safe'), officeHours),
    () => [freeAt('office')],
  ),
  spotted(
    'passage-unset',
    'fix',
    'K1',
    'hours of free passage that the controller is not told of',
    () => mustApply(hourDoor(), officeHours),
    () => [freeAt('office')],
  ),
  spotted('passback-one-side', 'fix', 'K1', 'passback at a door without a reader inside', oneReader, () => [
    set('K1', 'ch1.passback', 'refuses'),
  ]),
  spotted(
    'passback-follows',
    'note',
    'K1',
    'passback at a door that re-locks by time alone',
    () => mustApply(hourDoor(), set('K1', 'ch1.relock', 'close')),
    () => [set('K1', 'ch1.passback', 'refuses'), set('K1', 'ch1.relock', 'time')],
  ),
];
