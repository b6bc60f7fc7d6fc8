import { terminalOf } from '../specimens/terminalOf';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import {
  MAGNET_BRIEF,
  magnetDoor,
  mustApply,
  STRIKE_BRIEF,
  strikeDoor,
  wireBetween,
  wiredDoor,
} from '../specimens/doors';
import { metres, mm2 } from '../units/index';
import { applyEdit, conductorsOf, type Plan } from '../plan/index';
import { loopWires, traceLoops, type RoundLoop } from './index';
import { numberTried } from '../../scripts/testSlice';

const titles = (plan: Plan) => traceLoops(plan, 'D01').map((loop) => loop.kind);
const lockLoop = (plan: Plan) =>
  traceLoops(plan, 'D01').find((loop) => loop.kind === 'lock-power') as RoundLoop;

describe('traceLoops', () => {
  it('finds the loops of a magnet door, letters in order', () => {
    const loops = traceLoops(magnetDoor(), 'D01');
    expect(loops.map((loop) => loop.kind)).toEqual([
      'lock-power',
      'exit',
      'feed',
      'feed',
      'feed',
      'contact',
      'data',
    ]);
    expect(loops.map((loop) => loop.letter).join('')).toBe('ABCDEFG');
    expect(loops.every((loop) => loop.shape === 'bundle' || loop.complete)).toBe(true);
  });
  it('leads lock power through the fire relay, the relay and both poles of the break glass', () => {
    const loop = lockLoop(magnetDoor());
    const through = (leg: RoundLoop['supply']) =>
      leg.complete ? leg.steps.flatMap((step) => (step.kind === 'through' ? [step.device] : [])) : [];
    expect(through(loop.supply)).toEqual(['D01/F1', 'D01/K1', 'D01/EB1']);
    expect(through(loop.back)).toEqual(['D01/EB1']);
  });
  it('finds the loops of a strike door', () => {
    expect(titles(strikeDoor())).toEqual(['lock-power', 'exit', 'feed', 'across']);
  });
  it('shows both sides of a break', () => {
    const plan = magnetDoor();
    const loop = lockLoop(mustApply(plan, { kind: 'disconnect', id: wireBetween(plan, 'F1.NC', 'K1.COM1') }));
    expect(loop.complete).toBe(false);
    if (loop.supply.complete) throw new Error('supply leg should be broken');
    expect(loop.supply.near.at(-1)?.to).toBe('D01/F1.NC');
    expect(loop.supply.far[0]?.from).toBe('D01/K1.COM1');
    expect(loop.back.complete).toBe(true);
  });
  it('shows a broken exit loop', () => {
    const plan = magnetDoor();
    const loops = traceLoops(
      mustApply(plan, { kind: 'disconnect', id: wireBetween(plan, 'X1.NO', 'K1.G1') }),
      'D01',
    );
    expect(loops.find((loop) => loop.kind === 'exit')).toMatchObject({ complete: false });
  });
  it('says when plus lands on minus', () => {
    const plan = strikeDoor();
    const [plus, minus] = [wireBetween(plan, 'K1.NO', 'L1.+'), wireBetween(plan, 'L1.-', 'PS1.0V')];
    const crossed = mustApply(
      plan,
      { kind: 'setConductor', id: plus, patch: { to: terminalOf('D01/L1.-') } },
      { kind: 'setConductor', id: minus, patch: { from: terminalOf('D01/L1.+') } },
    );
    expect(lockLoop(crossed)).toMatchObject({ complete: true, reversed: true });
  });
  it('puts a wire laid by hand into the picture', () => {
    const wire = {
      id: 'D01/W99',
      door: 'D01',
      number: 'W99',
      from: terminalOf('D01/X1.NC'),
      to: terminalOf('D01/K1.NO2'),
      colour: 'PK' as const,
      gauge: mm2(0.22),
      length: metres(5),
      cable: '',
      origin: 'hand' as const,
      assumed: [],
    };
    const loops = traceLoops(mustApply(magnetDoor(), { kind: 'connect', conductor: wire }), 'D01');
    expect(loops.at(-1)).toMatchObject({ kind: 'other', lines: [{ conductor: 'D01/W99' }] });
  });
  it.each(HARDWARE_SETS.map(({ id, electricalEgress }) => [id, electricalEgress] as const))(
    'finds loops of %s whose legs nowhere cross, and no wire of no loop',
    (id, egress) => {
      const loops = traceLoops(wiredDoor(id, egress ? MAGNET_BRIEF : STRIKE_BRIEF), 'D01');
      expect(loops.filter(({ kind }) => kind === 'other')).toEqual([]);
      for (const loop of loops) {
        if (loop.shape !== 'round' || loop.load.part === '' || loop.kind === 'feed') continue;
        const touched = (leg: RoundLoop['supply']) =>
          new Set(leg.complete ? leg.steps.flatMap(({ from, to }) => [from, to]) : []);
        const back = touched(loop.back);
        expect([...touched(loop.supply)].filter((terminal) => back.has(terminal))).toEqual([]);
      }
    },
  );
  it('shows the resistor across a contact as a loop of its own, the way while the contact is open', () => {
    const loops = traceLoops(wiredDoor('mortise-bus', STRIKE_BRIEF), 'D01');
    const line = loops.find(({ kind }) => kind === 'line') as RoundLoop;
    expect(line.complete).toBe(true);
    expect(line.source.top).toBe('D01/K1.DC1');
    expect(line.load.device).toMatch(/D01\/E\d/);
  });
  it('never loses a wire, whatever is taken away', () => {
    const plan = magnetDoor();
    fc.assert(
      fc.property(fc.subarray(Object.keys(plan.conductors)), (gone) => {
        const left = gone.reduce((current, id) => {
          const result = applyEdit(current, { kind: 'disconnect', id });
          return result.ok ? result.plan : current;
        }, plan);
        const shown = new Set(traceLoops(left, 'D01').flatMap(loopWires));
        return conductorsOf(left, 'D01').every((wire) => shown.has(wire.id));
      }),
      { numRuns: numberTried(150) },
    );
  });
});
