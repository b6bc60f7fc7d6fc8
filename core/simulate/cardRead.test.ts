import { describe, expect, it } from 'vitest';
import type { Edit, Plan } from '../plan/index';
import { mustApply } from '../specimens/doors';
import { bus, door, drop, id, move, set } from '../specimens/ruleEdits';
import { terminalOf } from '../specimens/terminalOf';
import { readCard } from './cardRead';
import { atRest, buildWorld, stimulate, type CardOutcome } from './index';

const pair = () => door('magnet-controller');

/** How far a card at R1 comes, and whether the door answers it. */
function present(plan: Plan): { outcome: CardOutcome; heard: string | null; accepted: boolean } {
  const world = buildWorld(plan, 'D01');
  const rest = atRest(world);
  const reader = world.byId.get('D01/R1')!;
  const { outcome, controller } = readCard(world, rest, reader);
  const { effects } = stimulate(world, rest, { kind: 'credential', valid: true, device: 'D01/R1' });
  return { outcome, heard: controller, accepted: effects.some(({ kind }) => kind === 'accepted') };
}
const after = (plan: Plan, ...edits: Edit[]) => present(mustApply(plan, ...edits));

describe('a card on two data lines', () => {
  it('is read, and the controller opens', () => {
    expect(present(pair())).toEqual({ outcome: 'read', heard: 'D01/K1', accepted: true });
  });
  it('goes nowhere from a reader that is dead', () => {
    const plan = pair();
    const feed = Object.values(plan.conductors).find(({ from, to }) =>
      [from, to].includes(terminalOf('D01/R1.V+')),
    )!;
    expect(after(plan, { kind: 'disconnect', id: feed.id })).toMatchObject({
      outcome: 'reader-dead',
      accepted: false,
    });
  });
  it('arrives by half where one line is off, and not at all where both are', () => {
    const plan = pair();
    const [zero, one] = [drop(plan, 'R1.D0', 'K1.D0-1'), drop(plan, 'R1.D1', 'K1.D1-1')];
    expect(after(plan, zero)).toMatchObject({ outcome: 'one-line-missing', accepted: false });
    expect(after(plan, one)).toMatchObject({ outcome: 'one-line-missing', accepted: false });
    expect(after(plan, zero, one)).toEqual({ outcome: 'nothing-arrives', heard: null, accepted: false });
  });
  it('arrives garbled where the lines are changed over, and opens nothing', () => {
    const plan = pair();
    const swapped = after(plan, {
      kind: 'batch',
      label: '',
      edits: [
        move(plan, 'R1.D0', 'K1.D0-1', 'to', 'K1.D1-1'),
        { kind: 'setConductor', id: id(plan, 'R1.D1', 'K1.D1-1'), patch: { to: terminalOf('D01/K1.D0-1') } },
      ],
    });
    expect(swapped).toEqual({ outcome: 'lines-swapped', heard: 'D01/K1', accepted: false });
  });
  it('is not for a credential that is refused', () => {
    const world = buildWorld(pair(), 'D01');
    const { effects } = stimulate(world, atRest(world), { kind: 'credential', valid: false });
    expect(effects.map(({ kind }) => kind)).toContain('refused');
    expect(effects.map(({ kind }) => kind)).not.toContain('accepted');
  });
});

describe('a card on a bus', () => {
  const wiresOf = (plan: Plan, terminal: string) =>
    Object.values(plan.conductors).filter(({ from, to }) =>
      [from, to].includes(terminalOf(`D01/${terminal}`)),
    );
  const loose = (plan: Plan, terminal: string): Edit[] =>
    wiresOf(plan, terminal).map((wire): Edit => ({ kind: 'disconnect', id: wire.id }));

  it('is read where both wires and the common reach the controller', () => {
    expect(present(bus())).toMatchObject({ outcome: 'read', heard: 'D01/K1', accepted: true });
  });
  it('is lost by half where one wire of the pair is off', () => {
    for (const terminal of ['R1.A', 'R1.B'])
      expect(after(bus(), ...loose(bus(), terminal))).toMatchObject({
        outcome: 'one-line-missing',
        accepted: false,
      });
  });
  it('is garbled where the pair is reversed', () => {
    const plan = bus();
    const [a, b] = [wiresOf(plan, 'R1.A')[0]!, wiresOf(plan, 'R1.B')[0]!];
    const end = (wire: typeof a, at: string) => (wire.from === terminalOf(`D01/${at}`) ? 'from' : 'to');
    const swapped = after(plan, {
      kind: 'batch',
      label: '',
      edits: [
        { kind: 'setConductor', id: a.id, patch: { [end(a, 'R1.A')]: terminalOf('D01/R1.B') } },
        { kind: 'setConductor', id: b.id, patch: { [end(b, 'R1.B')]: terminalOf('D01/R1.A') } },
      ],
    });
    expect(swapped).toMatchObject({ outcome: 'lines-swapped', accepted: false });
  });
  it('comes to another door where the address is of another parity', () => {
    const plan = bus();
    const world = buildWorld(mustApply(plan, set('R1', 'address', 2)), 'D01');
    const read = readCard(world, atRest(world), world.byId.get('D01/R1')!);
    const right = buildWorld(plan, 'D01');
    expect(read.channel).not.toBe(readCard(right, atRest(right), right.byId.get('D01/R1')!).channel);
  });
});
