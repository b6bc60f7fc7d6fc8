import { type Celsius, celsius, conductorResistance } from '../units/index';
import { presentParts, resolveParam, type DeviceType } from '../devices/index';
import { type Device, type Scope, terminalId, typeIn, type TerminalId } from '../plan/index';
import { LEAK_SIEMENS, type Branch } from './branch';
import { makeWorkspace, planElimination, type Elimination, type Workspace } from './elimination';

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

/** Ends and conductances by branch index, and the branches that need more than a conductance, by kind. */
export interface FastBranches {
  readonly a: Int32Array;
  readonly b: Int32Array;
  /** Conductance of a branch that never switches; 0 for contacts, diodes and sources. */
  readonly fixed: Float64Array;
  readonly contacts: Int32Array;
  /** Number of each state that works a contact or holds one, by its key. */
  readonly stateOf: ReadonlyMap<string, number>;
  /** By branch: the state that works a contact and the one that holds it at rest, −1 for none. */
  readonly worksOn: Int32Array;
  readonly heldBy: Int32Array;
  /** Branches that a rating or the wrong kind of current may harm. */
  readonly rated: Int32Array;
  readonly sources: Int32Array;
  readonly boards: Int32Array;
  readonly inputs: Int32Array;
  /** Coils, boards, diodes, varistors and sources: what a solution may contradict. */
  readonly switching: Int32Array;
  /** Branches with a broken winding or nothing behind them: off, whatever lies across. None in a sound circuit. */
  readonly dead: Int32Array;
  /** Sources of alternating current; empty in most circuits, and then nothing is asked about them. */
  readonly alternating: Int32Array;
}

interface BranchScratch {
  /** 1 for each state that is true, by its number. */
  readonly active: Uint8Array;
  /** Conductance and electromotive force of each branch in the present modes. */
  readonly siemens: Float64Array;
  readonly emf: Float64Array;
  /** Amps that each board of constant power was given in the last solution. */
  readonly drawn: Float64Array;
  /** Volts that the alternating sources alone give each node. */
  readonly alternating: Float64Array;
}

const SWITCHED: ReadonlySet<Branch['kind']> = new Set(['contact', 'diode', 'varistor']);
const SWITCHING: ReadonlySet<Branch['kind']> = new Set(['coil', 'electronic', 'diode', 'varistor', 'source']);
const UNRATED: ReadonlySet<Branch['kind']> = new Set(['conductor', 'resistor', 'link', 'varistor']);

function fastBranches(branches: readonly Branch[]): FastBranches {
  const kinds: Record<
    'contacts' | 'rated' | 'sources' | 'boards' | 'inputs' | 'switching' | 'alternating',
    number[]
  > = { contacts: [], rated: [], sources: [], boards: [], inputs: [], switching: [], alternating: [] };
  const stateOf = new Map<string, number>();
  const numberOf = (state: string): number => {
    const known = stateOf.get(state);
    if (known !== undefined) return known;
    stateOf.set(state, stateOf.size);
    return stateOf.size - 1;
  };
  const worksOn = new Int32Array(branches.length).fill(-1);
  const heldBy = new Int32Array(branches.length).fill(-1);
  for (const [index, branch] of branches.entries()) {
    if (!UNRATED.has(branch.kind)) kinds.rated.push(index);
    if (SWITCHING.has(branch.kind)) kinds.switching.push(index);
    if (branch.kind === 'source') kinds.sources.push(index);
    if (branch.kind === 'source' && branch.current === 'ac') kinds.alternating.push(index);
    if (branch.kind === 'electronic') kinds.boards.push(index);
    if (branch.kind === 'input') kinds.inputs.push(index);
    if (branch.kind !== 'contact') continue;
    kinds.contacts.push(index);
    worksOn[index] = numberOf(branch.state);
    if (branch.unless !== null) heldBy[index] = numberOf(branch.unless);
  }
  return {
    a: Int32Array.from(branches, (branch) => branch.a),
    b: Int32Array.from(branches, (branch) => branch.b),
    fixed: fixedSiemens(branches),
    stateOf,
    worksOn,
    heldBy,
    contacts: Int32Array.from(kinds.contacts),
    rated: Int32Array.from(kinds.rated),
    sources: Int32Array.from(kinds.sources),
    boards: Int32Array.from(kinds.boards),
    inputs: Int32Array.from(kinds.inputs),
    switching: Int32Array.from(kinds.switching),
    dead: new Int32Array(0),
    alternating: Int32Array.from(kinds.alternating),
  };
}

const fixedSiemens = (branches: readonly Branch[]): Float64Array =>
  Float64Array.from(branches, (branch) => {
    if (branch.kind === 'electronic') return LEAK_SIEMENS;
    return SWITCHED.has(branch.kind) || branch.kind === 'source' ? 0 : branch.siemens;
  });

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
  const { branches, nodes, fast, elimination } = netlist;
  return {
    ...netlist,
    scratch: {
      ...makeWorkspace(elimination),
      active: new Uint8Array(fast.stateOf.size),
      siemens: new Float64Array(branches.length),
      emf: new Float64Array(branches.length),
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
      case 'link':
        return { ...at, kind: 'link', siemens: LINK_SIEMENS };
    }
  });
}
