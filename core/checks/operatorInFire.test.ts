import { describe, expect, it } from 'vitest';
import { findType, type DeviceType } from '../devices/index';
import type { Edit, Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { fireSwing } from '../specimens/lockdownMistakes';
import { add, drop, move, set, wire } from '../specimens/ruleEdits';
import { checkContext, runChecks } from './index';

const found = (plan: Plan) =>
  runChecks(checkContext(plan, 'D01')).filter(({ code }) => code === 'operator-in-fire');
const edited = (edits: (plan: Plan) => readonly Edit[]): Plan => {
  const plan = fireSwing();
  return mustApply(plan, ...edits(plan));
};

/** The drive of the door as another maker builds it. */
const otherDrive = (unpowered: 'shuts' | 'stays' | undefined): Edit[] => {
  const type = findType('operator-swing')!;
  const functions = type.functions.map((one) => {
    if (one.kind !== 'operator') return one;
    const { unpowered: _, ...rest } = one;
    return unpowered === undefined ? rest : { ...rest, unpowered };
  });
  const own: DeviceType = { ...type, id: 'own-drive@1', functions };
  return [
    { kind: 'addType', type: own },
    { kind: 'setDevice', id: 'D01/O1', patch: { type: own.id } },
  ];
};

describe('a fire door’s operator in a fire', () => {
  it('is right as Aldaba wires it: shut by the alarm, and by its spring without power', () =>
    expect(found(fireSwing())).toEqual([]));

  it('is right where the alarm takes its power instead', () => {
    const plan = edited((at) => [
      set('O1', 'op.fire', 'off'),
      drop(at, 'O1.FIRE', 'F1.C'),
      drop(at, 'F1.NC', 'O1.G'),
      move(at, 'PS1.+V', 'O1.V+', 'to', 'F1.C'),
      wire('F1.NC', 'O1.V+', { number: 'W91' }),
    ]);
    expect(found(plan)).toEqual([]);
  });

  describe('with the alarm in the wire that asks it, and not in its loop', () => {
    const inTheAsk = (at: Plan): Edit[] => [
      set('O1', 'op.fire', 'off'),
      drop(at, 'O1.FIRE', 'F1.C'),
      drop(at, 'F1.NC', 'O1.G'),
      move(at, 'O1.ACT', 'K1.COM', 'to', 'F1.C'),
      wire('F1.NC', 'K1.COM', { number: 'W91' }),
    ];
    it('is right while nothing else asks', () => expect(found(edited(inTheAsk))).toEqual([]));
    it('opens to a key switch beside it', () => {
      const plan = edited((at) => [
        ...inTheAsk(at),
        add(at, 'key-switch', 'X9'),
        wire('O1.ACT', 'X9.C', { number: 'W92' }),
        wire('X9.NO', 'O1.G', { number: 'W93' }),
      ]);
      expect(found(plan).map(({ values }) => [values['does'], values['by']])).toEqual([['opens', 'X9']]);
    });
  });

  it('is put right by one press where its loop is wired and not listened to', () => {
    const plan = edited(() => [set('O1', 'op.fire', 'off')]);
    const [only] = found(plan);
    expect(only?.remedy).toMatchObject({ kind: 'setSetting', setting: 'op.fire', value: 'on' });
    expect(found(mustApply(plan, only!.remedy!))).toEqual([]);
  });

  it('is not asked about where the door is no fire door', () => {
    const plan = edited((at) => [
      set('O1', 'op.fire', 'off'),
      { kind: 'setDoor', id: 'D01', patch: { brief: { ...at.doors['D01']!.brief, fireDoor: false } } },
    ]);
    expect(found(plan)).toEqual([]);
  });

  it.each([
    ['opens', 'not told of the fire', () => [set('O1', 'op.fire', 'off')]],
    ['stays-dead', 'with nothing that shuts it without power', () => otherDrive('stays')],
    ['unsaid', 'of a type that does not say', () => otherDrive(undefined)],
    [
      'opens',
      'beside a second drive that nobody told',
      (at: Plan) => [
        add(at, 'operator-swing', 'O2'),
        wire('PS1.+V', 'O2.V+', { number: 'W91' }),
        wire('O2.V-', 'PS1.0V', { number: 'W92' }),
        wire('O1.ACT', 'O2.ACT', { number: 'W93' }),
        wire('O2.G', 'O1.G', { number: 'W94' }),
        wire('O2.LC', 'O1.LC', { number: 'W95' }),
        wire('O2.LNO', 'O1.LNO', { number: 'W96' }),
      ],
    ],
  ])('%s: %s', (does, _what, edits) => {
    const [first, ...more] = found(edited(edits));
    expect(first?.values['does']).toBe(does);
    expect(first?.severity).toBe(does === 'unsaid' ? 'fix' : 'stop');
    expect(more).toEqual([]);
  });
});
