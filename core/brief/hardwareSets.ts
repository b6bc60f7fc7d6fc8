import type { SettingValue } from '../devices/index';
import type { Brief, DeadState } from '../plan/index';

/** Hardware that makes a whole door, to start from. */
export interface HardwareSet {
  readonly id: string;
  readonly name: string;
  readonly description: string;
  readonly deadState: DeadState;
  /** Whether the set gives people an electrical way out, so that no lever is needed. */
  readonly electricalEgress: boolean;
  readonly devices: readonly {
    readonly type: string;
    readonly settings?: Readonly<Record<string, SettingValue>>;
  }[];
}

export const HARDWARE_SETS: readonly HardwareSet[] = [
  {
    id: 'magnet-controller',
    name: 'Magnet, controller, separate supply',
    description:
      'Fail-safe magnet with break glass, touchless exit, door contact, reader and a dry two-door controller.',
    deadState: 'fail-safe',
    electricalEgress: true,
    devices: [
      { type: 'supply-12v-battery' },
      { type: 'controller-2-dry' },
      { type: 'magnet-lock' },
      { type: 'reader-wiegand' },
      { type: 'exit-touchless' },
      { type: 'break-glass-double' },
      { type: 'door-contact' },
      { type: 'fire-relay' },
    ],
  },
  {
    id: 'strike-keypad',
    name: 'Strike on a keypad',
    description:
      'Fail-secure strike on a standalone keypad with a plain exit button. People leave by the lever.',
    deadState: 'fail-secure',
    electricalEgress: false,
    devices: [
      { type: 'supply-12v-battery' },
      { type: 'keypad-slots' },
      { type: 'strike', settings: { mode: 'fail-secure' } },
      { type: 'exit-button' },
      { type: 'flyback-diode' },
    ],
  },
  {
    id: 'strike-keypad-safe',
    name: 'Fail-safe strike on a keypad',
    description: 'For a door that rescuers must open: the strike lets go when the power is dead.',
    deadState: 'fail-safe',
    electricalEgress: true,
    devices: [
      { type: 'supply-12v-battery' },
      { type: 'keypad-slots' },
      { type: 'strike', settings: { mode: 'fail-safe' } },
      { type: 'exit-button' },
      { type: 'break-glass-double' },
      { type: 'fire-relay' },
      { type: 'flyback-diode' },
    ],
  },
];

/** Sets that give this dead state, those that suit the brief first. */
export function proposeHardware(brief: Brief, state: DeadState): HardwareSet[] {
  const fits = (set: HardwareSet) => set.electricalEgress || brief.mechanicalEgress === true;
  return HARDWARE_SETS.filter((set) => set.deadState === state).sort(
    (a, b) => Number(fits(b)) - Number(fits(a)),
  );
}
