import { doorParts, type DoorParts } from '../door/index';
import { joinedNodes } from '../circuit/index';
import { traceLoops, type Loop } from '../loops/index';
import {
  allConductors,
  deviceOf,
  type Conductor,
  type Door,
  type Plan,
  type TerminalId,
} from '../plan/index';
import { powerBudget, type PowerBudget } from '../power/index';
import { prove, type Proof } from '../prove/index';
import { atRest, buildWorld, remembering, type SimState, type World } from '../simulate/index';

/** Everything the rules read, worked out once a door. */
export interface CheckContext {
  readonly plan: Plan;
  readonly door: Door;
  readonly parts: DoorParts;
  readonly loops: readonly Loop[];
  readonly world: World;
  readonly rest: SimState;
  readonly proof: Proof;
  readonly budget: PowerBudget;
  /** Terminals that wires and joints make one point have the same number; −1 for one that is not in this circuit. */
  groupOf(terminal: TerminalId): number;
  /** A change that is only tried: remedies that cost a solution each are not worked out. */
  readonly trial: boolean;
  /** Wires on a terminal, of this door and any other. */
  wiresAt(terminal: TerminalId): readonly Conductor[];
}

/** Works something out when it is first asked for. */
function once<T>(make: () => T): () => T {
  let known: { readonly value: T } | null = null;
  return () => (known ??= { value: make() }).value;
}

function wiresByTerminal(plan: Plan): Map<TerminalId, Conductor[]> {
  const wires = new Map<TerminalId, Conductor[]>();
  for (const wire of allConductors(plan)) {
    for (const end of [wire.from, wire.to]) {
      const list = wires.get(end);
      if (list) list.push(wire);
      else wires.set(end, [wire]);
    }
  }
  return wires;
}

/** The power of what is the door's own or serves it: of all that its circuit reaches. */
function ownBudget(plan: Plan, world: World, rest: SimState, parts: DoorParts): PowerBudget {
  const budget = powerBudget(plan, world, rest);
  const door = world.door.id;
  // What only a fire line joins to this door is in its circuit, and still no supply of it.
  const serves = new Set(parts.supplies.map(({ device }) => device.id));
  const near = new Set(parts.all.map(({ device }) => device.id));
  const isOwn = (id: string) => [door, null].includes(plan.devices[id]?.door ?? null) || serves.has(id);
  return {
    supplies: budget.supplies.filter(({ device }) => isOwn(device)),
    voltages: budget.voltages.filter(({ device }) => isOwn(device)),
    drops: budget.drops.filter(({ conductor }) => {
      const wire = plan.conductors[conductor];
      // A shared supply's own feeds and returns drop this door's voltage too, whoever laid them.
      return wire?.door === door || [wire?.from, wire?.to].every((end) => end && near.has(deviceOf(end)));
    }),
  };
}

/**
 * Solves a door; its loops, proof and power are worked out when a rule first asks for them. Throws where the door is not in
 * the plan.
 */
export function checkContext(plan: Plan, doorId: string, { trial = false } = {}): CheckContext {
  const { world } = remembering(buildWorld(plan, doorId));
  const rest = atRest(world);
  const parts = once(() => doorParts(plan, doorId));
  const loops = once(() => traceLoops(plan, doorId));
  const proof = once(() => prove(plan, world, rest));
  const budget = once(() => ownBudget(plan, world, rest, parts()));
  const group = once(() => joinedNodes(world.netlist));
  const wires = once(() => wiresByTerminal(plan));
  return {
    plan,
    door: world.door,
    world,
    rest,
    trial,
    get parts() {
      return parts();
    },
    get loops() {
      return loops();
    },
    get proof() {
      return proof();
    },
    get budget() {
      return budget();
    },
    groupOf: (terminal) => group()[world.netlist.nodeOf.get(terminal) ?? -1] ?? -1,
    wiresAt: (terminal) => wires().get(terminal) ?? [],
  };
}

export const onDevice = (id: string) => ({ kind: 'device', id }) as const;
export const onTerminal = (id: TerminalId) => ({ kind: 'terminal', id }) as const;
export const onWire = (id: string) => ({ kind: 'conductor', id }) as const;
