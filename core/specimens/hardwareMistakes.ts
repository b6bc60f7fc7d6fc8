import { terminalOf } from './terminalOf';
import { newDevice } from '../brief/index';
import { type Edit } from '../plan/index';
import { metres } from '../units/index';
import { magnetDoor, strikeDoor } from './doors';
import { menuDoor } from './menuDoor';
import { intercomPlan } from './intercom';
import {
  add,
  brief,
  bus,
  crowd,
  drop,
  gate,
  move,
  operator,
  patch,
  set,
  two,
  wire,
  type Row,
} from './ruleEdits';

/** Mistakes with devices, buses, intercoms and the weather, each with the rule that names it. */
export const HARDWARE_MISTAKES: readonly Row[] = [
  [
    'sensor-without-supply',
    'a touchless exit without supply',
    magnetDoor,
    (plan) => [drop(plan, 'PS1.+V', 'X1.V+'), drop(plan, 'X1.V-', 'PS1.0V')],
  ],
  [
    'common-missing',
    'a reader on a supply of its own, 0 V not joined',
    magnetDoor,
    (plan) => [
      add(plan, 'supply-12v', 'PS9'),
      move(plan, 'PS1.+V', 'R1.V+', 'from', 'PS9.+V'),
      move(plan, 'R1.V-', 'PS1.0V', 'to', 'PS9.0V'),
    ],
  ],
  [
    'offline-lets-all-in',
    'a controller that lets in every card of the site while the network is lost',
    () => menuDoor('controller-1-menu'),
    () => [set('K1', 'offline', 'facility')],
  ],
  [
    'phone-range',
    'a reader that hears a phone through the wall',
    magnetDoor,
    () => [
      { kind: 'setDevice', id: 'D01/R1', patch: { type: 'reader-wiegand-phone' } },
      set('R1', 'range', 'far'),
    ],
  ],
  [
    'input-unset',
    'a wire on an input that its menu leaves unused',
    () => menuDoor('controller-1-menu'),
    () => [wire('K1.IN3', 'K1.G')],
  ],
  [
    'input-twice',
    'two inputs set as the contact of one door',
    () => menuDoor('controller-1-menu'),
    () => [set('K1', 'in3', 'contact')],
  ],
  [
    'bus-forked',
    'three readers from one joint',
    bus,
    (plan) => [
      add(plan, 'reader-rs485', 'R9'),
      wire('R9.A', 'R1.A'),
      wire('R9.B', 'R1.B', { number: 'W91' }),
    ],
  ],
  ['bus-unterminated', 'the last reader’s terminator off', bus, () => [set('R2', 'terminator', 'off')]],
  ['bus-terminated-midway', 'a terminator on in the middle', bus, () => [set('R1', 'terminator', 'on')]],
  ['bus-too-long', 'a bus of 1.3 km', bus, (plan) => [patch(plan, 'K1.A', 'R1.A', { length: metres(1300) })]],
  [
    'bus-overloaded',
    'more than 32 unit loads',
    bus,
    (plan) => {
      const edits: Edit[] = [];
      for (let n = 10; n < 42; n += 1) {
        edits.push(add(plan, 'reader-rs485', `R${n}`));
        const before = n === 10 ? 'R2' : `R${n - 1}`;
        edits.push(
          wire(`${before}.A`, `R${n}.A`, { number: `A${n}` }),
          wire(`${before}.B`, `R${n}.B`, { number: `B${n}` }),
        );
      }
      return edits;
    },
  ],
  ['address-clash', 'two readers at one address', bus, () => [set('R2', 'address', 1)]],
  ['address-of-other-door', 'an even address at the first door', bus, () => [set('R1', 'address', 2)]],
  ['reader-kind', 'a Wiegand reader at a bus controller', bus, (plan) => [add(plan, 'reader-wiegand', 'R9')]],
  [
    'network-address-open',
    'a network terminal without an address',
    gate,
    (plan) => [add(plan, 'terminal-card', 'K9')],
  ],
  [
    'network-address-clash',
    'two devices at one network address',
    gate,
    (plan) => [
      add(plan, 'terminal-card', 'K8'),
      add(plan, 'terminal-card', 'K9'),
      set('K8', 'ip', '10.0.4.21'),
      set('K9', 'ip', '10.0.4.21'),
    ],
  ],
  [
    'channel-clash',
    'two door stations on one channel',
    intercomPlan,
    () => [{ kind: 'setSetting', device: 'D02/DS1', setting: 'channel', value: 1 }],
  ],
  [
    'channel-line-differs',
    'a station set to a channel it is not wired to',
    intercomPlan,
    () => [set('DS1', 'channel', 3)],
  ],
  [
    'station-not-parallel',
    'a lead between the two answering stations off',
    intercomPlan,
    (plan) =>
      Object.values(plan.conductors)
        .filter(({ from, to }) => from.startsWith('D01/AS1.') && to === from.replace('D01', 'D02'))
        .slice(-1)
        .map(({ id }): Edit => ({ kind: 'disconnect', id })),
  ],
  [
    'intercom-second-supply',
    'a second supply in the set',
    intercomPlan,
    (plan) => [add(plan, 'intercom-supply', 'IS9')],
  ],
  [
    'intercom-no-supply',
    'a set without its supply',
    intercomPlan,
    () => [{ kind: 'removeDevice', id: 'D01/IS1' }],
  ],
  [
    'intercom-no-answer',
    'a set that nobody answers',
    intercomPlan,
    () => [
      { kind: 'removeDevice', id: 'D01/AS1' },
      { kind: 'removeDevice', id: 'D02/AS1' },
    ],
  ],
  ['jumper-with-three-cores', 'three cores with the jumper in', intercomPlan, () => [wire('AS1.-', 'DS1.-')]],
  ['jumper-missing', 'two cores without the jumper', intercomPlan, () => [set('DS1', 'jumper', 'out')]],
  [
    'key-releases-nothing',
    'the release relay on another channel’s key',
    intercomPlan,
    (plan) => [move(plan, 'AS1.K1', 'Q1.A1', 'from', 'AS1.K3')],
  ],
  [
    'call-not-crossed',
    'the call wired straight',
    intercomPlan,
    (plan) => {
      const call = Object.values(plan.conductors).find(({ from }) => from === 'D01/AS1.CALL')!;
      return [{ kind: 'setConductor', id: call.id, patch: { to: terminalOf('D02/AS1.CALL') } }];
    },
  ],
  [
    'release-beside-audio',
    'the release wires in the speech cable',
    intercomPlan,
    (plan) => {
      const audio = Object.values(plan.conductors).find(({ to }) => to === 'D01/DS1.CH')!;
      return [patch(plan, 'AS1.K1', 'Q1.A1', { cable: audio.cable })];
    },
  ],
  ['bell-silent', 'the return of the chime off', gate, (plan) => [drop(plan, 'B2.-', 'PS1.0V')]],
  [
    'second-output-idle',
    'the second relay bypassed',
    two,
    (plan) => [move(plan, 'EB1.1C', 'K1.NC2', 'to', 'K1.NC')],
  ],
  ['operator-unasked', 'the activation wire off', operator, (plan) => [drop(plan, 'O1.ACT', 'K1.COM')]],
  [
    'operator-blocked',
    'the operator’s lock relay left out of the lock’s power',
    operator,
    (plan) => [move(plan, 'F1.NC', 'O1.LC', 'to', 'O1.LNC')],
  ],
  ['operator-too-soon', 'no wait between release and opening', operator, () => [set('O1', 'op.delay', 0)]],
  [
    'contact-inrush',
    'an electric panic bar on a small relay',
    strikeDoor,
    (plan) => [
      { kind: 'setSetting', device: 'D01/L1', setting: 'mode', value: null },
      { kind: 'setDevice', id: 'D01/L1', patch: { type: 'exit-bar-electric' } },
      add(plan, 'supply-24v-battery', 'PS9'),
      move(plan, 'PS1.+V', 'K1.COM', 'from', 'PS9.+V'),
      move(plan, 'L1.-', 'PS1.0V', 'to', 'PS9.0V'),
    ],
  ],
  [
    'not-weatherproof',
    'an indoor housing in the weather',
    gate,
    (plan) => [
      brief(plan, { outdoors: true }),
      { kind: 'setDevice', id: 'D01/X1', patch: { place: 'outside' } },
    ],
  ],
  ['throws-before-shut', 'a shear lock that re-locks by time', two, () => []],
  ['capacity-exceeded', 'a hundred people in a keypad for 99', gate, () => crowd(100)],
  [
    'channel-beyond',
    'a station on a channel that the answering station has not got',
    intercomPlan,
    (plan) => {
      const type = {
        id: 'one-line-answer@1',
        version: 1,
        family: 'intercom' as const,
        name: 'Answering station, one channel',
        short: 'answer',
        description: '',
        tagPrefix: 'AS',
        place: 'inside' as const,
        terminals: ['+', '-', 'E', '1', 'K1', 'CALL', 'CI'].map((pin) => ({
          id: pin,
          maxConductors: 2,
          use: 'optional' as const,
        })),
        parts: [],
        settings: [],
        functions: [],
        roles: {
          intercom: {
            part: 'answering-station' as const,
            plus: '+',
            minus: '-',
            common: 'E',
            channels: [{ line: '1', key: 'K1' }],
            call: 'CALL',
            callIn: 'CI',
          },
        },
        ip: 'IP20',
        symbol: 'handset' as const,
      };
      const fresh = newDevice(plan, 'D01', 'intercom-answering-station');
      return [
        { kind: 'addType', type },
        { kind: 'addDevice', device: { ...fresh, type: type.id } },
        { kind: 'setSetting', device: 'D02/DS1', setting: 'channel', value: 2 },
      ];
    },
  ],
];
