import { withDefect, type Bridged, type Defect, type Netlist } from '../circuit/index';
import { resettle, type SimState, type World } from '../simulate/index';
import { DIES, type Fault } from './fault';

/** The door with a fault in it. */
export const brokenWorld = (world: World, defect: Defect, bridged?: Bridged): World => ({
  ...world,
  netlist: withDefect(world.netlist, defect, bridged),
});

/** Boards that die with it, by branch id. */
export const diedWith = (broken: World, fault: Fault): string[] =>
  fault.kind !== 'device-dead'
    ? []
    : broken.netlist.branches
        .filter((branch) => branch.kind === 'electronic' && branch.device === fault.device)
        .map(({ id }) => id);

/** The moment at which it breaks, seen from a state of the sound door: the circuit settles and the devices answer. */
export const breakNow = (broken: World, state: SimState, fault: Fault): SimState =>
  resettle(broken, { ...state, failed: new Set([...state.failed, ...diedWith(broken, fault)]) });

/** What a fault is to the circuit. */
export function defectOf({ branches, branchOf, nodeOf }: Netlist, fault: Fault): Defect {
  switch (fault.kind) {
    case 'wire-open':
      return { kind: 'open', branches: [branchOf.get(fault.conductor) ?? -1] };
    case 'fuse-open':
      return { kind: 'open', branches: [branchOf.get(fault.fuse) ?? -1] };
    case 'terminals-touch':
      return { kind: 'bridge', a: nodeOf.get(fault.a) ?? 0, b: nodeOf.get(fault.b) ?? 0 };
    case 'contact-welded':
    case 'contact-dead': {
      const branch = branchOf.get(fault.contact) ?? -1;
      const closed = fault.kind === 'contact-welded';
      return { kind: 'stuck', branch, closed, others: closed ? otherThrows(branches, branch) : [] };
    }
    case 'device-dead':
      return {
        kind: 'open',
        branches: branches.flatMap((branch, index) =>
          branch.kind !== 'conductor' &&
          branch.device === fault.device &&
          branch.kind !== 'electronic' &&
          DIES.has(branch.kind)
            ? [index]
            : [],
        ),
      };
  }
}

/** The other throw of a welded contact's armature: it shares the common and what works it, and stands open for good. */
function otherThrows(branches: Netlist['branches'], index: number): number[] {
  const one = branches[index];
  if (one?.kind !== 'contact') return [];
  return branches.flatMap((other, at) => {
    if (at === index || other.kind !== 'contact' || other.device !== one.device) return [];
    const common = [other.a, other.b].some((node) => node === one.a || node === one.b);
    return common && other.state === one.state && other.normallyClosed !== one.normallyClosed ? [at] : [];
  });
}
