import { describe, expect, it } from 'vitest';
import { newDevice, HARDWARE_SETS } from '../brief/index';
import { applyEdit, conductorsOf, type Edit, type Person, type Plan } from '../plan/index';
import {
  magnetDoor,
  MAGNET_BRIEF,
  mustApply,
  STRIKE_BRIEF,
  strikeDoor,
  wireBetween,
  wiredDoor,
} from '../testing/doors';
import { intercomPlan } from '../testing/intercom';
import { metres, mm2 } from '../units/index';
import { checkContext, runChecks, type Finding, type FindingCode } from './index';

const built = new Map<string, Plan>();
/** A well-wired door of this set. */
function door(set: string): Plan {
  const known = built.get(set);
  if (known) return known;
  const egress = HARDWARE_SETS.find(({ id }) => id === set)?.electricalEgress;
  const plan = wiredDoor(set, egress ? MAGNET_BRIEF : STRIKE_BRIEF);
  built.set(set, plan);
  return plan;
}

const findingsOf = (plan: Plan, ...edits: Edit[]): Finding[] =>
  runChecks(checkContext(mustApply(plan, ...edits), 'D01'));
const bad = (findings: Finding[]) =>
  findings.filter(({ severity }) => severity === 'stop' || severity === 'fix').map(({ code }) => code);

const wire = (
  from: string,
  to: string,
  over: { gauge?: number; length?: number; cable?: string; number?: string } = {},
): Edit => ({
  kind: 'connect',
  conductor: {
    id: `D01/${over.number ?? 'W90'}`,
    door: 'D01',
    number: over.number ?? 'W90',
    from: `D01/${from}`,
    to: `D01/${to}`,
    colour: 'PK',
    gauge: mm2(over.gauge ?? 0.5),
    length: metres(over.length ?? 2),
    cable: over.cable ?? '',
    origin: 'hand',
  },
});
const id = (plan: Plan, one: string, two: string) => wireBetween(plan, one, two);
const drop = (plan: Plan, one: string, two: string): Edit => ({ kind: 'disconnect', id: id(plan, one, two) });
const patch = (plan: Plan, one: string, two: string, change: object): Edit => ({
  kind: 'setConductor',
  id: id(plan, one, two),
  patch: change,
});
const move = (plan: Plan, one: string, two: string, end: 'from' | 'to', to: string): Edit =>
  patch(plan, one, two, { [end]: `D01/${to}` });
const set = (device: string, setting: string, value: string | number): Edit => ({
  kind: 'setSetting',
  device: `D01/${device}`,
  setting,
  value,
});
const add = (plan: Plan, type: string, tag?: string): Edit => {
  const fresh = newDevice(plan, 'D01', type);
  return { kind: 'addDevice', device: tag ? { ...fresh, tag, id: `D01/${tag}` } : fresh };
};
const brief = (plan: Plan, change: object): Edit => ({
  kind: 'setDoor',
  id: 'D01',
  patch: { brief: { ...plan.doors['D01']!.brief, ...change } },
});
const cable = (plan: Plan, name: string, change: object): Edit => ({
  kind: 'setCable',
  id: `D01/${name}`,
  cable: { ...plan.cables[`D01/${name}`]!, ...change },
});
const crowd = (count: number): Edit[] =>
  Array.from({ length: count }, (_, n): Edit => {
    const person: Person = {
      id: `Q${n}`,
      name: `Person ${n}`,
      role: 'user',
      doors: ['D01'],
      code: '',
      card: null,
      slots: {},
    };
    return { kind: 'addPerson', person };
  });

const poe = () => door('magnet-poe');
const wet = () => door('strike-wet');
const timed = () => door('magnet-timed');
const bus = () => door('mortise-bus');
const operator = () => door('operator-strike');
const dock = () => door('dock-intercom');
const lobby = () => door('lobby-pull');
const two = () => door('shear-two-outputs');
const gate = () => door('gate-keypad');

/** The rule, the mistake in words, the door, and how the mistake is made. */
type Row = readonly [FindingCode, string, () => Plan, (plan: Plan) => Edit[]];

const ROWS: readonly Row[] = [
  ['short-circuit', 'plus and minus of the supply joined', magnetDoor, () => [wire('PS1.+V', 'PS1.0V')]],
  ['sources-joined', 'the 24 V and the 12 V supply joined', operator, () => [wire('PS1.+V', 'PS2.+V')]],
  [
    'link-superfluous',
    'a link to a common that the board already feeds',
    poe,
    (plan) => [add(plan, 'supply-12v'), wire('PS1.+V', 'K1.COM'), wire('PS1.0V', 'K1.0V', { number: 'W91' })],
  ],
  [
    'unswitched-ground',
    'the lock returned to the board’s 0 V',
    wet,
    (plan) => [move(plan, 'L1.-', 'K1.L1-NO', 'to', 'K1.0V')],
  ],
  ['part-bridged', 'plus and minus of the strike joined at the lock', wet, () => [wire('L1.+', 'L1.-')]],
  [
    'wrong-current',
    'a DC board on the bell transformer',
    dock,
    (plan) => [
      move(plan, 'PS1.+V', 'K1.+12', 'from', 'PS2.AC1'),
      move(plan, 'K1.0V', 'PS1.0V', 'to', 'PS2.AC2'),
    ],
  ],
  [
    'driven-output',
    'supply voltage on a speaker output',
    gate,
    (plan) => [
      add(plan, 'speaker-output', 'B9'),
      wire('PS1.+V', 'B9.SP+'),
      wire('B9.SP-', 'PS1.0V', { number: 'W91' }),
    ],
  ],
  [
    'size-outside-terminal',
    'a 4 mm² wire in a board terminal',
    magnetDoor,
    (plan) => [patch(plan, 'F1.NC', 'K1.COM1', { gauge: mm2(4) })],
  ],
  ['wire-twice', 'the same wire laid a second time', magnetDoor, () => [wire('F1.NC', 'K1.COM1')]],
  ['spare-legs-tied', 'the two spare legs of a pull station tied', lobby, () => [wire('EB1.1NO', 'EB1.2NC')]],
  [
    'circuits-crossed',
    'the alarm circuit joined to the lock circuit',
    lobby,
    () => [wire('EB1.1C', 'EB1.2C')],
  ],
  [
    'connector-reversed',
    'the terminal’s plug turned round',
    timed,
    (plan) => {
      const pins = ['+12', '0V', 'NC', 'COM', 'NO', 'SEN', 'G', 'BUT'];
      const mirror = (end: string) => {
        const index = pins.findIndex((pin) => end === `D01/K1.${pin}`);
        return index < 0 ? end : `D01/K1.${pins[pins.length - 1 - index]}`;
      };
      return conductorsOf(plan, 'D01').map((one): Edit => ({
        kind: 'setConductor',
        id: one.id,
        patch: { from: mirror(one.from), to: mirror(one.to) },
      }));
    },
  ],
  ['pigtails-loose', 'leads of a reader left over', magnetDoor, () => []],
  [
    'diode-reversed',
    'the diode’s stripe on minus',
    strikeDoor,
    (plan) => [move(plan, 'D1.K', 'L1.+', 'to', 'L1.-'), move(plan, 'D1.A', 'L1.-', 'to', 'L1.+')],
  ],
  [
    'varistor-below-supply',
    'a 12 V varistor on a 24 V strike',
    operator,
    (plan) => [
      { kind: 'removeDevice', id: 'D01/V1' },
      add(plan, 'varistor-18v', 'V9'),
      wire('V9.1', 'L1.+'),
      wire('V9.2', 'L1.-', { number: 'W91' }),
    ],
  ],
  [
    'suppression-too-high',
    'a varistor that clamps far above the coil',
    gate,
    (plan) => [
      { kind: 'removeDevice', id: 'D01/D1' },
      {
        kind: 'addType',
        type: {
          id: 'mains-varistor@1',
          version: 1,
          family: 'suppression',
          name: 'Varistor, mains',
          short: 'varistor',
          description: '',
          tagPrefix: 'V',
          place: 'frame',
          terminals: ['1', '2'].map((pin) => ({ id: pin, maxConductors: 2, use: 'needed' as const })),
          parts: [{ kind: 'varistor', id: 'body', a: '1', b: '2', clampVolts: 390, ohms: 5 }],
          settings: [],
          behaviour: { kind: 'passive' },
          roles: {},
          ip: 'IP20',
          symbol: 'varistor',
        },
      },
      { kind: 'addDevice', device: { ...newDevice(plan, 'D01', 'varistor-18v'), type: 'mains-varistor@1' } },
      wire('V1.1', 'L1.+'),
      wire('V1.2', 'L1.-', { number: 'W91' }),
    ],
  ],
  ['suppression-idle', 'a diode that lost its lead', strikeDoor, (plan) => [drop(plan, 'D1.A', 'L1.-')]],
  [
    'eol-missing',
    'a supervised contact without its resistor',
    bus,
    (plan) => [
      move(plan, 'K1.DC1', 'E1.1', 'to', 'C1.a'),
      { kind: 'removeDevice', id: 'D01/E1' },
      { kind: 'removeDevice', id: 'D01/E2' },
    ],
  ],
  ['eol-open', 'a wire of a supervised pair off', bus, (plan) => [drop(plan, 'K1.DC1', 'E1.1')]],
  [
    'eol-wrong-value',
    'a 10 kΩ resistor in a 2.2 kΩ line',
    bus,
    () => [{ kind: 'setDevice', id: 'D01/E1', patch: { type: 'eol-10k' } }],
  ],
  [
    'eol-on-plain-input',
    'resistors on an input set for a plain contact',
    bus,
    () => [set('K1', 'ch1.eol', 'none')],
  ],
  [
    'exit-held',
    'a normally closed button on an input for a normally open one',
    magnetDoor,
    (plan) => [move(plan, 'X1.NO', 'K1.G1', 'from', 'X1.NC')],
  ],
  [
    'lever-unheard',
    'a lever contact on the wrong input',
    wet,
    (plan) => [move(plan, 'K1.EX1', 'X1.a', 'from', 'K1.EX2')],
  ],
  ['lever-unlocks', 'a lever contact that also unlocks', wet, () => [set('K1', 'ch1.rex', 'unlocks')]],
  [
    'status-unused',
    'a bond contact that is not wired',
    poe,
    (plan) => [drop(plan, 'K1.S', 'L1.COM'), drop(plan, 'L1.NO', 'K1.G')],
  ],
  [
    'status-unread',
    'a bond contact that closes no input',
    poe,
    (plan) => [{ kind: 'removeDevice', id: 'D01/C1' }, move(plan, 'K1.S', 'L1.COM', 'from', 'K1.NO')],
  ],
  ['pull-unheard', 'the alarm wire of a pull station off', lobby, (plan) => [drop(plan, 'EB1.2NO', 'M1.L2')]],
  [
    'fire-through-controller',
    'the fire contact on an exit input',
    magnetDoor,
    (plan) => [
      move(plan, 'PS1.+V', 'F1.C', 'to', 'K1.COM1'),
      move(plan, 'F1.NC', 'K1.COM1', 'to', 'K1.EX1'),
      wire('F1.C', 'K1.G1'),
    ],
  ],
  ['cable-overfull', 'more wires than cores', magnetDoor, (plan) => [cable(plan, 'X1', { make: '2x0.5' })]],
  [
    'cable-size-differs',
    'a thin wire in a thick cable',
    magnetDoor,
    (plan) => [patch(plan, 'PS1.+V', 'X1.V+', { gauge: mm2(0.34) })],
  ],
  [
    'screen-missing',
    'reader data in a plain cable',
    magnetDoor,
    (plan) => [cable(plan, 'R1', { make: '4x0.5', screen: 'none' })],
  ],
  [
    'screen-both-ends',
    'a screen earthed at both ends',
    magnetDoor,
    (plan) => [cable(plan, 'R1', { screen: 'both' })],
  ],
  [
    'screen-unearthed',
    'a screen that is not earthed',
    magnetDoor,
    (plan) => [cable(plan, 'R1', { screen: 'none' })],
  ],
  [
    'interface-too-long',
    'a Wiegand reader at 180 m',
    magnetDoor,
    (plan) => [patch(plan, 'R1.D0', 'K1.D0-1', { length: metres(180) })],
  ],
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
      return [{ kind: 'setConductor', id: call.id, patch: { to: 'D02/AS1.CALL' } }];
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
        behaviour: { kind: 'passive' as const },
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

describe.each(ROWS)('%s: %s', (code, _what, make, edits) => {
  it('fires, with a remedy that settles it where there is one', () => {
    const plan = make();
    const broken = mustApply(plan, ...edits(plan));
    const doors = code === 'channel-beyond' ? 'D02' : 'D01';
    const found = runChecks(checkContext(broken, doors)).find((one) => one.code === code);
    expect(
      found,
      runChecks(checkContext(broken, doors))
        .map((one) => one.code)
        .join(),
    ).toBeDefined();
    if (!found?.remedy) return;
    const fixed = applyEdit(broken, found.remedy);
    if (!fixed.ok) throw new Error(JSON.stringify(fixed.refusal));
    expect(runChecks(checkContext(fixed.plan, doors)).filter((one) => one.code === code)).toEqual([]);
  });
});

describe('the right wiring', () => {
  it.each(HARDWARE_SETS.map(({ id: name }) => name))('of %s stays quiet', (name) => {
    expect(bad(findingsOf(door(name)))).toEqual([]);
  });
  it('of an intercom set stays quiet at both doors', () => {
    for (const one of ['D01', 'D02']) expect(bad(runChecks(checkContext(intercomPlan(), one)))).toEqual([]);
  });
});
