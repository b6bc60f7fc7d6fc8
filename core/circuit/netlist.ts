import { type Celsius, celsius, conductorResistance } from '../units/index';
import { presentParts, resolveParam, type DeviceType } from '../devices/index';
import { type Device, type Scope, terminalId, typeIn, type TerminalId } from '../plan/index';
import type { Branch } from './branch';
import { fuseSiemens } from './siemens';
import { makeWorkspace, planElimination, type Elimination, type Workspace } from './elimination';
import { fastBranches, fixedSiemens, type FastBranches } from './fastBranches';

/** A circuit ready to be solved many times: ids turned into indices, settings into numbers, the order chosen. */
export interface Netlist {
  /** Terminal id of each node. Every terminal is a node of its own: even a link has resistance. */
  readonly nodes: readonly TerminalId[];
  readonly nodeOf: ReadonlyMap<TerminalId, number>;
  readonly branches: readonly Branch[];
  readonly branchOf: ReadonlyMap<string, number>;
  readonly elimination: Elimination;
  /** Branch of the coil that works a contact, −1 where a person or a behaviour does. */
  readonly coilOf: Int32Array;
  /** Branch of the board that a contact or input needs, −1 for none. */
  readonly boardOf: Int32Array;
  /** The same branches as plain arrays, for the loops that run thousands of times. */
  readonly fast: FastBranches;
  /** Working memory, reused by every solution of this netlist; nothing in it outlives one call. */
  readonly scratch: Workspace & BranchScratch;
}

/** The terminal that a node is. Throws for a number that is none. */
export function terminalAt({ nodes }: Pick<Netlist, 'nodes'>, node: number): TerminalId {
  const terminal = nodes[node];
  if (terminal === undefined) throw new Error(`there is no node ${node} among ${nodes.length}`);
  return terminal;
}

interface BranchScratch {
  /** Conductance and electromotive force of each branch in the present modes. */
  readonly siemens: Float64Array;
  readonly emf: Float64Array;
  /** Potentials while a board of constant power is taken to draw nothing. */
  readonly undrawn: Float64Array;
  /** Amps that each board of constant power was given in the last solution. */
  readonly drawn: Float64Array;
  /** Volts that the alternating sources alone give each node. */
  readonly alternating: Float64Array;
}

/** Prepares branches between known nodes for solving: indices looked up once, elimination order chosen. */
export function assembleNetlist(
  nodes: readonly TerminalId[],
  nodeOf: ReadonlyMap<TerminalId, number>,
  branches: readonly Branch[],
): Netlist {
  const branchOf = new Map(branches.map((branch, index) => [branch.id, index]));
  const find = (id: string | null) => (id === null ? -1 : (branchOf.get(id) ?? -1));
  // A state may bear the name of the contact it works; only a coil of that name works it by itself.
  const coil = (id: string) => {
    const index = find(id);
    return branches[index]?.kind === 'coil' ? index : -1;
  };
  const elimination = planElimination(
    nodes.length,
    branches.map(({ a, b }) => [a, b] as const),
  );
  return withScratch({
    nodes,
    nodeOf,
    branches,
    branchOf,
    elimination,
    coilOf: Int32Array.from(branches, (branch) => (branch.kind === 'contact' ? coil(branch.state) : -1)),
    boardOf: Int32Array.from(branches, (branch) => {
      if (branch.kind === 'contact') return find(branch.needs);
      return branch.kind === 'input' ? find(branch.poweredBy) : -1;
    }),
    fast: fastBranches(branches),
  });
}

/** A netlist with working memory of its own. */
export function withScratch(netlist: Omit<Netlist, 'scratch'>): Netlist {
  const { branches, nodes, elimination } = netlist;
  return {
    ...netlist,
    scratch: {
      ...makeWorkspace(elimination),
      siemens: new Float64Array(branches.length),
      emf: new Float64Array(branches.length),
      undrawn: new Float64Array(nodes.length),
      drawn: new Float64Array(branches.length),
      alternating: new Float64Array(nodes.length),
    },
  };
}

/** Resistance of a joint inside a device, ohms. */
const LINK_OHMS = 0.005;
export const LINK_SIEMENS = 1 / LINK_OHMS;

/** A device's terminals and parts, its nodes counted from its first. */
interface CompiledDevice {
  readonly nodes: readonly TerminalId[];
  readonly branches: readonly Branch[];
}

const compiled = new WeakMap<Device, { readonly type: DeviceType; readonly device: CompiledDevice }>();

/** What a device brings to a circuit. It is the same in every copy of the plan that holds the device as it is. */
function compileDevice(device: Device, type: DeviceType): CompiledDevice {
  const known = compiled.get(device);
  if (known?.type === type) return known.device;
  const nodes = [...type.terminals.map((terminal) => terminal.id), ...(type.nodes ?? [])].map((point) =>
    terminalId(device.id, point),
  );
  const nodeOf = new Map(nodes.map((id, index) => [id, index]));
  const made = { nodes, branches: partsOf(device, type, nodeOf) };
  compiled.set(device, { type, device: made });
  return made;
}

/** Compiles a door's scope. Conductors with an end on an unknown device are left out: the checks name them. */
export function compileNetlist(scope: Scope, temperature: Celsius = celsius(20)): Netlist {
  const nodes: TerminalId[] = [];
  const branches: Branch[] = [];
  for (const device of scope.devices) {
    const base = nodes.length;
    const its = compileDevice(device, typeIn(scope, device));
    for (const node of its.nodes) nodes.push(node);
    for (const branch of its.branches) branches.push({ ...branch, a: base + branch.a, b: base + branch.b });
  }
  const nodeOf = new Map(nodes.map((id, index) => [id, index]));
  for (const conductor of scope.conductors) {
    const a = nodeOf.get(conductor.from);
    const b = nodeOf.get(conductor.to);
    if (a === undefined || b === undefined) continue;
    const ohms = conductorResistance(conductor.gauge, conductor.length, temperature);
    branches.push({ kind: 'conductor', id: conductor.id, a, b, siemens: 1 / ohms });
  }
  return assembleNetlist(nodes, nodeOf, branches);
}

/**
 * The same circuit with conductors of other sizes, by their ids: all that was looked up and ordered stands. It shares its
 * working memory with the one it is made from.
 */
export function withConductors(netlist: Netlist, siemens: ReadonlyMap<string, number>): Netlist {
  const branches = netlist.branches.map((branch): Branch => {
    const other = branch.kind === 'conductor' ? siemens.get(branch.id) : undefined;
    return branch.kind === 'conductor' && other !== undefined ? { ...branch, siemens: other } : branch;
  });
  return { ...netlist, branches, fast: { ...netlist.fast, fixed: fixedSiemens(branches) } };
}

function partsOf(device: Device, type: DeviceType, nodeOf: ReadonlyMap<TerminalId, number>): Branch[] {
  const value = (param: Parameters<typeof resolveParam>[0]) => resolveParam(param, type, device.settings);
  return presentParts(type, device.settings).map((part): Branch => {
    const id = `${device.id}:${part.id}`;
    const a = nodeOf.get(terminalId(device.id, part.a)) ?? -1;
    const b = nodeOf.get(terminalId(device.id, part.b)) ?? -1;
    const at = { id, a, b, device: device.id };
    switch (part.kind) {
      case 'contact':
        return {
          ...at,
          kind: 'contact',
          siemens: 1 / part.ohms,
          normallyClosed: part.form === 'NC',
          state: `${device.id}:${part.state}`,
          needs: part.needs === undefined ? null : `${device.id}:${part.needs}`,
          unless: part.unless === undefined ? null : `${device.id}:${part.unless}`,
          maxAmps: part.maxAmps,
        };
      case 'coil':
        return {
          ...at,
          kind: 'coil',
          siemens: 1 / value(part.ohms),
          pullInVolts: value(part.pullInVolts),
          dropOutVolts: value(part.dropOutVolts),
          maxVolts: value(part.maxVolts),
          current: part.current ?? 'dc',
        };
      case 'load':
        return {
          ...at,
          kind: 'load',
          siemens: 1 / value(part.ohms),
          maxVolts: value(part.maxVolts),
          current: part.current ?? 'dc',
        };
      case 'electronic': {
        const { draw, minVolts, startVolts, maxVolts, current = 'dc' } = part;
        const law = current === 'dc' ? part.law : 'resistive';
        return { ...at, kind: 'electronic', law, draw, minVolts, startVolts, maxVolts, current };
      }
      case 'source':
        return {
          ...at,
          kind: 'source',
          volts: part.volts,
          ohms: part.ohms,
          maxAmps: part.maxAmps,
          battery: part.battery ? { ...part.battery, ampHours: value(part.battery.ampHours) } : null,
          current: part.current ?? 'dc',
        };
      case 'input':
        return {
          ...at,
          kind: 'input',
          volts: part.pullVolts,
          siemens: 1 / part.pullOhms,
          poweredBy: `${device.id}:${part.poweredBy}`,
          closedBelow: part.closedBelow,
          openAbove: part.openAbove,
          supervised: part.supervised ?? null,
        };
      case 'output':
        return { ...at, kind: 'output', siemens: 1 / part.ohms, maxVolts: part.maxVolts };
      case 'varistor':
        return { ...at, kind: 'varistor', volts: part.clampVolts, siemens: 1 / part.ohms };
      case 'diode':
        return { ...at, kind: 'diode', volts: part.forwardVolts, siemens: 1 / part.ohms };
      case 'resistor':
        return { ...at, kind: 'resistor', siemens: 1 / value(part.ohms) };
      case 'fuse': {
        const ratedAmps = value(part.amps);
        return { ...at, kind: 'fuse', siemens: fuseSiemens(ratedAmps), ratedAmps };
      }
      case 'link':
        return { ...at, kind: 'link', siemens: LINK_SIEMENS };
    }
  });
}
