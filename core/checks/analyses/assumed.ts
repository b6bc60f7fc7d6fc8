import type { Edit } from '../../plan/index';
import { type Analysis, violation, type Violation } from '../violation';
import { doorSubject } from './doorSubject';

/** What the verdict rests on that nobody has entered: lengths and sizes of wires, answers of the brief. */
export const assumed: Analysis = (context) => {
  const { plan, door, world, parts } = context;
  const at = doorSubject(context);
  const found: Violation[] = [];
  const wires = world.netlist.branches.flatMap((branch) => {
    const wire = branch.kind === 'conductor' ? plan.conductors[branch.id] : undefined;
    return wire ? [wire] : [];
  });
  const lengths = wires.filter((wire) => wire.assumed.includes('length')).length;
  const sizes = wires.filter((wire) => wire.assumed.includes('gauge')).length;
  if (lengths + sizes > 0)
    found.push(violation('wires-assumed', at, { lengths, sizes, count: wires.length }));
  const { brief } = door;
  // Before the questions that decide are answered, there is nothing to rest on it.
  if (brief.assumed.length > 0 && parts.all.length > 0) {
    const remedy: Edit = { kind: 'setDoor', id: door.id, patch: { brief: { ...brief, assumed: [] } } };
    found.push(violation('brief-assumed', at, { answers: brief.assumed.join(',') }, { remedy }));
  }
  return found;
};
