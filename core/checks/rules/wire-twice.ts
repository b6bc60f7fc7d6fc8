import { allConductors, terminalLabel } from '../../plan/index';
import { onWire } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** Two wires between the same two terminals: one is forgotten, or both were meant for different ones. */
const twinWires: Analysis<'plan' | 'door'> = ({ plan, door }) => {
  const seen = new Map<string, string>();
  return allConductors(plan).flatMap((wire): Violation[] => {
    if (wire.door !== door.id) return [];
    const key = [wire.from, wire.to].sort().join(' ');
    const first = seen.get(key);
    if (first === undefined) {
      seen.set(key, wire.number);
      return [];
    }
    const values = {
      wire: wire.number,
      other: first,
      from: terminalLabel(plan, wire.from, door.id),
      to: terminalLabel(plan, wire.to, door.id),
    };
    return [
      violation('wire-twice', [onWire(wire.id)], values, {
        remedy: { kind: 'disconnect', id: wire.id },
      }),
    ];
  });
};

export const wireTwice = rule({
  code: 'wire-twice',
  family: 'W',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: twinWires,
});
