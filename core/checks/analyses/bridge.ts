import { terminalAt } from '../../circuit/index';
import { allConductors, type TerminalId } from '../../plan/index';
import type { CheckContext } from '../context';

/** The one wire that makes two terminals one point, if taking it away parts them again. */
export function bridge(
  { plan, groupOf, world }: CheckContext,
  one: TerminalId,
  two: TerminalId,
): string | null {
  const group = groupOf(one);
  const wires = allConductors(plan).filter(({ from }) => groupOf(from) === group);
  const links = world.netlist.branches.filter((branch) => branch.kind === 'link');
  const parted = (without: string): boolean => {
    const reached = new Set([one]);
    for (let grew = true; grew;) {
      grew = false;
      const join = (a: TerminalId, b: TerminalId) => {
        if (reached.has(a) === reached.has(b)) return;
        reached.add(a).add(b);
        grew = true;
      };
      for (const wire of wires) if (wire.id !== without) join(wire.from, wire.to);
      for (const { a, b } of links) join(terminalAt(world.netlist, a), terminalAt(world.netlist, b));
    }
    return !reached.has(two);
  };
  return wires.find((wire) => parted(wire.id))?.id ?? null;
}
