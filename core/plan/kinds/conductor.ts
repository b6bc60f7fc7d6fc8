import { findType } from '../../devices/index';
import { countedNumber } from '../countedNumber';
import { findIn, type Plan } from '../plan';
import { describe } from './kind';
import { deviceOf, pinOf, type TerminalId } from './terminal';

/** True where the plan has this terminal. */
export function hasTerminal(plan: Plan, at: TerminalId): boolean {
  const device = findIn(plan.devices, deviceOf(at));
  const type = device && (findIn(plan.types, device.type) ?? findType(device.type));
  return type?.terminals.some(({ id }) => id === pinOf(at)) === true;
}

const ENDS = ['from', 'to'] as const;

export const CONDUCTORS = describe('conductors', {
  list: 'wires',
  as: 'conductor',
  word: 'wire',
  key: 'id',
  verbs: { add: 'connect', set: 'setConductor', remove: 'disconnect' },
  fixed: ['id', 'door'],
  most: 100_000,
  unique: {
    of: ({ door, number }) => `${door}\n${number}`,
    refusal: ({ number }) => ({ reason: 'number-taken', id: number, at: 'number' }),
  },
  refs: [
    { to: 'doors', of: ({ door }) => [{ id: door, at: 'door' }], onGone: 'goes' },
    {
      to: 'devices',
      of: (wire) =>
        ENDS.map((at) => ({ id: deviceOf(wire[at]), at, reason: 'unknown-terminal', name: wire[at] })),
      onGone: 'goes',
    },
  ],
  problem(plan, wire) {
    for (const at of ENDS)
      if (!hasTerminal(plan, wire[at])) return { reason: 'unknown-terminal', id: wire[at], at };
    return wire.from === wire.to ? { reason: 'same-terminal', id: wire.from, at: 'to' } : null;
  },
  implied(wire, patch) {
    const still = wire.assumed.filter((what) => !(what in patch));
    return still.length < wire.assumed.length ? { assumed: still } : {};
  },
  // The highest number alone could be given again: what is below it is not asked for any more.
  leaves(plan, { id, door: at, number }) {
    const door = findIn(plan.doors, at);
    const n = countedNumber(number, 'W');
    if (!door || n <= door.lastWire) return null;
    const last = Object.values(plan.conductors).every(
      (other) => other.door !== at || other.id === id || countedNumber(other.number, 'W') < n,
    );
    return last ? { kind: 'setDoor', id: at, patch: { lastWire: n } } : null;
  },
  secrets: {},
  doors: (wire, plan) => [
    wire.door,
    ...ENDS.flatMap((at) => findIn(plan.devices, deviceOf(wire[at]))?.door ?? []),
  ],
  everywhere: (plan, wire) => ENDS.some((at) => findIn(plan.devices, deviceOf(wire[at]))?.door === null),
});
