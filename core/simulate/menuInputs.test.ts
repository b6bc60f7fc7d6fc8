import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkContext, runRules, toPutRight } from '../checks/index';
import { terminalId, type Edit, type Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { menu, menuDoor } from '../specimens/menuDoor';
import { advance, atRest, buildWorld, doorHold, lockStatuses, stimulate, type SimState } from './index';
import { numberTried } from '../../scripts/testSlice';

const proofOf = (plan: Plan) =>
  checkContext(plan, 'D01').proof.rows.map(({ situation, cells }) => [situation, cells]);
const found = (plan: Plan) => runRules(checkContext(plan, 'D01')).filter(toPutRight);
const shut = (plan: Plan) => {
  const world = buildWorld(plan, 'D01');
  const rest = atRest(world);
  const hold = (state: SimState) => doorHold(lockStatuses(world, state.point));
  return { world, rest, hold };
};

describe('inputs that a menu makes exit or contact', () => {
  it('are wired, proven and judged as fixed ones are, whichever they are', () => {
    const fixed = proofOf(menuDoor('controller-1-inputs'));
    fc.assert(
      fc.property(
        fc.shuffledSubarray(['in1', 'in2', 'in3'], { minLength: 3 }),
        fc.constantFrom('NO', 'NC'),
        ([exit, contact, none], rest) => {
          const plan = menuDoor(
            'controller-1-menu',
            ...menu([exit!, 'exit'], [contact!, 'contact'], [none!, 'none'], [`${none}.rest`, rest]),
          );
          expect(proofOf(plan)).toEqual(fixed);
          expect(found(plan)).toEqual([]);
        },
      ),
      { numRuns: numberTried(12) },
    );
  });

  it('say by their own setting how an exit contact rests', () => {
    const plan = menuDoor('controller-1-menu', ...menu(['in1.rest', 'NC']));

    const held = found(plan).find(({ code }) => code === 'exit-held');
    expect(held!.remedy).toEqual({ kind: 'setSetting', device: 'D01/K1', setting: 'in1.rest', value: 'NO' });
    expect(found(mustApply(plan, held!.remedy!))).toEqual([]);
  });

  it('that are set otherwise than they are wired are named, and one press of a key puts them right', () => {
    const right = menuDoor('controller-1-menu');
    const crossed = mustApply(right, ...menu(['in1', 'contact'], ['in2', 'exit']));
    const findings = found(crossed);
    expect(findings.map(({ code }) => code)).toContain('wrong-input');
    const remedies = findings.flatMap(({ remedy }) => (remedy ? [remedy] : []));
    expect(remedies.length).toBeGreaterThan(0);
    for (const remedy of remedies) expect(found(mustApply(crossed, remedy))).toEqual([]);
  });

  it('with a wire and set to nothing, or set to be the same twice, are named', () => {
    const right = menuDoor('controller-1-menu');
    const codes = (plan: Plan) => found(plan).map(({ code }) => code);
    expect(codes(mustApply(right, ...menu(['in2', 'none'])))).toContain('wrong-input');
    expect(codes(mustApply(right, ...menu(['in3', 'contact'])))).toEqual(['input-twice']);
    const wired = mustApply(right, {
      kind: 'connect',
      conductor: {
        ...Object.values(right.conductors)[0]!,
        id: 'D01/W90',
        number: 'W90',
        from: terminalId('D01/K1', 'IN3'),
        to: terminalId('D01/K1', 'G'),
      },
    });
    expect(codes(wired)).toEqual(['input-unset']);
  });
});

describe('an input that reports a fire', () => {
  /** The third input asks for a release while its pair is closed. */
  const wired = (...edits: Edit[]) => {
    const plan = menuDoor('controller-1-menu', ...menu(['in3', 'fire']), ...edits);
    return shut(
      mustApply(plan, {
        kind: 'connect',
        conductor: {
          ...Object.values(plan.conductors)[0]!,
          id: 'D01/W90',
          number: 'W90',
          from: terminalId('D01/K1', 'IN3'),
          to: terminalId('D01/K1', 'G'),
        },
      }),
    );
  };

  it('releases while it is asked, whatever comes between, and locks again at its end', () => {
    const { world, rest, hold } = wired();
    expect(hold(rest)).toBe('free');
    let state = rest;
    const acts = [
      { kind: 'credential', valid: true },
      { kind: 'openDoor', from: 'inside' },
      { kind: 'closeDoor' },
      { kind: 'press', device: 'D01/X1' },
    ] as const;
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat(3), fc.nat(20_000))), (events) => {
        state = rest;
        for (const [act, after] of events) {
          state = stimulate(world, state, acts[act]!).state;
          state = advance(world, state, state.now + after).state;
          expect(hold(state)).toBe('free');
        }
        const over = stimulate(world, state, { kind: 'cut', conductor: 'D01/W90' }).state;
        expect(hold(over)).toBe('held');
      }),
      { numRuns: numberTried(40) },
    );
  });

  it('is by software only: a fire contact there, and not in the lock’s power, is a stop', () => {
    const plan = menuDoor('controller-1-menu', ...menu(['in3', 'fire'], ['in3.rest', 'NC']));
    const on = (pin: string) =>
      Object.values(plan.conductors).find(({ from, to }) => [from, to].includes(terminalId('D01/F1', pin)))!;
    const [common, closed] = [on('C'), on('NC')];
    const away = (wire: typeof common) => [wire.from, wire.to].find((end) => !end.startsWith('D01/F1.'))!;
    const soft = mustApply(
      plan,
      { kind: 'disconnect', id: common.id },
      { kind: 'setConductor', id: closed.id, patch: { from: away(common), to: away(closed) } },
      ...(['IN3', 'G'] as const).map((pin, index): Edit => ({
        kind: 'connect',
        conductor: {
          ...closed,
          id: `D01/W9${index}`,
          number: `W9${index}`,
          from: terminalId('D01/K1', pin),
          to: terminalId('D01/F1', index === 0 ? 'C' : 'NC'),
        },
      })),
    );
    const { world, rest, hold } = shut(soft);
    expect(hold(rest)).toBe('held');
    expect(hold(stimulate(world, rest, { kind: 'fire' }).state)).toBe('free');
    const stop = runRules(checkContext(soft, 'D01')).find(({ code }) => code === 'fire-through-controller');
    expect(stop?.severity).toBe('stop');
  });
});
