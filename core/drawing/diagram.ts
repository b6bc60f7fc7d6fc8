import type { DeviceType } from '../devices/index';
import {
  allDevices,
  type TerminalId,
  conductorsOf,
  deviceOf,
  terminalId,
  typeIn,
  type Conductor,
  type Device,
  type DoorId,
  type Plan,
} from '../plan/index';

/** A terminal as it stands on a box of the diagram; one that is used from both sides stands on both. */
export interface DiagramPort {
  readonly id: string;
  readonly terminal: TerminalId;
  readonly side: 'left' | 'right';
  readonly y: number;
}

export interface DiagramNode {
  readonly device: string;
  readonly tag: string;
  readonly name: string;
  readonly symbol: DeviceType['symbol'];
  readonly family: DeviceType['family'];
  readonly width: number;
  readonly height: number;
  readonly ports: readonly DiagramPort[];
  /** Terminals that nothing lands on. */
  readonly unused: number;
}

export interface DiagramEdge {
  readonly conductor: string;
  /** Ports: a terminal and the side of its box, `L1.+>left`. */
  readonly from: string;
  readonly to: string;
}

/** A whole door as boxes and wires, before anything has a place on paper. */
export interface DiagramModel {
  readonly nodes: readonly DiagramNode[];
  readonly edges: readonly DiagramEdge[];
}

const HEAD = 46;
const ROW = 20;
const FOOT = 12;
const CHAR = 7.2;

/** From the supply to the lock: the order in which power and orders travel, and boxes stand from left to right. */
const ORDER: readonly DeviceType['family'][] = [
  'supply',
  'network',
  'release',
  'controller',
  'keypad',
  'relay',
  'intercom',
  'operator',
  'reader',
  'exit',
  'contact',
  'joint',
  'sounder',
  'suppression',
  'lock',
];

/** A break glass stands at the door, near the lock; a fire relay in the enclosure, near the supply. */
const rank = (device: Device, type: DeviceType): number =>
  ORDER.indexOf(type.family) +
  (type.family === 'release' && device.place !== 'enclosure' ? ORDER.length : 0) +
  (type.family === 'lock' ? 2 * ORDER.length : 0) +
  (type.family === 'suppression' ? 3 * ORDER.length : 0);

/** The diagram of a door: every device its wires touch, in an order that a new wire does not change. */
export function diagramModel(plan: Plan, door: DoorId): DiagramModel {
  const wires = conductorsOf(plan, door);
  const ids = new Set([
    ...allDevices(plan)
      .filter((device) => device.door === door)
      .map(({ id }) => id),
    ...wires.flatMap(({ from, to }) => [deviceOf(from), deviceOf(to)]),
  ]);
  const devices = [...ids]
    .flatMap((id) => plan.devices[id] ?? [])
    .map((device) => ({ device, type: typeIn(plan, device) }))
    .sort((a, b) => rank(a.device, a.type) - rank(b.device, b.type) || (a.device.id < b.device.id ? -1 : 1));
  const order = new Map(devices.map(({ device }, index) => [device.id, index]));
  const edges = wires.map((wire) => edgeOf(wire, order));
  const sides = new Map<TerminalId, Set<'left' | 'right'>>();
  const note = (terminal: TerminalId, side: 'left' | 'right') =>
    sides.set(terminal, (sides.get(terminal) ?? new Set()).add(side));
  for (const { from, to } of edges) {
    note(from, 'right');
    note(to, deviceOf(from) === deviceOf(to) ? 'right' : 'left');
  }
  return {
    nodes: devices.map(({ device, type }) => nodeOf(device, type, door, sides)),
    edges: edges.map(({ conductor, from, to }) => ({
      conductor,
      from: `${from}>right`,
      to: `${to}>${deviceOf(from) === deviceOf(to) ? 'right' : 'left'}`,
    })),
  };
}

/** A wire in the direction of the paper. */
function edgeOf(wire: Conductor, order: ReadonlyMap<string, number>) {
  const forward = (order.get(deviceOf(wire.from)) ?? 0) <= (order.get(deviceOf(wire.to)) ?? 0);
  return { conductor: wire.id, from: forward ? wire.from : wire.to, to: forward ? wire.to : wire.from };
}

function nodeOf(
  device: Device,
  type: DeviceType,
  door: DoorId,
  sides: ReadonlyMap<TerminalId, ReadonlySet<'left' | 'right'>>,
): DiagramNode {
  const ports: DiagramPort[] = [];
  const count = { left: 0, right: 0 };
  const longest = { left: 0, right: 0 };
  for (const { id } of type.terminals) {
    const terminal = terminalId(device.id, id);
    for (const side of ['left', 'right'] as const) {
      if (!sides.get(terminal)?.has(side)) continue;
      ports.push({ id: `${terminal}>${side}`, terminal, side, y: HEAD + count[side] * ROW + ROW / 2 });
      count[side] += 1;
      longest[side] = Math.max(longest[side], id.length);
    }
  }
  const tag = device.door === door || device.door === null ? device.tag : `${device.door}/${device.tag}`;
  const words = Math.max(tag.length * 8, type.short.length * 6.4) + 44;
  return {
    device: device.id,
    tag,
    name: type.short,
    symbol: type.symbol,
    family: type.family,
    width: Math.ceil(Math.max(words, (longest.left + longest.right) * CHAR + 44, 96)),
    height: HEAD + Math.max(count.left, count.right) * ROW + FOOT,
    ports,
    unused: type.terminals.filter(({ id }) => !sides.has(terminalId(device.id, id))).length,
  };
}

/** Where everything stands once it has been laid out. */
export interface DiagramLayout {
  readonly width: number;
  readonly height: number;
  readonly places: Readonly<Record<string, { readonly x: number; readonly y: number }>>;
  readonly ways: Readonly<Record<string, readonly (readonly [number, number])[]>>;
}

/** A graph as the layered layout engine wants it. */
export interface LayoutGraph {
  readonly id: string;
  readonly layoutOptions: Readonly<Record<string, string>>;
  readonly children: readonly {
    readonly id: string;
    readonly width: number;
    readonly height: number;
    readonly x?: number;
    readonly y?: number;
    readonly layoutOptions: Readonly<Record<string, string>>;
    readonly ports: readonly {
      readonly id: string;
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
      readonly layoutOptions: Readonly<Record<string, string>>;
    }[];
  }[];
  readonly edges: readonly { readonly id: string; readonly sources: string[]; readonly targets: string[] }[];
}

/**
 * The model as a graph to lay out: layers from left to right, right-angled wires, terminals where they stand on
 * their box. With the places of an earlier layout, boxes keep their layer and their order, so that one more wire
 * moves nothing else.
 */
export function layoutGraph(model: DiagramModel, before?: DiagramLayout): LayoutGraph {
  const keeps = before !== undefined && model.nodes.every(({ device }) => before.places[device]);
  return {
    id: 'door',
    layoutOptions: {
      'elk.algorithm': 'layered',
      'elk.direction': 'RIGHT',
      'elk.edgeRouting': 'ORTHOGONAL',
      'elk.spacing.nodeNode': '34',
      'elk.spacing.edgeEdge': '12',
      'elk.spacing.edgeNode': '16',
      'elk.layered.spacing.nodeNodeBetweenLayers': '80',
      'elk.layered.spacing.edgeEdgeBetweenLayers': '13',
      'elk.layered.spacing.edgeNodeBetweenLayers': '16',
      'elk.layered.nodePlacement.strategy': 'NETWORK_SIMPLEX',
      'elk.layered.considerModelOrder.strategy': 'PREFER_EDGES',
      'elk.padding': '[top=28,left=28,bottom=28,right=28]',
      ...(keeps
        ? {
            'elk.layered.cycleBreaking.strategy': 'INTERACTIVE',
            'elk.layered.layering.strategy': 'INTERACTIVE',
            'elk.layered.crossingMinimization.strategy': 'INTERACTIVE',
          }
        : { 'elk.layered.cycleBreaking.strategy': 'MODEL_ORDER' }),
    },
    children: model.nodes.map((node) => ({
      id: node.device,
      width: node.width,
      height: node.height,
      ...(keeps ? before.places[node.device] : {}),
      layoutOptions: { 'elk.portConstraints': 'FIXED_POS' },
      ports: node.ports.map(({ id, side, y }) => ({
        id,
        x: side === 'left' ? 0 : node.width,
        y,
        width: 0,
        height: 0,
        layoutOptions: { 'elk.port.side': side === 'left' ? 'WEST' : 'EAST' },
      })),
    })),
    edges: model.edges.map(({ conductor, from, to }) => ({ id: conductor, sources: [from], targets: [to] })),
  };
}

/** What the layout engine gives back, as far as it is read. */
export interface LaidOut {
  readonly width?: number;
  readonly height?: number;
  readonly children?: readonly { readonly id: string; readonly x?: number; readonly y?: number }[];
  readonly edges?: readonly {
    readonly id: string;
    readonly sections?: readonly {
      readonly startPoint: { readonly x: number; readonly y: number };
      readonly endPoint: { readonly x: number; readonly y: number };
      readonly bendPoints?: readonly { readonly x: number; readonly y: number }[];
    }[];
  }[];
}

export function readLayout(laid: LaidOut): DiagramLayout {
  return {
    width: Math.ceil(laid.width ?? 0),
    height: Math.ceil(laid.height ?? 0),
    places: Object.fromEntries((laid.children ?? []).map(({ id, x = 0, y = 0 }) => [id, { x, y }])),
    ways: Object.fromEntries(
      (laid.edges ?? []).map(({ id, sections = [] }) => [
        id,
        sections.flatMap(({ startPoint, bendPoints = [], endPoint }) =>
          [startPoint, ...bendPoints, endPoint].map(({ x, y }) => [x, y] as const),
        ),
      ]),
    ),
  };
}
