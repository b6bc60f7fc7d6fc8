import { describe, expect, it } from 'vitest';
import type { Edit, Plan } from '../plan/index';
import { atRest, buildWorld } from '../simulate/index';
import { mustApply, STRIKE_BRIEF } from '../specimens/doors';
import { installed } from '../specimens/installation';
import { drop, set } from '../specimens/ruleEdits';
import { terminalOf } from '../specimens/terminalOf';
import { vestibule } from '../specimens/vestibule';
import { prove, trialAt, trialsOf, type ProofRow, type SituationId } from './index';

const rowOf = (plan: Plan, id: SituationId, door = 'D01'): ProofRow | undefined => {
  const world = buildWorld(plan, door);
  return prove(plan, world, atRest(world)).rows.find(({ situation }) => situation === id);
};
const verdicts = (row: ProofRow | undefined) => row && [row.cells.outside.verdict, row.cells.inside.verdict];
const interlock = (value: 'on' | 'off'): Edit => ({
  kind: 'setSetting',
  device: 'K1',
  setting: 'interlock',
  value,
});

describe('the other door of a small room', () => {
  it('open or unlocked, keeps this one shut to whoever asks, and lets everybody out', () => {
    for (const door of ['D01', 'D02'])
      for (const id of ['partner-open', 'partner-unlocked'] as const)
        expect(verdicts(rowOf(vestibule(), id, door)), `${door} ${id}`).toEqual(['pass', 'pass']);
    expect(rowOf(vestibule(), 'partner-open')?.at).toBe('R1');
  });

  it('is not asked about where no interlock is in use', () => {
    const plan = mustApply(vestibule(), interlock('off'));
    expect(rowOf(plan, 'partner-open')).toBeUndefined();
    expect(rowOf(plan, 'partner-unlocked')).toBeUndefined();
  });

  it('lets somebody in where nothing tells that it stands open', () => {
    // The contact of the hall side is off its input: shorted there, it always says that it is shut.
    const blind = mustApply(vestibule(), {
      kind: 'connect',
      conductor: {
        ...Object.values(vestibule().conductors)[0]!,
        id: 'D02/W90',
        door: 'D02',
        number: 'W90',
        from: Object.values(vestibule().conductors).find(({ from }) => from === 'K1.DC2')!.from,
        to: Object.values(vestibule().conductors).find(({ to }) => to === 'K1.G2')!.to,
      },
    });
    expect(rowOf(blind, 'partner-open')?.cells.outside).toMatchObject({ verdict: 'fail', got: 'possible' });
    // That it is unlocked the controller knows by itself.
    expect(rowOf(blind, 'partner-unlocked')?.cells.outside.verdict).toBe('pass');
  });
});

describe('a lid that is lifted', () => {
  const watched = () =>
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
        'siren-tamper',
      ],
    });

  it('stands in one loop with the others on the tamper input, raises its alarm, and changes nothing else', () => {
    const row = rowOf(watched(), 'tamper');
    expect(verdicts(row)).toEqual(['pass', 'pass']);
    expect(row?.each.map(({ tag }) => tag).sort()).toEqual(['B1', 'T1']);
    expect(row?.alarms).toEqual(['tamper']);
  });

  it('is no situation where the loop is not used, whatever is called a lid', () => {
    const off = mustApply(watched(), set('K1', 'tamper', 'off'));
    expect(rowOf(off, 'tamper')).toBeUndefined();
  });
});

describe('a keypad that works more than one thing', () => {
  const gate = installed({
    name: 'x',
    brief: STRIKE_BRIEF,
    devices: ['supply-12v-5a', 'keypad-gate', 'gate-lock', 'exit-button', 'flyback-diode'],
  });
  const tried = (plan: Plan) =>
    trialsOf(buildWorld(plan, 'D01'))
      .filter(({ situation }) => situation.id === 'credential')
      .map(trialAt);
  const each = (plan: Plan) =>
    rowOf(plan, 'credential')?.each.map(({ tag, cells }) => [tag, cells.outside.verdict]);

  it('is tried by the codes of each output that reaches this door, and of no other', () => {
    expect(each(gate)).toEqual([
      ['K1', 'pass'],
      ['K1 output 2', 'pass'],
    ]);
    expect(tried(mustApply(gate, drop(gate, 'K1.COM', 'K1.COM2')))).toEqual(['K1']);
  });
  it('fails where the second one works the lock the wrong way', () => {
    const wire = Object.values(gate.conductors).find(({ from, to }) => `${from} ${to}`.includes('K1.NO2'))!;
    const end = wire.from.endsWith('NO2') ? 'from' : 'to';
    const wrong = mustApply(gate, {
      kind: 'setConductor',
      id: wire.id,
      patch: { [end]: terminalOf('D01/K1.NC2') },
    });
    expect(tried(wrong)).toEqual(['K1', 'K1 output 2']);
    expect(rowOf(wrong, 'credential')?.cells.outside.verdict).toBe('fail');
  });
});
