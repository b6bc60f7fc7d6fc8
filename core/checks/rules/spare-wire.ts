import { loopWires } from '../../loops/index';
import { conductorsOf } from '../../plan/index';
import { type Analysis, hit, rule } from '../hit';

/** Wires that belong to no loop: to be landed, or capped each on its own. */
const spareWires: Analysis<'loops' | 'plan' | 'door'> = ({ loops, plan, door }) => {
  const spare = loops.filter((loop) => loop.kind === 'other').flatMap(loopWires);
  if (spare.length === 0) return [];
  const numbers = conductorsOf(plan, door.id)
    .filter((wire) => spare.includes(wire.id))
    .map((wire) => wire.number);
  const at = spare.map((id) => ({ kind: 'conductor', id }) as const);
  return [hit('spare-wire', at, { wires: numbers.join(', '), count: numbers.length })];
};

export const spareWire = rule({
  code: 'spare-wire',
  family: 'W',
  station: 'wire',
  severity: 'note',
  basis: 'practice',
  find: spareWires,
});
