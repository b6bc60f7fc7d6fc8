import { targetOf } from '../../autowire/index';
import { terminalAt } from '../../circuit/index';
import { allConductors, type Conductor, type Edit, nextWireNumber, type TerminalId } from '../../plan/index';
import type { CheckContext } from '../context';

/** A step of the way: along what is there, through a contact, or along a wire that is still to be laid. */
interface Step {
  readonly to: TerminalId;
  readonly lays: Conductor | null;
}

type Wirings = WeakMap<object, readonly Conductor[]>;
const targets: Wirings = new WeakMap();

/** What Aldaba would lay at this door, worked out once a context. */
function targetWires({ plan, door, world }: CheckContext): readonly Conductor[] {
  const known = targets.get(world) ?? targetOf(plan, door.id).wires;
  targets.set(world, known);
  return known;
}

function graphOf(context: CheckContext): Map<TerminalId, Step[]> {
  const { world, plan } = context;
  const graph = new Map<TerminalId, Step[]>();
  const join = (a: TerminalId, b: TerminalId, lays: Conductor | null) => {
    for (const [from, to] of [
      [a, b],
      [b, a],
    ] as const) {
      const steps = graph.get(from);
      if (steps) steps.push({ to, lays });
      else graph.set(from, [{ to, lays }]);
    }
  };
  for (const branch of world.netlist.branches) {
    if (branch.kind === 'contact' || branch.kind === 'link')
      join(terminalAt(world.netlist, branch.a), terminalAt(world.netlist, branch.b), null);
  }
  for (const wire of allConductors(plan)) join(wire.from, wire.to, null);
  for (const wire of targetWires(context)) join(wire.from, wire.to, wire);
  return graph;
}

/** The way with the fewest wires to lay: a breadth-first search in which what is there costs nothing. */
function cheapestWay(
  graph: ReadonlyMap<TerminalId, readonly Step[]>,
  from: TerminalId,
  to: TerminalId,
): Conductor[] | null {
  const laid = new Map<TerminalId, readonly Conductor[]>([[from, []]]);
  const queue: TerminalId[] = [from];
  for (let at = queue.shift(); at !== undefined; at = queue.shift()) {
    const so = laid.get(at) ?? [];
    for (const { to: next, lays } of graph.get(at) ?? []) {
      const then = lays ? [...so, lays] : so;
      const before = laid.get(next);
      if (before && before.length <= then.length) continue;
      laid.set(next, then);
      if (lays) queue.push(next);
      else queue.unshift(next);
    }
  }
  return [...(laid.get(to) ?? [])].length > 0 ? [...(laid.get(to) ?? [])] : null;
}

/**
 * The wires of the real loop that are missing between two terminals: what Aldaba would lay there itself, through every contact
 * that belongs in between. Never a wire past them; nothing where it would join the two in no way.
 */
export function missingPiece(context: CheckContext, from: TerminalId, to: TerminalId): Edit | null {
  const { plan, door } = context;
  const way = cheapestWay(graphOf(context), from, to);
  if (!way) return null;
  const taken = new Set<string>();
  const edits = way.map((wire): Edit => {
    const number = nextWireNumber(plan, door.id, taken);
    taken.add(number);
    return {
      kind: 'connect',
      conductor: { ...wire, id: `${door.id}/${number}`, door: door.id, number, origin: 'hand' },
    };
  });
  return edits.length === 1 ? edits[0]! : { kind: 'batch', label: 'the missing wires', edits };
}
