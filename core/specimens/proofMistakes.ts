import { blankCard, blankPerson, type Edit, type Person, type Plan } from '../plan/index';
import { metres, mm2 } from '../units/index';
import { magnetDoor, strikeDoor } from './doors';
import { add, drop, lobby, move, patch, set, type Row, wire } from './ruleEdits';

const become = (device: string, type: string): Edit => ({
  kind: 'setDevice',
  id: `D01/${device}`,
  patch: { type },
});
const person = (id: string, over: Partial<Person>): Edit => ({
  kind: 'addPerson',
  person: {
    ...blankPerson(id, `Person ${id}`),
    doors: ['D01'],
    ...over,
  },
});
/** What the keypad is recorded to hold. */
const holds = (slots: Readonly<Record<number, string>>): Edit => ({
  kind: 'setMemory',
  device: 'D01/K1',
  memory: {
    device: 'D01/K1',
    programmingCode: '864209',
    slots: Object.fromEntries(Object.entries(slots).map(([slot, code]) => [slot, { code, card: null }])),
    times: { unlock: 5 },
  },
});
const choose = (deadState: NonNullable<Plan['doors'][string]['deadState']> | null): Edit => ({
  kind: 'setDoor',
  id: 'D01',
  patch: { deadState },
});

/** Mistakes that the solved circuit, the proof or the list of people gives away. */
export const PROOF_MISTAKES: readonly Row[] = [
  [
    'not-wired',
    'hardware without a wire',
    magnetDoor,
    (plan) => Object.keys(plan.conductors).map((id): Edit => ({ kind: 'disconnect', id })),
  ],
  ['over-voltage', 'a 12 V door on 24 V', magnetDoor, () => [become('PS1', 'supply-24v-battery')]],
  [
    'contact-overload',
    'lock current through a door contact’s reed',
    magnetDoor,
    (plan) => [
      become('L1', 'magnet-lock-monitored'),
      move(plan, 'F1.NC', 'K1.COM1', 'to', 'C1.a'),
      wire('C1.b', 'K1.COM1'),
    ],
  ],
  [
    'leaf-misread',
    'a bond contact in series with the door contact',
    magnetDoor,
    (plan) => [
      become('L1', 'magnet-lock-monitored'),
      move(plan, 'C1.b', 'K1.G1', 'to', 'L1.COM'),
      wire('L1.NO', 'K1.G1'),
    ],
  ],
  [
    'fuse-overload',
    'a whole door behind a fuse that is too small',
    magnetDoor,
    (plan) => [
      add(plan, 'fuse-inline', 'FU1'),
      set('FU1', 'fuse', '0.5'),
      ...['F1.C', 'K1.+12', 'R1.V+', 'X1.V+'].map((to) => move(plan, 'PS1.+V', to, 'from', 'FU1.2')),
      wire('PS1.+V', 'FU1.1'),
    ],
  ],
  [
    'fuse-blows',
    'a short behind the fuse of the lock',
    magnetDoor,
    (plan) => [
      add(plan, 'fuse-inline', 'FU1'),
      move(plan, 'PS1.+V', 'F1.C', 'from', 'FU1.2'),
      wire('PS1.+V', 'FU1.1'),
      wire('L1.+', 'L1.-', { number: 'W91' }),
    ],
  ],
  [
    'release-kills',
    'a reader fed from behind the fire contact',
    magnetDoor,
    (plan) => [move(plan, 'PS1.+V', 'R1.V+', 'from', 'F1.NC')],
  ],
  [
    'contact-inverted',
    'a latch contact in place of a door contact',
    magnetDoor,
    () => [become('C1', 'bolt-contact')],
  ],
  [
    'device-under-voltage',
    'a reader at the end of a long thin pair',
    magnetDoor,
    (plan) => [
      patch(plan, 'PS1.+V', 'R1.V+', { gauge: mm2(0.22), length: metres(400) }),
      patch(plan, 'R1.V-', 'PS1.0V', { gauge: mm2(0.22), length: metres(400) }),
    ],
  ],
  [
    'headroom',
    'a supply of one ampere for a magnet and a long-range reader',
    magnetDoor,
    () => [become('PS1', 'poe-splitter-12v'), become('R1', 'reader-long-range')],
  ],
  ['no-battery', 'a supply without battery', magnetDoor, () => [become('PS1', 'supply-12v')]],
  ['dead-state-open', 'a brief answered and nothing chosen', magnetDoor, () => [choose(null)]],
  [
    'dead-state-overridden',
    'another dead state than is recommended',
    magnetDoor,
    () => [choose({ state: 'fail-secure', overrideReason: 'The archive insists.', by: 'I. Calloway' })],
  ],
  [
    'fire-unwatched',
    'a fire contact that closes on alarm',
    lobby,
    (plan) => [move(plan, 'F1.NC', 'PS1.FC', 'from', 'F1.NO'), set('PS1', 'trigger', 'NO')],
  ],
  ['not-released', 'the fire relay bridged', magnetDoor, () => [wire('F1.C', 'F1.NC')]],
  [
    'locked-out',
    'both data wires off',
    magnetDoor,
    (plan) => [drop(plan, 'R1.D0', 'K1.D0-1'), drop(plan, 'R1.D1', 'K1.D1-1')],
  ],
  ['not-kept-out', 'the return of the magnet off', magnetDoor, (plan) => [drop(plan, 'EB1.2C', 'PS1.0V')]],
  [
    'not-proven',
    'a magnet that neither holds nor lets go',
    magnetDoor,
    (plan) => [patch(plan, 'EB1.1NC', 'L1.+', { gauge: mm2(0.22), length: metres(60) })],
  ],
  [
    'card-lost',
    'both data wires on free terminals',
    magnetDoor,
    (plan) => [
      move(plan, 'R1.D0', 'K1.D0-1', 'to', 'K1.NO2'),
      move(plan, 'R1.D1', 'K1.D1-1', 'to', 'K1.NC2'),
    ],
  ],
  ['reader-dead', 'a reader without its plus', magnetDoor, (plan) => [drop(plan, 'PS1.+V', 'R1.V+')]],
  ['nobody-on-list', 'a door that nobody may open', magnetDoor, () => []],
  [
    'code-refused',
    'a code of three digits',
    strikeDoor,
    () => [person('P1', { code: '123', slots: { 'D01/K1': 1 } })],
  ],
  ['slot-missing', 'somebody without a slot', strikeDoor, () => [person('P1', { code: '480216' })]],
  [
    'code-shared',
    'two people with one code',
    strikeDoor,
    () => [
      person('P1', { code: '480216', slots: { 'D01/K1': 1 } }),
      person('P2', { code: '480216', slots: { 'D01/K1': 2 } }),
    ],
  ],
  [
    'code-weak',
    'a code that runs up',
    strikeDoor,
    () => [person('P1', { code: '3456', role: 'administrator', slots: { 'D01/K1': 1 } })],
  ],
  [
    'card-unseen',
    'cards of 34 bits at a controller that waits for 26',
    magnetDoor,
    () => [person('P1', { cards: [{ ...blankCard(900, 17), format: 'bits-34' }] })],
  ],
  [
    'nobody-administers',
    'nobody who holds the programming code',
    strikeDoor,
    () => [person('P1', { code: '480216', slots: { 'D01/K1': 1 } })],
  ],
  [
    'all-administer',
    'everybody an administrator',
    strikeDoor,
    () =>
      ['480216', '739105', '516782'].map((code, i) =>
        person(`P${i}`, { code, role: 'administrator', slots: { 'D01/K1': i + 1 } }),
      ),
  ],
  [
    'leaver-opens',
    'somebody off the list whose code still stands in the keypad',
    strikeDoor,
    () => [person('P1', { code: '480216', doors: [] }), holds({ 4: '480216' })],
  ],
  [
    'lost-card-opens',
    'a card that is reported lost and still stands in the keypad',
    strikeDoor,
    () => [
      person('P1', { cards: [{ ...blankCard(71, 2001), lost: '2026-11-20' }] }),
      {
        kind: 'setMemory',
        device: 'D01/K1',
        memory: {
          device: 'D01/K1',
          programmingCode: '731946',
          slots: { 5: { code: null, card: { facility: 71, number: 2001 } } },
          times: {},
        },
      },
    ],
  ],
  [
    'keypad-unknown',
    'a keypad of which only one slot was looked at',
    strikeDoor,
    () => [
      {
        kind: 'setMemory',
        device: 'D01/K1',
        memory: { device: 'D01/K1', programmingCode: '731946', slots: {}, times: {}, rest: 'unknown' },
      },
    ],
  ],
  [
    'menu-open',
    'a terminal that holds people and no administrator',
    strikeDoor,
    () => [become('K1', 'terminal-finger-port'), holds({ 1: '480216' })],
  ],
  [
    'code-of-nobody',
    'a finger that is nobody’s beside a code that is somebody’s',
    strikeDoor,
    () => [
      become('K1', 'terminal-finger-port'),
      person('P1', { code: '480216', slots: { 'D01/K1': 1 } }),
      {
        kind: 'setMemory',
        device: 'D01/K1',
        memory: {
          device: 'D01/K1',
          programmingCode: '',
          slots: { 1: { code: '480216', card: null, fingers: ['?'], administers: true } },
          times: {},
        },
      },
    ],
  ],
  ['code-of-nobody', 'a code in a slot that is nobody’s', strikeDoor, () => [holds({ 7: '271828' })]],
];
