import { loopWires } from '../../loops/index';
import { conductorsOf, deviceOf, pinOf, typeIn, type Plan } from '../../plan/index';
import { type Analysis, violation, rule } from '../violation';

/** A wire across an input keeps it closed: it does something, though no loop runs through it. */
function isBridge(plan: Plan, id: string): boolean {
  const wire = plan.conductors[id];
  const device = wire && plan.devices[deviceOf(wire.from)];
  if (!device || deviceOf(wire.to) !== device.id) return false;
  const ends = new Set([pinOf(wire.from), pinOf(wire.to)]);
  return typeIn(plan, device).parts.some(({ kind, a, b }) => kind === 'input' && ends.has(a) && ends.has(b));
}

/** Wires that belong to no loop: to be landed, or capped each on its own. */
const spareWires: Analysis<'loops' | 'plan' | 'door'> = ({ loops, plan, door }) => {
  const spare = loops
    .filter((loop) => loop.kind === 'other')
    .flatMap(loopWires)
    .filter((id) => !isBridge(plan, id));
  if (spare.length === 0) return [];
  const numbers = conductorsOf(plan, door.id)
    .filter((wire) => spare.includes(wire.id))
    .map((wire) => wire.number);
  const at = spare.map((id) => ({ kind: 'conductor', id }) as const);
  return [violation('spare-wire', at, { wires: numbers.join(', '), count: numbers.length })];
};

export const spareWire = rule({
  code: 'spare-wire',
  family: 'W',
  station: 'wire',
  severity: 'note',
  basis: 'practice',
  find: spareWires,
});
