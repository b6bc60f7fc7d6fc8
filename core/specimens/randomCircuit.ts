import { terminalId } from '../plan/index';
import fc from 'fast-check';
import type { Branch, Netlist } from '../circuit/index';
import { assembleNetlist } from '../circuit/netlist';

/** A netlist straight from branches, without devices. */
export function netlistOf(nodes: number, branches: readonly Branch[]): Netlist {
  const names = Array.from({ length: nodes }, (_, node) => terminalId('N', `${node}`));
  return assembleNetlist(names, new Map(names.map((name, node) => [name, node])), branches);
}

const ohms = fc.double({ min: 0.001, max: 5000, noNaN: true });
const device = 'N';

/** Any mix of conductors, loads, sources, boards, coils, contacts and diodes, joined anyhow. */
export const randomCircuit = fc.integer({ min: 2, max: 14 }).chain((nodes) => {
  const node = fc.integer({ min: 0, max: nodes - 1 });
  const ends = fc.tuple(node, node).filter(([a, b]) => a !== b);
  const kind = fc.oneof(
    { weight: 6, arbitrary: ohms.map((r) => ({ kind: 'conductor' as const, siemens: 1 / r })) },
    {
      weight: 2,
      arbitrary: ohms.map((r) => ({
        kind: 'load' as const,
        siemens: 1 / r,
        maxVolts: 15,
        current: 'dc' as const,
      })),
    },
    {
      weight: 2,
      arbitrary: fc.record({
        kind: fc.constant('source' as const),
        volts: fc.double({ min: 5, max: 24, noNaN: true }),
        ohms: fc.double({ min: 0.05, max: 1, noNaN: true }),
        maxAmps: fc.double({ min: 0.5, max: 3, noNaN: true }),
        battery: fc.constant(null),
        current: fc.constant('dc' as const),
      }),
    },
    {
      weight: 1,
      arbitrary: fc.record({
        kind: fc.constant('electronic' as const),
        law: fc.constantFrom('current' as const, 'power' as const),
        draw: fc.double({ min: 0.01, max: 0.3, noNaN: true }),
        minVolts: fc.constant(8),
        startVolts: fc.constant(9),
        maxVolts: fc.constant(15),
        current: fc.constant('dc' as const),
      }),
    },
    {
      weight: 1,
      arbitrary: fc.record({
        kind: fc.constant('coil' as const),
        siemens: ohms.map((r) => 1 / (r + 20)),
        pullInVolts: fc.constant(9),
        dropOutVolts: fc.constant(3),
        maxVolts: fc.constant(15),
        current: fc.constant('dc' as const),
      }),
    },
    {
      weight: 2,
      arbitrary: fc.record({
        kind: fc.constant('contact' as const),
        siemens: fc.constant(33),
        normallyClosed: fc.boolean(),
        state: fc.integer({ min: 0, max: 20 }).map((n) => `b${n}`),
        needs: fc.constant(null),
        unless: fc.constant(null),
        maxAmps: fc.constant(3),
      }),
    },
    {
      weight: 1,
      arbitrary: fc.constant({ kind: 'varistor' as const, volts: 12, siemens: 0.5 }),
    },
    {
      weight: 1,
      arbitrary: fc.constant({ kind: 'diode' as const, volts: 0.7, siemens: 20 }),
    },
  );
  return fc.array(fc.tuple(ends, kind), { minLength: 1, maxLength: 28 }).map((list) => ({
    nodes,
    branches: list.map(([[a, b], part], index) => ({ id: `b${index}`, a, b, device, ...part }) as Branch),
  }));
});
