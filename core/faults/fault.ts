import { joinedNodes, type BranchOf } from '../circuit/index';
import { terminalId, type TerminalId } from '../plan/index';
import type { World } from '../simulate/index';

/** One thing that breaks. Contacts are named by branch id, `device:part`. */
export type Fault =
  | { readonly kind: 'wire-open'; readonly conductor: string }
  /** Two terminals that stand side by side touch: a whisker, a drop of solder, a screw too long. */
  | { readonly kind: 'terminals-touch'; readonly a: TerminalId; readonly b: TerminalId }
  /** A contact that is welded: it conducts whatever works it. */
  | { readonly kind: 'contact-welded'; readonly contact: string }
  /** A contact that is burnt or dirty: it never conducts. */
  | { readonly kind: 'contact-dead'; readonly contact: string }
  /** A fuse that has blown of age, or was taken out; by branch id. */
  | { readonly kind: 'fuse-open'; readonly fuse: string }
  /** A device that has died: its boards never start, its windings are open, its supply gives nothing. */
  | { readonly kind: 'device-dead'; readonly device: string };

export type FaultKind = Fault['kind'];

/** Whose faults are asked for: of what stands at the door and what serves the site, or of all that is joined to it. */
export type Whose = 'door' | 'all';

/** Every single fault of a door's circuit, in the order of its devices and wires: the same circuit always gives the same list. */
export function faultsOf(world: World, whose: Whose = 'door'): Fault[] {
  const { netlist, inhabitants, door } = world;
  const counts = (device: string): boolean => {
    const at = world.byId.get(device)?.device.door;
    return whose === 'all' || at === door.id || at === null;
  };
  const owner = (node: number): string => {
    const terminal = netlist.nodes[node] ?? '';
    return terminal.slice(0, terminal.lastIndexOf('.'));
  };
  const landed = new Set<number>();
  const open = netlist.branches.flatMap((branch): Fault[] => {
    if (branch.kind !== 'conductor') return [];
    landed.add(branch.a).add(branch.b);
    return counts(owner(branch.a)) || counts(owner(branch.b))
      ? [{ kind: 'wire-open', conductor: branch.id }]
      : [];
  });
  const point = joinedNodes(netlist);
  const touch = inhabitants.flatMap(({ device, type }): Fault[] => {
    if (!counts(device.id)) return [];
    const row = type.terminals.map(({ id }) => terminalId(device.id, id));
    return row.slice(1).flatMap((b, index): Fault[] => {
      const a = row[index]!;
      const [one, two] = [netlist.nodeOf.get(a), netlist.nodeOf.get(b)];
      if (one === undefined || two === undefined || point[one] === point[two]) return [];
      return landed.has(one) || landed.has(two) ? [{ kind: 'terminals-touch', a, b }] : [];
    });
  });
  const contacts = netlist.branches.filter(
    (branch): branch is BranchOf<'contact'> => branch.kind === 'contact' && counts(branch.device),
  );
  return [
    ...open,
    ...touch,
    ...contacts.map(({ id }): Fault => ({ kind: 'contact-welded', contact: id })),
    ...contacts.map(({ id }): Fault => ({ kind: 'contact-dead', contact: id })),
    ...netlist.branches.flatMap((branch): Fault[] =>
      branch.kind === 'fuse' && counts(branch.device) ? [{ kind: 'fuse-open', fuse: branch.id }] : [],
    ),
    ...inhabitants.flatMap(({ device, type }): Fault[] =>
      counts(device.id) && type.parts.some(({ kind }) => DIES.has(kind))
        ? [{ kind: 'device-dead', device: device.id }]
        : [],
    ),
  ];
}

/** Parts without which a device is dead. */
export const DIES: ReadonlySet<string> = new Set(['electronic', 'source', 'coil', 'load']);
