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
import { atRest, buildWorld, type SimState, type World } from '../simulate/index';

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

/** Solves, traces and proves a door. Throws where the door is not in the plan. */
export function checkContext(plan: Plan, doorId: string, { trial = false } = {}): CheckContext {
  const world = buildWorld(plan, doorId);
  const rest = atRest(world);
  const group = joinedNodes(world.netlist);
  const wires = new Map<TerminalId, Conductor[]>();
  for (const wire of allConductors(plan)) {
    for (const end of [wire.from, wire.to]) {
      const list = wires.get(end);
      if (list) list.push(wire);
      else wires.set(end, [wire]);
    }
  }
  const parts = doorParts(plan, doorId);
  const budget = powerBudget(plan, world, rest);
  // What only a fire line joins to this door is in its circuit, and still no supply of it.
  const serves = new Set(parts.supplies.map(({ device }) => device.id));
  const near = new Set(parts.all.map(({ device }) => device.id));
  const isOwn = (id: string) => [doorId, null].includes(plan.devices[id]?.door ?? null) || serves.has(id);
  return {
    plan,
    door: world.door,
    parts,
    loops: traceLoops(plan, doorId),
    world,
    rest,
    proof: prove(plan, world, rest),
    budget: {
      supplies: budget.supplies.filter(({ device }) => isOwn(device)),
      voltages: budget.voltages.filter(({ device }) => isOwn(device)),
      drops: budget.drops.filter(({ conductor }) => {
        const wire = plan.conductors[conductor];
        // A shared supply's own feeds and returns drop this door's voltage too, whoever laid them.
        return wire?.door === doorId || [wire?.from, wire?.to].every((end) => end && near.has(deviceOf(end)));
      }),
    },
    trial,
    groupOf: (terminal) => group[world.netlist.nodeOf.get(terminal) ?? -1] ?? -1,
    wiresAt: (terminal) => wires.get(terminal) ?? [],
  };
}

export const onDevice = (id: string) => ({ kind: 'device', id }) as const;
export const onTerminal = (id: TerminalId) => ({ kind: 'terminal', id }) as const;
export const onWire = (id: string) => ({ kind: 'conductor', id }) as const;
