import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import { type TerminalId, applyEdit, type Edit, type Plan } from '../plan/index';
import { magnetDoor, mustApply, safeStrikeDoor, strikeDoor, wireBetween } from '../specimens/doors';
import { metres, mm2 } from '../units/index';
import { checkContext, runChecks, type Finding, type FindingCode } from './index';

const findingsOf = (plan: Plan, ...edits: Edit[]): Finding[] =>
  runChecks(checkContext(mustApply(plan, ...edits), 'D01'));
const bad = (findings: Finding[]) =>
  findings.filter(({ severity }) => severity === 'stop' || severity === 'fix').map(({ code }) => code);
const magnet = magnetDoor();
const strike = strikeDoor();

const wire = (number: string, from: string, to: string): Edit => ({
  kind: 'connect',
  conductor: {
    id: `D01/${number}`,
    door: 'D01',
    number,
    from: terminalOf(`D01/${from}`),
    to: terminalOf(`D01/${to}`),
    colour: 'PK',
    gauge: mm2(0.5),
    length: metres(3),
    cable: '',
    origin: 'hand',
    assumed: [],
  },
});
const move = (
  one: string,
  two: string,
  patch: { from?: TerminalId; to?: TerminalId },
  plan = magnet,
): Edit => ({
  kind: 'setConductor',
  id: wireBetween(plan, one, two),
  patch,
});
const brief = (plan: Plan, patch: object): Edit => ({
  kind: 'setDoor',
  id: 'D01',
  patch: { brief: { ...plan.doors['D01']!.brief, ...patch } },
});

describe('runChecks', () => {
  it.each([
    ['magnet', magnet],
    ['strike', strike],
    ['fail-safe strike', safeStrikeDoor()],
  ] as const)('finds nothing to put right on a well-wired %s door', (_, plan) => {
    expect(bad(findingsOf(plan))).toEqual([]);
  });

  it('says what is sound on a magnet door', () => {
    const codes = findingsOf(magnet).map(({ code }) => code);
    expect(codes).toEqual(
      expect.arrayContaining([
        'opens-when-dead',
        'break-both-legs',
        'lock-voltage-sound',
        'card-arrives',
        'battery-sound',
      ]),
    );
  });

  const mistakes: [FindingCode, string, Plan, Edit[]][] = [
    ['no-lock', 'a door without a lock', magnet, [{ kind: 'removeDevice', id: 'D01/L1' }]],
    ['no-supply', 'a door without a supply', magnet, [{ kind: 'removeDevice', id: 'D01/PS1' }]],
    ['no-decider', 'a door without a controller', magnet, [{ kind: 'removeDevice', id: 'D01/K1' }]],
    [
      'link-missing',
      'the link to the common forgotten',
      magnet,
      [{ kind: 'disconnect', id: wireBetween(magnet, 'F1.NC', 'K1.COM1') }],
    ],
    [
      'loop-broken',
      'the return forgotten',
      magnet,
      [{ kind: 'disconnect', id: wireBetween(magnet, 'EB1.2C', 'PS1.0V') }],
    ],
    ['wrong-throw', 'a magnet on NO', magnet, [move('K1.NC1', 'EB1.1C', { from: terminalOf('D01/K1.NO1') })]],
    [
      'wrong-throw',
      'a fail-secure strike on NC',
      strike,
      [move('K1.NO', 'L1.+', { from: terminalOf('D01/K1.NC') }, strike)],
    ],
    [
      'loop-reversed',
      'a strike wired backwards',
      strike,
      [
        move('K1.NO', 'L1.+', { to: terminalOf('D01/L1.-') }, strike),
        move('L1.-', 'PS1.0V', { from: terminalOf('D01/L1.+') }, strike),
      ],
    ],
    ['driven-input', 'twelve volts on an exit input', magnet, [wire('W90', 'PS1.+V', 'K1.EX1')]],
    [
      'reversed-device',
      'a reader fed backwards',
      magnet,
      [
        move('PS1.+V', 'R1.V+', { to: terminalOf('D01/R1.V-') }),
        move('R1.V-', 'PS1.0V', { from: terminalOf('D01/R1.V+') }),
      ],
    ],
    ['supply-overload', 'a short across the supply', magnet, [wire('W90', 'PS1.+V', 'PS1.0V')]],
    [
      'restless',
      'a short that closes only when the door is released, and starves the keypad that closes it',
      strike,
      [wire('W90', 'K1.NO', 'PS1.0V')],
    ],
    [
      'driven-input',
      'lock power that reaches an input only when the door is released',
      strike,
      [wire('W90', 'K1.NO', 'K1.PUSH')],
    ],
    [
      'terminal-full',
      'three wires in a two-wire terminal',
      magnet,
      [wire('W90', 'L1.+', 'X1.NC'), wire('W91', 'L1.+', 'K1.NO2')],
    ],
    [
      'device-unfed',
      'a sensor fed from a relay that rests open',
      magnet,
      [move('PS1.+V', 'X1.V+', { from: terminalOf('D01/K1.NO1') })],
    ],
    [
      'exit-dead',
      'an exit on the contact that rests closed',
      magnet,
      [move('X1.NO', 'K1.G1', { from: terminalOf('D01/X1.NC') })],
    ],
    [
      'lock-under-voltage',
      'a long thin lock cable',
      magnet,
      [
        {
          kind: 'setConductor',
          id: wireBetween(magnet, 'EB1.1NC', 'L1.+'),
          patch: { gauge: mm2(0.22), length: metres(60) },
        },
      ],
    ],
    [
      'battery-short',
      'a small battery for a long night',
      magnet,
      [{ kind: 'setSetting', device: 'D01/PS1', setting: 'hours', value: 24 }],
    ],
    ['traps-people', 'fail-secure without a lever', strike, [brief(strike, { mechanicalEgress: false })]],
    [
      'traps-people',
      'a store off the escape route without a lever',
      strike,
      [brief(strike, { mechanicalEgress: false, escapeRoute: false })],
    ],
    ['locked-in', 'fail-secure without a lever', strike, [brief(strike, { mechanicalEgress: false })]],
    [
      'dead-state-differs',
      'a strike set the wrong way',
      strike,
      [{ kind: 'setSetting', device: 'D01/L1', setting: 'mode', value: 'fail-safe' }],
    ],
    ['no-break-glass', 'a magnet without break glass', magnet, [{ kind: 'removeDevice', id: 'D01/EB1' }]],
    [
      'break-not-in-lock-power',
      'a break glass that breaks nothing',
      magnet,
      [
        move('K1.NC1', 'EB1.1C', { to: terminalOf('D01/EB1.1NC') }),
        move('EB1.2C', 'PS1.0V', { from: terminalOf('D01/EB1.2NC') }),
      ],
    ],
    [
      'fire-not-latched',
      'a fire relay that follows the panel',
      magnet,
      [{ kind: 'setSetting', device: 'D01/F1', setting: 'latch', value: 'following' }],
    ],
    [
      'card-line-missing',
      'one data line missing',
      magnet,
      [{ kind: 'disconnect', id: wireBetween(magnet, 'R1.D1', 'K1.D1-1') }],
    ],
    [
      'card-lines-swapped',
      'data lines crossed',
      magnet,
      [
        move('R1.D0', 'K1.D0-1', { to: terminalOf('D01/K1.D1-1') }),
        move('R1.D1', 'K1.D1-1', { to: terminalOf('D01/K1.D0-1') }),
      ],
    ],
    [
      'unlock-below-least',
      'a release of two seconds',
      magnet,
      [{ kind: 'setSetting', device: 'D01/K1', setting: 'ch1.unlock', value: 2 }],
    ],
  ];
  it.each(mistakes)('finds %s: %s', (code, _what, plan, edits) => {
    expect(bad(findingsOf(plan, ...edits))).toContain(code);
  });

  const cautions: [FindingCode, string, Plan, Edit[]][] = [
    [
      'break-in-one-leg',
      'the second pole by-passed',
      magnet,
      [move('EB1.2C', 'PS1.0V', { from: terminalOf('D01/EB1.2NC') })],
    ],
    ['no-fire-release', 'no fire relay', magnet, [{ kind: 'removeDevice', id: 'D01/F1' }]],
    ['no-suppression', 'a strike without its diode', strike, [{ kind: 'removeDevice', id: 'D01/D1' }]],
    ['spare-wire', 'a wire of no loop', magnet, [wire('W90', 'X1.NC', 'K1.NO2')]],
    [
      'contact-unseen',
      'a door contact on nothing',
      magnet,
      [
        move('K1.DC1', 'C1.a', { from: terminalOf('D01/K1.NO2') }),
        move('C1.b', 'K1.G1', { to: terminalOf('D01/K1.NC2') }),
      ],
    ],
    ['unlock-too-short', 'a reader far from the handle', magnet, [brief(magnet, { readerDistance: 9 })]],
    [
      'relock-without-contact',
      're-lock on close without a contact',
      magnet,
      [{ kind: 'removeDevice', id: 'D01/C1' }],
    ],
    ['brief-open', 'a brief with a question open', magnet, [brief(magnet, { fireDoor: null })]],
    ['factory-code', 'the factory programming code', strike, []],
    [
      'brief-assumed',
      'a brief with an answer that nobody gave',
      magnet,
      [brief(magnet, { assumed: ['readerDistance'] })],
    ],
    [
      'wires-assumed',
      'a wire whose length nobody entered',
      magnet,
      [{ kind: 'setConductor', id: 'D01/W03', patch: { assumed: ['length'] } }],
    ],
  ];
  it.each(cautions)('mentions %s: %s', (code, _what, plan, edits) => {
    expect(findingsOf(plan, ...edits).map((one) => one.code)).toContain(code);
  });

  it('finds both of two mistakes put together', () => {
    const codes = bad(
      findingsOf(magnet, move('K1.NC1', 'EB1.1C', { from: terminalOf('D01/K1.NO1') }), {
        kind: 'setSetting',
        device: 'D01/F1',
        setting: 'latch',
        value: 'following',
      }),
    );
    expect(codes).toEqual(expect.arrayContaining(['wrong-throw', 'fire-not-latched']));
  });

  it('offers remedies that settle their finding', () => {
    for (const [code, , plan, edits] of [...mistakes, ...cautions]) {
      const broken = mustApply(plan, ...edits);
      const finding = runChecks(checkContext(broken, 'D01')).find((one) => one.code === code);
      if (!finding?.remedy) continue;
      const fixed = applyEdit(broken, finding.remedy);
      if (!fixed.ok) throw new Error(`${code}: ${JSON.stringify(fixed.refusal)}`);
      const left = runChecks(checkContext(fixed.plan, 'D01')).filter((one) => one.code === code);
      expect(left, code).toEqual([]);
    }
  });
});
