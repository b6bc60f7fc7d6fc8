import { presentParts, type Part } from '../devices/index';
import { terminalId, typeIn, type Scope, type TerminalId } from '../plan/index';
import type { LegStep } from './loop';

/** Which way one may walk from a terminal, and what it costs. */
export interface GraphEdge {
  readonly to: TerminalId;
  readonly step: LegStep;
  readonly cost: number;
  /** A contact's state and form, so that no way leads in at one throw of a changeover and out at the other. */
  readonly contact?: { readonly state: string; readonly form: 'NO' | 'NC' };
}

export type WireGraph = ReadonlyMap<TerminalId, readonly GraphEdge[]>;

/** Contacts that are closed at rest are the way a loop is meant to go; open ones cost more, and win nothing. */
const COST = { wire: 1, link: 0.2, closed: 1, open: 4, resistor: 6 } as const;

/** What it costs to walk through a part; null where no loop leads through it. */
function costOf(part: Part): number | null {
  switch (part.kind) {
    case 'link':
    case 'fuse':
      return COST.link;
    case 'resistor':
      return COST.resistor;
    case 'contact':
      return part.form === 'NC' ? COST.closed : COST.open;
    default:
      return null;
  }
}

/** Terminals joined by conductors, contacts in either position, and joints inside devices. */
export function wireGraph(scope: Scope): WireGraph {
  const graph = new Map<TerminalId, GraphEdge[]>();
  const join = (
    a: TerminalId,
    b: TerminalId,
    cost: number,
    step: (from: TerminalId, to: TerminalId) => LegStep,
    contact?: GraphEdge['contact'],
  ) => {
    for (const [from, to] of [
      [a, b],
      [b, a],
    ] as const) {
      const list = graph.get(from) ?? [];
      list.push({ to, cost, step: step(from, to), ...(contact ? { contact } : {}) });
      graph.set(from, list);
    }
  };
  for (const device of scope.devices) {
    const type = typeIn(scope, device);
    // A reader's data outputs are electronic: they carry bits, no loop leads through them.
    if (type.family === 'reader') continue;
    for (const part of presentParts(type, device.settings)) {
      const cost = costOf(part);
      if (cost === null) continue;
      join(
        terminalId(device.id, part.a),
        terminalId(device.id, part.b),
        cost,
        (from, to) => ({ kind: 'through', device: device.id, part: part.id, from, to }),
        part.kind === 'contact' ? { state: `${device.id}:${part.state}`, form: part.form } : undefined,
      );
    }
  }
  for (const { id, from: a, to: b } of scope.conductors) {
    join(a, b, COST.wire, (from, to) => ({ kind: 'wire', conductor: id, from, to }));
  }
  return graph;
}

/** Where a walk may not go. */
export interface Barred {
  readonly terminals?: ReadonlySet<TerminalId>;
  /** Parts as `device:part`. */
  readonly parts?: ReadonlySet<string>;
  readonly wires?: ReadonlySet<string>;
}

const allowed = (edge: GraphEdge, target: TerminalId | null, barred: Barred): boolean => {
  if (edge.step.kind === 'wire') {
    if (barred.wires?.has(edge.step.conductor)) return false;
  } else if (barred.parts?.has(`${edge.step.device}:${edge.step.part}`)) return false;
  return edge.to === target || !barred.terminals?.has(edge.to);
};

/**
 * The pieces that a graph falls into without the barred terminals. Tells whether a way between the first terminal and any of
 * the others can exist at all; where one of them is barred itself it may.
 */
export function piecesOf(
  graph: WireGraph,
  { terminals }: Barred,
): (from: TerminalId, ...to: TerminalId[]) => boolean {
  const pieceOf = new Map<TerminalId, number>();
  const isBarred = (terminal: TerminalId) => terminals?.has(terminal) === true;
  let pieces = 0;
  for (const start of graph.keys()) {
    if (pieceOf.has(start) || isBarred(start)) continue;
    pieces += 1;
    pieceOf.set(start, pieces);
    const queue = [start];
    for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
      for (const { to } of graph.get(at) ?? []) {
        if (pieceOf.has(to) || isBarred(to)) continue;
        pieceOf.set(to, pieces);
        queue.push(to);
      }
    }
  }
  return (from, ...to) =>
    isBarred(from) ||
    to.some((one) => isBarred(one) || one === from || pieceOf.get(one) === (pieceOf.get(from) ?? -1));
}

/** The end of a walk: where it stands, by which edge it came, and the walk before it. */
interface Walk {
  readonly at: TerminalId;
  readonly cost: number;
  readonly via: GraphEdge | null;
  readonly before: Walk | null;
}

/** A changeover is never closed both ways: no way leads in at NC and out at NO. */
const bothThrows = (before: GraphEdge | null, { contact }: GraphEdge): boolean =>
  contact !== undefined && before?.contact?.state === contact.state && before.contact.form !== contact.form;

/** Where a walk may go on depends on the blade it came through, so that each such arrival counts by itself. */
const arrival = (at: TerminalId, via: GraphEdge | null): string =>
  via?.contact ? `${at} ${via.contact.state} ${via.contact.form}` : at;

function hasPassed(walk: Walk, terminal: TerminalId): boolean {
  for (let step: Walk | null = walk; step; step = step.before) if (step.at === terminal) return true;
  return false;
}

/**
 * Cheapest walks from a terminal to all it reaches (Dijkstra; the graphs are small enough for a plain scan). No walk has a
 * terminal twice: a way whose cheaper beginning stands in its own way may be missed, fewer than one of a hundred in the twin.
 */
function spread(
  graph: WireGraph,
  from: TerminalId,
  target: TerminalId | null,
  barred: Barred,
): ReadonlyMap<TerminalId, Walk> {
  const start: Walk = { at: from, cost: 0, via: null, before: null };
  const known = new Map<string, Walk>([[arrival(from, null), start]]);
  const open = new Map(known);
  const reached = new Map<TerminalId, Walk>();
  while (open.size > 0) {
    const [key, here] = [...open].reduce((a, b) => (b[1].cost < a[1].cost ? b : a));
    open.delete(key);
    if (!reached.has(here.at)) reached.set(here.at, here);
    if (here.at === target) break;
    for (const edge of graph.get(here.at) ?? []) {
      if (!allowed(edge, target, barred) || bothThrows(here.via, edge) || hasPassed(here, edge.to)) continue;
      const next: Walk = { at: edge.to, cost: here.cost + edge.cost, via: edge, before: here };
      const there = arrival(edge.to, edge);
      const other = known.get(there);
      if (other && other.cost <= next.cost) continue;
      known.set(there, next);
      open.set(there, next);
    }
  }
  return reached;
}

function unwind(walk: Walk): LegStep[] {
  const steps: LegStep[] = [];
  for (let step: Walk | null = walk; step?.via; step = step.before) steps.unshift(step.via.step);
  return steps;
}

/** The cheapest way between two terminals, or null. */
export function findWay(
  graph: WireGraph,
  from: TerminalId,
  to: TerminalId,
  barred: Barred = {},
): LegStep[] | null {
  if (from === to) return [];
  const walk = spread(graph, from, to, barred).get(to);
  return walk ? unwind(walk) : null;
}

/** The longest of the ways that lead away from a terminal: what still hangs on it when its loop is broken. */
export function longestWay(graph: WireGraph, from: TerminalId, barred: Barred): LegStep[] {
  let best: LegStep[] = [];
  for (const walk of spread(graph, from, null, barred).values()) {
    const way = unwind(walk);
    const wires = (steps: LegStep[]) => steps.filter((step) => step.kind === 'wire').length;
    if (wires(way) > wires(best) || (wires(way) === wires(best) && way.length > best.length)) best = way;
  }
  return best;
}

/** A way walked the other way round. */
export const reverseWay = (steps: readonly LegStep[]): LegStep[] =>
  [...steps].reverse().map((step) => ({ ...step, from: step.to, to: step.from }));
