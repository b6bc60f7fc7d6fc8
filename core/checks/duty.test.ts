import { describe, expect, it } from 'vitest';
import { LIBRARY } from '../devices/library/index';
import { typeIn, type Edit, type Plan } from '../plan/index';
import { mustApply, STRIKE_BRIEF } from '../specimens/doors';
import { officeHours } from '../specimens/hourDoors';
import { installed } from '../specimens/installation';
import { add, door, set, wire } from '../specimens/ruleEdits';
import { checkContext, runChecks } from './index';

const found = (plan: Plan) =>
  runChecks(checkContext(plan, 'D01')).filter(({ code }) => code === 'duty-exceeded');
const gate = (edits: (plan: Plan) => readonly Edit[] = () => []): Plan => {
  const plan = door('gate-keypad');
  return mustApply(plan, ...edits(plan));
};

describe('a lock for a short release', () => {
  it('is right with its usual time, and for just as long as it bears', () => {
    expect(found(gate())).toEqual([]);
    expect(found(gate(() => [set('K1', 'ch1.unlock', 30)]))).toEqual([]);
  });
  it.each([
    ['act', 'a longer unlock time', () => [set('K1', 'ch1.unlock', 40)]],
    [
      'act',
      'a switch that stays as it is left',
      (plan: Plan) => [
        add(plan, 'key-switch', 'X9'),
        wire('K1.COM', 'X9.C', { number: 'W91' }),
        wire('X9.NO', 'K1.NO', { number: 'W92' }),
      ],
    ],
  ])('%s: %s', (why, _what, edits) => {
    const [first, ...more] = found(gate(edits));
    expect([first?.severity, first?.values['why'], first?.values['limit']]).toEqual(['stop', why, 30]);
    expect(more).toEqual([]);
  });
  it('is fed for the hours of an unlock schedule, where the controller is told to keep it', () => {
    const store = (free: string) =>
      mustApply(
        installed({
          name: 'Store',
          brief: STRIKE_BRIEF,
          devices: [
            'supply-12v-5a',
            'controller-1-full',
            'reader-wiegand',
            'strike-fail-secure',
            'door-contact',
          ],
        }),
        officeHours,
        { kind: 'setDoor', id: 'D01', patch: { freePassage: 'office' } },
        set('K1', 'ch1.free', free),
      );
    expect(found(store('clock')).map(({ values }) => [values['why'], values['limit']])).toEqual([
      ['hours', 60],
    ]);
    expect(found(store('no'))).toEqual([]);
  });
  it('may be fed for long where its type says continuous, and is asked about where it says nothing', () => {
    const its = (plan: Plan) => typeIn(plan, plan.devices['D01/L1']!);
    const of = (duty: 'continuous' | undefined) =>
      gate((plan) => {
        const { lock, ...rest } = its(plan);
        if (lock?.kind !== 'strike') throw new Error('no strike');
        const { duty: _, ...bare } = lock;
        const type = { ...rest, id: 'own-lock@1', lock: duty ? { ...bare, duty } : bare };
        return [
          { kind: 'addType', type },
          { kind: 'setDevice', id: 'D01/L1', patch: { type: type.id } },
          set('K1', 'ch1.unlock', 99),
        ];
      });
    expect(found(of('continuous'))).toEqual([]);
    expect(found(of(undefined)).map(({ severity }) => severity)).toEqual(['caution']);
  });
  it('is one or the other for every strike, bolt and latch of the library', () => {
    for (const { id, lock } of LIBRARY)
      if (lock?.kind === 'strike') expect([id, lock.duty === undefined]).toEqual([id, false]);
  });
});
