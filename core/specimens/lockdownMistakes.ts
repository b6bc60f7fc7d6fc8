import { settingFor } from '../devices/index';
import { typeIn, type Edit, type Plan } from '../plan/index';
import { MAGNET_BRIEF, mustApply, strikeDoor, STRIKE_BRIEF } from './doors';
import { siteRelay } from './fireSites';
import { installed } from './installation';
import { add, brief, door, drop, move, set, wire } from './ruleEdits';
import { spotted, type SpottedMistake } from './spotted';
import { terminalOf } from './terminalOf';
import { twoLeaves } from './twoLeaves';
import { vestibule } from './vestibule';

/** What keeps people out, holds doors, or moves leaves must keep nobody in, and be heeded. */

/** The lock past its break glass, which then lets nobody out. */
const pastTheGlass = (plan: Plan): Edit[] => [
  drop(plan, 'EB1.1NC', 'L1.+'),
  drop(plan, 'L1.-', 'EB1.2NC'),
  { kind: 'setConductor', id: 'D01/W03', patch: { to: terminalOf('D01/L1.+') } },
  { kind: 'setConductor', id: 'D01/W06', patch: { from: terminalOf('D01/L1.-') } },
];

/** A door on a controller that DIP switches set. */
const dipped = (): Plan =>
  installed({
    name: 'x',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-12v-5a',
      'controller-2-dip',
      'reader-rs485',
      'magnet-lock',
      'exit-button',
      'break-glass-double',
    ],
  });

/** A controller whose lid is watched by its own tamper loop. */
const lidded = (): Plan =>
  installed({
    name: 'x',
    brief: STRIKE_BRIEF,
    devices: [
      'supply-12v-5a',
      'controller-1-full',
      'reader-wiegand',
      'strike-fail-secure',
      'exit-button',
      'tamper-switch',
    ],
  });

/** A magnet on a supply with a battery, on no escape route. */
const batteryDoor = (): Plan => {
  const plan = door('magnet-controller');
  return mustApply(plan, brief(plan, { escapeRoute: false }));
};

/** Two doors on one relay of the site, which falls back when the panel is reset. */
const followingRelay = (): Plan =>
  mustApply(siteRelay(), { kind: 'setSetting', device: 'F1', setting: 'latch', value: 'following' });

/** A sliding gate whose drive feels what is in its way. */
const slidingGate = (): Plan =>
  installed({
    name: 'x',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-24v-5a',
      'supply-12v-1a',
      'operator-slide',
      'controller-1-dry',
      'reader-long-range',
      'exit-button',
      'safety-edge',
      'stop-button',
    ],
  });

/** A heavy swing door whose operator is told of whoever stands in the way. */
const heavySwing = (): Plan =>
  installed({
    name: 'x',
    brief: MAGNET_BRIEF,
    devices: [
      'supply-24v-battery',
      'supply-12v-battery',
      'operator-swing-full',
      'strike-fail-safe-24',
      'keypad-slots',
      'exit-motion',
      'presence-sensor',
      'presence-sensor',
    ],
  });

/** A fire door that people leave by its lever, with an operator that the fire relay shuts. */
export const fireSwing = (): Plan =>
  installed({
    name: 'x',
    brief: { ...STRIKE_BRIEF, fireDoor: true },
    devices: [
      'supply-24v-battery',
      'supply-12v-battery',
      'keypad-slots',
      'strike-fail-secure',
      'operator-swing',
      'exit-touchless',
      'fire-relay',
      'flyback-diode',
    ],
  });

/** The setting that says how long the keypad of a door releases it. */
const unlockOf = (plan: Plan): string =>
  settingFor(typeIn(plan, plan.devices['D01/K1']!), 'unlock', 0)?.id ?? '';

/** What keeps people out must keep nobody in: lockdown and interlock. */
export const KEPT_SHUT: readonly SpottedMistake[] = [
  spotted('dip-forbidden', 'fix', 'K1', 'two switches that together are a test mode', dipped, () => [
    set('K1', 'ch1.relock', 'time'),
    set('K1', 'ch2.relock', 'time'),
  ]),
  spotted('lockdown-idle', 'fix', 'LD1', 'a lockdown button off its input', vestibule, () => [
    { kind: 'disconnect', id: 'D01/W17' },
  ]),
  spotted(
    'fire-door-unlatched',
    'stop',
    'L1',
    'a fail-safe strike at a fire door',
    () => door('strike-keypad-safe'),
    (plan) => [brief(plan, { fireDoor: true })],
  ),
  spotted('battery-holds', 'note', 'L1', 'a magnet on a battery, on a way out', batteryDoor, (plan) => [
    brief(plan, { escapeRoute: true }),
  ]),
  spotted(
    'relock-unseen',
    'note',
    'F1',
    'a latched relay of the site is reset elsewhere',
    followingRelay,
    () => [{ kind: 'setSetting', device: 'F1', setting: 'latch', value: 'latching' }],
  ),
  spotted(
    'leaf-unwatched',
    'caution',
    'L2',
    'a second leaf without a contact',
    () => mustApply(twoLeaves('magnet-lock'), { kind: 'setDevice', id: 'D01/L2', patch: { leaf: 1 } }),
    () => [{ kind: 'setDevice', id: 'D01/L2', patch: { leaf: 2 } }],
  ),
  spotted(
    'leaf-without-lock',
    'fix',
    'L1',
    'the one lock noted at the second leaf',
    () => door('magnet-controller'),
    () => [{ kind: 'setDevice', id: 'D01/L1', patch: { leaf: 2 } }],
  ),
  spotted(
    'language-unknown',
    'fix',
    'K1',
    'a keypad of an own type whose language nobody described',
    () => door('strike-keypad'),
    (plan) => {
      const type = {
        ...typeIn(plan, plan.devices['D01/K1']!),
        id: 'found-keypad@1',
        language: 'leaflet-lost',
      };
      return [
        { kind: 'addType', type },
        { kind: 'setDevice', id: 'D01/K1', patch: { type: type.id } },
      ];
    },
  ),
  spotted('operator-unminded', 'caution', 'O1', 'the safety edge bridged', slidingGate, () => [
    wire('O1.SAFE', 'O1.G'),
  ]),
  spotted('operator-unminded', 'caution', 'O1', 'the presence sensor bridged', heavySwing, () => [
    wire('O1.SAFE', 'O1.G'),
  ]),
  spotted(
    'operator-unminded',
    'caution',
    'O1',
    'an operator of an own type that does not say how hard it pushes',
    () => door('operator-strike'),
    (plan) => {
      const its = typeIn(plan, plan.devices['D01/O1']!);
      const type = {
        ...its,
        id: 'own-operator@1',
        functions: its.functions.map((one) => (one.kind === 'operator' ? { ...one, force: undefined } : one)),
      };
      return [
        { kind: 'addType', type },
        { kind: 'setDevice', id: 'D01/O1', patch: { type: type.id } },
      ];
    },
  ),
  spotted('operator-in-fire', 'stop', 'O1', 'its fire loop not listened to', fireSwing, () => [
    set('O1', 'op.fire', 'off'),
  ]),
  spotted('operator-in-fire', 'stop', 'O1', 'its fire loop bridged', fireSwing, (plan) => [
    move(plan, 'O1.FIRE', 'F1.C', 'to', 'O1.G'),
    drop(plan, 'F1.NC', 'O1.G'),
  ]),
  spotted(
    'duty-exceeded',
    'stop',
    'L1',
    'an impulse lock that a key switch holds open',
    () => door('gate-keypad'),
    (plan) => [
      add(plan, 'key-switch', 'X9'),
      wire('K1.COM', 'X9.C', { number: 'W91' }),
      wire('X9.NO', 'K1.NO', { number: 'W92' }),
    ],
  ),
  spotted(
    'duty-exceeded',
    'stop',
    'L1',
    'an impulse lock with an unlock time of a minute and a half',
    () => door('gate-keypad'),
    (plan) => [set('K1', unlockOf(plan), 90)],
  ),
  spotted(
    'low-energy-by-motion',
    'fix',
    'X1',
    'a low-energy drive on a motion sensor',
    () => door('operator-strike'),
    () => [{ kind: 'setDevice', id: 'D01/X1', patch: { type: 'exit-motion' } }],
  ),
  spotted(
    'low-energy-too-fast',
    'fix',
    'O1',
    'a low-energy drive set to two seconds',
    () => door('operator-strike'),
    () => [set('O1', 'op.opening', 2)],
  ),
  spotted(
    'presence-one-side',
    'caution',
    'SE1',
    'one of two presence sensors left out',
    heavySwing,
    (plan) => [drop(plan, 'SE2.b', 'O1.G'), move(plan, 'SE1.b', 'SE2.a', 'to', 'O1.G')],
  ),
  spotted('operator-stands', 'fix', 'O1.FIRE', 'the fire loop on the other throw', fireSwing, (plan) => [
    move(plan, 'F1.NC', 'O1.G', 'from', 'F1.NO'),
  ]),
  spotted('operator-stands', 'fix', 'O1.SAFE', 'the safety edge off its drive', slidingGate, (plan) => [
    drop(plan, 'SE1.b', 'O1.G'),
  ]),
  spotted('operator-stands', 'fix', 'O1.STOP', 'the stop button off its drive', slidingGate, (plan) => [
    drop(plan, 'SB1.b', 'O1.G'),
  ]),
  spotted(
    'battery-holds',
    'fix',
    'L1',
    'a magnet on a battery that is to be free without mains',
    batteryDoor,
    () => [
      {
        kind: 'setDoor',
        id: 'D01',
        patch: {
          expectations: [
            {
              situation: 'mains-off',
              side: 'inside',
              wanted: 'must-freely',
              reason: 'rule of this place',
              by: '',
            },
          ],
        },
      },
    ],
  ),
  spotted('switch-idle', 'caution', 'T1', 'a lid on a tamper loop that no menu uses', lidded, () => [
    set('K1', 'tamper', 'off'),
  ]),
  spotted('switch-traps', 'stop', 'LD9', 'a lockdown button in the exit loop', strikeDoor, (plan) => [
    brief(plan, { mechanicalEgress: false }),
    add(plan, 'lockdown-button', 'LD9'),
    move(plan, 'K1.PUSH', 'X1.C', 'to', 'LD9.1C'),
    wire('LD9.1NC', 'X1.C', { number: 'W91' }),
  ]),
  spotted('interlock-blind', 'fix', 'K1', 'a door contact off its input', vestibule, () => [
    { kind: 'disconnect', id: 'D01/W13' },
  ]),
  spotted(
    'interlock-traps',
    'stop',
    'K1',
    'exits that wait, and no glass in the lock’s power',
    vestibule,
    (plan) => [{ kind: 'setSetting', device: 'K1', setting: 'exits', value: 'wait' }, ...pastTheGlass(plan)],
  ),
];
