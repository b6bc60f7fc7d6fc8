import type { Brief } from '#core/plan/index';
import { metres } from '#core/units/index';

/** A door of the demo: which hardware set it starts from, and how far its enclosure is. */
export interface DemoDoor {
  readonly id: string;
  readonly name: string;
  readonly set: string | null;
  readonly brief: Partial<Brief>;
  readonly run: number;
  /** More devices than the set has. */
  readonly extra?: readonly {
    readonly type: string;
    readonly settings?: Readonly<Record<string, string | number>>;
  }[];
  readonly notes?: string;
  /** What this door shows of how practitioners differ. */
  readonly shows: string;
}

const gallery: Partial<Brief> = {
  protects: 'general',
  escapeRoute: true,
  mechanicalEgress: false,
  rescuers: true,
  keyOverride: null,
  fireDoor: false,
  ownLatch: null,
  bothLeaves: null,
};
const workshop: Partial<Brief> = {
  protects: 'equipment',
  escapeRoute: true,
  mechanicalEgress: true,
  rescuers: false,
  keyOverride: null,
  fireDoor: false,
  ownLatch: null,
  bothLeaves: null,
};

export const DOORS: readonly DemoDoor[] = [
  {
    id: 'D01',
    name: 'Street portal',
    set: 'operator-strike',
    brief: {
      protects: 'people',
      escapeRoute: true,
      mechanicalEgress: true,
      rescuers: true,
      keyOverride: null,
      fireDoor: false,
      ownLatch: null,
      bothLeaves: null,
      slowWalkers: true,
      outdoors: true,
      readerDistance: metres(4),
    },
    run: 18,
    notes: 'The keypad stands at the foot of the ramp, four metres from the handle.',
    shows:
      'Automatic operator with a fail-safe strike on its own lock relay; 24 V and 12 V side by side; varistor.',
  },
  {
    id: 'D02',
    name: 'Reading room',
    set: 'magnet-controller',
    brief: gallery,
    run: 9,
    shows:
      'Magnet on a dry controller with a separate supply; positive leg switched; double-pole break; Wiegand.',
  },
  {
    id: 'D03',
    name: 'Map gallery east',
    set: 'magnet-controller',
    brief: gallery,
    run: 12,
    notes: 'Released by fire zone 2.',
    shows: 'The same, with a fire release that must latch.',
  },
  {
    id: 'D04',
    name: 'Cold vault',
    set: 'strike-keypad',
    brief: {
      protects: 'valuables',
      escapeRoute: false,
      mechanicalEgress: true,
      rescuers: false,
      keyOverride: null,
      fireDoor: true,
      ownLatch: null,
      bothLeaves: null,
    },
    run: 14,
    notes: 'A panic bar inside retracts the latch.',
    shows: 'Fail-secure strike on a standalone keypad’s own relay; flyback diode.',
  },
  {
    id: 'D05',
    name: 'Binding shop',
    set: 'strike-keypad',
    brief: workshop,
    run: 8,
    shows: 'The same, with a keypad that has to be keyed in.',
  },
  {
    id: 'D06',
    name: 'Loading dock',
    set: 'dock-intercom',
    brief: { ...workshop, protects: 'general' },
    run: 26,
    shows: 'AC intercom through an interposing relay onto a dry input; its second pole buzzes at the door.',
  },
  {
    id: 'D07',
    name: 'Map gallery west',
    set: 'magnet-controller',
    brief: gallery,
    run: 16,
    shows: 'Two mistakes in one lock loop.',
  },
  {
    id: 'D08',
    name: 'Plant room',
    set: null,
    brief: { protects: 'equipment', escapeRoute: false },
    run: 20,
    shows: 'A door that nobody has begun.',
  },
  {
    id: 'D09',
    name: 'Vestibule outer',
    set: 'lobby-pull',
    brief: gallery,
    run: 10,
    notes: 'The lift is recalled in a fire: without a release this vestibule is a trap.',
    shows:
      'Double magnet; pull station with two circuits; alarm line with its resistor; fire input of the supply.',
  },
  {
    id: 'D10',
    name: 'Staff entrance',
    set: 'magnet-poe',
    brief: gallery,
    run: 11,
    extra: [
      { type: 'intercom-door-station', settings: { channel: 2 } },
      { type: 'intercom-answering-station' },
      { type: 'intercom-supply' },
      { type: 'relay-interposing' },
    ],
    shows: 'PoE controller with a wet output; readers on both sides; monitored magnet; intercom set.',
  },
  {
    id: 'D11',
    name: 'Stair door two',
    set: 'strike-wet',
    brief: { ...workshop, protects: 'general', fireDoor: true },
    run: 15,
    shows:
      'Wet output that switches its own negative; lever contact that reports; reader fed by the controller; varistor.',
  },
  {
    id: 'D12',
    name: 'Conservation lab',
    set: 'mortise-bus',
    brief: { ...workshop, protects: 'valuables' },
    run: 20,
    shows: 'Electrified mortise lock; RS-485 readers on both sides with shared supply; supervised contact.',
  },
  {
    id: 'D13',
    name: 'Garden gate',
    set: 'magnet-timed',
    brief: { ...gallery, outdoors: true },
    run: 22,
    extra: [{ type: 'intercom-door-station', settings: { channel: 1 } }, { type: 'relay-interposing' }],
    notes: 'The fingerprint terminal stands on the street side: it may only ask.',
    shows:
      'Terminal’s relay triggers the PUSH of a timed supply; button, motion sensor and intercom in parallel.',
  },
  {
    id: 'D14',
    name: 'Vestibule inner',
    set: 'shear-two-outputs',
    brief: gallery,
    run: 12,
    shows: 'Two outputs in series on one lock; negative leg switched; bell.',
  },
];
