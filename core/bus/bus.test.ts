import { terminalOf } from '../specimens/terminalOf';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { newDevice } from '../brief/index';
import { atRest, buildWorld, readCard } from '../simulate/index';
import { mustApply, STRIKE_BRIEF, wireBetween, wiredDoor } from '../specimens/doors';
import type { Edit, Plan } from '../plan/index';
import { busMap, dipOf, wireBus } from './index';
import { numberTried } from '../../scripts/testSlice';

const plan = wiredDoor('mortise-bus', STRIKE_BRIEF);
const read = (of: Plan, reader: string) => {
  const world = buildWorld(of, 'D01');
  return readCard(
    world,
    atRest(world),
    world.inhabitants.find(({ device }) => device.id === reader)!,
  );
};
/** A door with this many readers laid on the bus in this order. */
function withReaders(count: number): Plan {
  let many = plan;
  for (let n = 0; n < count; n += 1)
    many = mustApply(many, { kind: 'addDevice', device: newDevice(many, 'D01', 'reader-rs485') });
  return many;
}

describe('dipOf', () => {
  it('is the binary number, lowest bit first', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 31 }),
        (value) => dipOf(value, 5).reduce((sum, on, bit) => sum + (on ? 2 ** bit : 0), 0) === value,
      ),
    );
  });
});

describe('busMap', () => {
  it('follows the pair from the controller and measures it', () => {
    const bus = busMap(plan, 'D01/K1')!;
    expect(bus.members.map(({ device }) => device)).toEqual(['D01/R1', 'D01/R2']);
    expect(bus.ends).toEqual(['D01/K1', 'D01/R2']);
    expect(bus.metres).toBe(18);
    expect(bus.unitLoads).toBe(3);
    expect(bus.forks).toEqual([]);
  });
  it('sees a crossed pair and a missing wire', () => {
    const [a, b] = [wireBetween(plan, 'K1.A', 'R1.A'), wireBetween(plan, 'K1.B', 'R1.B')];
    const crossed = mustApply(
      plan,
      { kind: 'setConductor', id: a, patch: { to: terminalOf('D01/R1.B') } },
      { kind: 'setConductor', id: b, patch: { to: terminalOf('D01/R1.A') } },
    );
    expect(busMap(crossed, 'D01/K1')!.members[0]).toMatchObject({ swapped: true });
    expect(read(crossed, 'D01/R1').outcome).toBe('lines-swapped');
    const half = mustApply(plan, { kind: 'disconnect', id: a });
    expect(busMap(half, 'D01/K1')!.members[0]).toMatchObject({ half: true });
    expect(read(half, 'D01/R1').outcome).toBe('one-line-missing');
  });
});

describe('wireBus', () => {
  it('lays any order as one line with the terminator at its end', () => {
    const many = withReaders(3);
    const readers = ['D01/R1', 'D01/R2', 'D01/R3', 'D01/R4', 'D01/R5'];
    fc.assert(
      fc.property(fc.shuffledSubarray(readers, { minLength: 1 }), (order) => {
        const wiring = wireBus(many, 'D01/K1', order)!;
        const laid = mustApply(many, wiring.edit);
        const bus = busMap(laid, 'D01/K1')!;
        expect(bus.members.map(({ device }) => device)).toEqual(order);
        expect(bus.forks).toEqual([]);
        for (const { device, terminator } of bus.members) expect(terminator).toBe(device === order.at(-1));
      }),
      { numRuns: numberTried(25) },
    );
  });
});

describe('a card on the bus', () => {
  it.each<[string, Edit[], string]>([
    ['arrives', [], 'read'],
    [
      'is lost where two readers share an address',
      [{ kind: 'setSetting', device: 'D01/R2', setting: 'address', value: 1 }],
      'address-clash',
    ],
    [
      'is lost without a common 0 V',
      [
        { kind: 'disconnect', id: wireBetween(plan, 'R1.V-', 'K1.0V') },
        { kind: 'disconnect', id: wireBetween(plan, 'R2.V-', 'R1.V-') },
      ],
      'reader-dead',
    ],
  ])('%s', (_, edits, outcome) => expect(read(mustApply(plan, ...edits), 'D01/R1').outcome).toBe(outcome));
  it('goes to the door its address belongs to', () => {
    expect(read(plan, 'D01/R1')).toMatchObject({ channel: 0 });
    const even = mustApply(plan, { kind: 'setSetting', device: 'D01/R1', setting: 'address', value: 2 });
    expect(read(even, 'D01/R1')).toMatchObject({ channel: 1 });
  });
});
