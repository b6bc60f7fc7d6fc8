import type { Place, SettingValue } from '../devices/index';
import type { Brief, DeadState, Schools } from '../plan/index';

/** Hardware that makes a whole door, to start from, with the schools it is wired by. */
export interface HardwareSet {
  readonly id: string;
  readonly name: string;
  readonly description: string;
  readonly deadState: DeadState;
  /** Whether the set gives people an electrical way out, so that no lever is needed. */
  readonly electricalEgress: boolean;
  readonly schools?: Partial<Schools>;
  readonly devices: readonly {
    readonly type: string;
    readonly settings?: Readonly<Record<string, SettingValue>>;
    readonly place?: Place;
  }[];
}

const of = (...types: string[]): HardwareSet['devices'] => types.map((type) => ({ type }));

export const HARDWARE_SETS: readonly HardwareSet[] = [
  {
    id: 'magnet-controller',
    name: 'Magnet, controller, separate supply',
    description:
      'Fail-safe magnet with break glass, touchless exit, door contact, reader and a dry two-door controller.',
    deadState: 'fail-safe',
    electricalEgress: true,
    devices: of(
      'supply-12v-battery',
      'controller-2-dry',
      'magnet-lock',
      'reader-wiegand',
      'exit-touchless',
      'break-glass-double',
      'door-contact',
      'fire-relay',
    ),
  },
  {
    id: 'magnet-delayed',
    name: 'Delayed egress magnet, controller, reader',
    description:
      'Who pushes sounds an alarm and is let out after 15 s; fire, break glass and a loss of power let go at once. Only where the local code allows a delay.',
    deadState: 'fail-safe',
    electricalEgress: true,
    devices: of(
      'supply-12v-battery',
      'controller-2-dry',
      'magnet-lock-delayed',
      'reader-wiegand',
      'break-glass-double',
      'door-contact',
      'fire-relay',
    ),
  },
  {
    id: 'strike-keypad',
    name: 'Strike on a keypad',
    description:
      'Fail-secure strike on a standalone keypad with a plain exit button. People leave by the lever.',
    deadState: 'fail-secure',
    electricalEgress: false,
    devices: [
      ...of('supply-12v-battery', 'keypad-slots'),
      { type: 'strike', settings: { mode: 'fail-secure' } },
      ...of('exit-button', 'flyback-diode'),
    ],
  },
  {
    id: 'strike-keypad-safe',
    name: 'Fail-safe strike on a keypad',
    description: 'For a door that rescuers must open: the strike lets go when the power is dead.',
    deadState: 'fail-safe',
    electricalEgress: true,
    devices: [
      ...of('supply-12v-battery', 'keypad-slots'),
      { type: 'strike', settings: { mode: 'fail-safe' } },
      ...of('exit-button', 'break-glass-double', 'fire-relay', 'flyback-diode'),
    ],
  },
  {
    id: 'magnet-poe',
    name: 'Monitored magnet, PoE controller, readers on both sides',
    description:
      'One network cable feeds controller, magnet and two readers. The output jumper is on wet: no link, no separate supply.',
    deadState: 'fail-safe',
    electricalEgress: true,
    schools: { release: 'wet-output' },
    devices: [
      { type: 'controller-1-poe', settings: { output: 'wet' } },
      ...of('magnet-lock-monitored', 'reader-wiegand'),
      { type: 'reader-wiegand', place: 'inside' },
      ...of('exit-button', 'break-glass-double', 'door-contact', 'fire-relay'),
    ],
  },
  {
    id: 'strike-wet',
    name: 'Strike on a wet output, lever contact',
    description:
      'The controller feeds the strike and switches its minus. The lever opens by itself; its contact only reports.',
    deadState: 'fail-secure',
    electricalEgress: false,
    schools: { release: 'wet-output', readerFeed: 'shared' },
    devices: of(
      'supply-12v-battery',
      'controller-2-wet',
      'strike-fail-secure',
      'reader-wiegand',
      'exit-lever-contact',
      'door-contact',
      'varistor-18v',
    ),
  },
  {
    id: 'magnet-timed',
    name: 'Magnet on a timed supply, finger terminal',
    description:
      'The terminal outside only asks: its relay triggers PUSH, and the supply on the safe side switches the magnet.',
    deadState: 'fail-safe',
    electricalEgress: true,
    schools: { release: 'timed-supply' },
    devices: of(
      'supply-12v-timed',
      'terminal-finger',
      'magnet-lock',
      'exit-button',
      'exit-motion',
      'break-glass-double',
      'door-contact',
      'fire-relay',
    ),
  },
  {
    id: 'mortise-bus',
    name: 'Electrified mortise lock, readers on an RS-485 bus',
    description:
      'A lever lock whose wired terminal decides what it does when dead; its lever contact reports; supervised door contact.',
    deadState: 'fail-secure',
    electricalEgress: false,
    schools: { contact: 'end-of-line', readerFeed: 'shared', status: 'with-contact' },
    devices: [
      ...of('supply-12v-battery', 'controller-2-bus', 'mortise-lock', 'reader-rs485'),
      { type: 'reader-rs485-keypad', place: 'inside' },
      ...of('door-contact', 'eol-2k2', 'eol-2k2', 'flyback-diode'),
    ],
  },
  {
    id: 'operator-strike',
    name: 'Door operator with fail-safe strike',
    description:
      'Keypad and exit activate the operator; its own relay lets the strike go, waits, opens, and locks again when shut.',
    deadState: 'fail-safe',
    electricalEgress: true,
    devices: [
      ...of(
        'supply-24v-battery',
        'supply-12v-battery',
        'keypad-slots',
        'strike-fail-safe-24',
        'operator-swing',
      ),
      ...of('exit-touchless', 'break-glass-double', 'fire-relay', 'varistor-38v'),
    ],
  },
  {
    id: 'dock-intercom',
    name: 'Strike on a keypad, AC intercom through a relay, bell',
    description:
      'An older handset gives 12 V AC: an interposing relay turns it into a dry contact, and its second pole buzzes at the door.',
    deadState: 'fail-secure',
    electricalEgress: false,
    devices: of(
      'supply-12v-battery',
      'transformer-12v-ac',
      'keypad-slots',
      'strike-fail-secure',
      'exit-button',
      'intercom-ac',
      'relay-interposing',
      'buzzer',
      'flyback-diode',
    ),
  },
  {
    id: 'lobby-pull',
    name: 'Double magnet, pull station, fire input of the supply',
    description:
      'For a lobby that is a trap unless released: the pull station opens the lock power and shorts the alarm line; fire drops every lock output.',
    deadState: 'fail-safe',
    electricalEgress: true,
    schools: { fire: 'supply-input' },
    devices: of(
      'supply-12v-fire',
      'controller-4-dry',
      'magnet-lock-double',
      'reader-wiegand',
      'exit-touchless',
      'pull-station',
      'alarm-monitor',
      'eol-10k',
      'door-contact',
      'fire-relay',
    ),
  },
  {
    id: 'shear-two-outputs',
    name: 'Shear lock on two outputs, minus switched',
    description:
      'A momentary code opens, a second one holds the door open: both relays in series in the minus leg. A contact keeps the lock from firing early.',
    deadState: 'fail-safe',
    electricalEgress: true,
    schools: { leg: 'minus' },
    devices: of(
      'supply-12v-battery',
      'keypad-two-relays',
      'shear-lock',
      'exit-button',
      'break-glass-double',
      'fire-relay',
      'bell-button',
      'chime',
    ),
  },
  {
    id: 'gate-keypad',
    name: 'Gate lock on a keypad, long cable',
    description: 'An impulse lets go of the gate latch. Inside, a handle opens it without power.',
    deadState: 'fail-secure',
    electricalEgress: false,
    devices: of(
      'supply-12v-battery',
      'keypad-overwrite',
      'gate-lock',
      'exit-button-lit',
      'bell-button',
      'chime',
      'flyback-diode',
    ),
  },
];

/** Sets that give this dead state, those that suit the brief first. */
export function proposeHardware(brief: Brief, state: DeadState): HardwareSet[] {
  const fits = (set: HardwareSet) => set.electricalEgress || brief.mechanicalEgress === true;
  return HARDWARE_SETS.filter((set) => set.deadState === state).sort(
    (a, b) => Number(fits(b)) - Number(fits(a)),
  );
}
