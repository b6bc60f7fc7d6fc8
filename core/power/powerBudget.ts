import { isUnsettledAt, voltsAcross, type BranchOf, type OperatingPoint } from '../circuit/index';
import { roleValue } from '../devices/index';
import type { Plan } from '../plan/index';
import { lockStatuses, stimulate, type SimState, type World } from '../simulate/index';
import { doorDevices } from '../door/index';

/** Spare capacity asked of a supply: a quarter on top of the worst case. Source: common practice. */
export const HEADROOM = 0.25;
/** Share of a battery's rated capacity left at the end of its life. Source: common practice for lead-acid. */
export const AGED_SHARE = 0.8;

/** What one supply carries, in the states that matter. Amps, hours. */
export interface SupplyBudget {
  readonly device: string;
  readonly tag: string;
  readonly branch: number;
  readonly ratedAmps: number;
  readonly restAmps: number;
  readonly releasedAmps: number;
  /** The larger of the two; where its circuit never comes to rest, what all that hangs on it is rated to draw. */
  readonly worstAmps: number;
  /** What `worstAmps` may be at most to keep the headroom. */
  readonly allowedAmps: number;
  readonly loads: readonly SupplyLoad[];
  readonly battery: BatteryBudget | null;
  /** In one of the two states its circuit never comes to rest: no current of it is one, and nothing follows from any. */
  readonly isUnsettled: boolean;
}

export interface SupplyLoad {
  readonly device: string;
  readonly tag: string;
  readonly part: string;
  readonly restAmps: number;
  readonly releasedAmps: number;
}

export interface BatteryBudget {
  readonly ampHours: number;
  readonly askedHours: number;
  /** Average current while on battery at rest. */
  readonly amps: number;
  /** ampHours · AGED_SHARE / amps. */
  readonly hours: number;
}

/** Voltage at one fed device, in volts. */
export interface FedVoltage {
  readonly device: string;
  readonly tag: string;
  readonly part: string;
  readonly needsVolts: number;
  readonly maxVolts: number;
  readonly rest: number | null;
  /** Lowest in any state on mains in which the device is used. */
  readonly released: number | null;
  /** With the battery at its cut-off; null where no battery stands behind it. */
  readonly lowest: number | null;
  /** In one of these states its circuit never comes to rest. */
  readonly isUnsettled: boolean;
}

/** Current, resistance and drop of one conductor in its busiest state. */
export interface ConductorDrop {
  readonly conductor: string;
  readonly number: string;
  readonly amps: number;
  readonly ohms: number;
  readonly volts: number;
  /** In one of these states its circuit never comes to rest: what is said to flow is no current. */
  readonly isUnsettled: boolean;
}

export interface PowerBudget {
  readonly supplies: readonly SupplyBudget[];
  readonly voltages: readonly FedVoltage[];
  readonly drops: readonly ConductorDrop[];
}

interface Cases {
  readonly rest: SimState;
  readonly released: SimState;
  readonly lowest: SimState | null;
  readonly lowestReleased: SimState | null;
}

/** The battery at its cut-off; null where there is none. */
function atCutOff(world: World, rest: SimState): SimState | null {
  const hasBattery = world.netlist.branches.some((branch) => branch.kind === 'source' && branch.battery);
  return hasBattery ? stimulate(world, rest, { kind: 'batteryAt', share: 1e-6 }).state : null;
}

/**
 * True where every device gets what it needs, or the one that is named: what the voltages of the budget say, and no more of it
 * is worked out than it takes to say no.
 */
export function keepsEnough(world: World, rest: SimState, device?: string): boolean {
  const asked = fedBranches(world, rest).filter(
    ({ branch }) => device === undefined || branch.device === device,
  );
  const holds = (state: SimState | null) =>
    !state ||
    asked.every(({ index, needsVolts }) =>
      isEnough(voltsAcross(world.netlist, state.point, index), needsVolts),
    );
  if (!holds(rest) || !holds(released(world, rest))) return false;
  const lowest = atCutOff(world, rest);
  return holds(lowest) && holds(lowest && released(world, lowest));
}

/** True where a device gets what it needs in every state that was solved. */
export const enough = ({ needsVolts, rest, released: used, lowest }: FedVoltage): boolean =>
  [rest, used, lowest].every((volts) => isEnough(volts, needsVolts));

/**
 * What a device gets: enough, too little, nothing at all though it needs it, nothing in these states, as a sounder that is silent; or
 * no voltage that could be told, in a circuit that never rests.
 */
export type Feeding = 'enough' | 'too-little' | 'not-fed' | 'idle' | 'unsettled';

export function feedingOf(fed: FedVoltage): Feeding {
  if (fed.isUnsettled) return 'unsettled';
  const { rest, released: used, lowest } = fed;
  const gets = [rest, used, lowest].some((volts) => volts !== null && Math.abs(volts) > NOT_FED_VOLTS);
  if (!gets) return fed.needsVolts > 0 ? 'not-fed' : 'idle';
  return enough(fed) ? 'enough' : 'too-little';
}

/** Without any voltage a device is not fed at all: other findings say so. */
const isEnough = (volts: number | null, needsVolts: number): boolean =>
  volts === null || Math.abs(volts) <= NOT_FED_VOLTS || volts >= needsVolts;
const NOT_FED_VOLTS = 0.5;

/** Sizes a door's power from solved states: at rest, released, and both with the battery at its cut-off. */
export function powerBudget(plan: Plan, world: World, rest: SimState): PowerBudget {
  const lowest = atCutOff(world, rest);
  const cases: Cases = {
    rest,
    released: released(world, rest),
    lowest,
    lowestReleased: lowest ? released(world, lowest) : null,
  };
  return {
    supplies: supplies(plan, world, cases),
    voltages: voltages(plan, world, cases),
    drops: drops(plan, world, cases),
  };
}

/** The door being used: a credential where it has an entry, else its first exit. */
function released(world: World, state: SimState): SimState {
  const exit = [...doorDevices(world, 'button'), ...doorDevices(world, 'sensor')][0];
  const byCard = stimulate(world, state, { kind: 'credential', valid: true }).state;
  const moved = lockStatuses(world, byCard.point).some(
    (lock, index) => lock.hold !== lockStatuses(world, state.point)[index]?.hold,
  );
  if (moved || !exit) return byCard;
  return stimulate(world, state, { kind: 'press', device: exit.device.id }).state;
}

function supplies(plan: Plan, world: World, { rest, released: used }: Cases): SupplyBudget[] {
  return world.netlist.branches.flatMap((branch, index): SupplyBudget[] => {
    if (branch.kind !== 'source') return [];
    const device = plan.devices[branch.device];
    const self = world.inhabitants.find((one) => one.device.id === branch.device);
    const drawn = (point: OperatingPoint) => Math.max(0, -(point.amps[index] ?? 0));
    const restAmps = drawn(rest.point);
    const releasedAmps = drawn(used.point);
    const asked = self ? roleValue(self.type, self.device.settings, 'hours') : 0;
    const isUnsettled = [rest, used].some(({ point }) => isUnsettledAt(world.netlist, point, index));
    return [
      {
        device: branch.device,
        tag: device?.tag ?? branch.device,
        branch: index,
        ratedAmps: branch.maxAmps,
        restAmps,
        releasedAmps,
        worstAmps: isUnsettled ? ratedOn(world, [rest, used], branch) : Math.max(restAmps, releasedAmps),
        allowedAmps: branch.maxAmps / (1 + HEADROOM),
        loads: loadsOn(plan, world, rest, used, index),
        isUnsettled,
        battery: branch.battery && {
          ampHours: branch.battery.ampHours,
          askedHours: typeof asked === 'number' ? asked : 0,
          amps: restAmps,
          hours: restAmps > 0 ? (branch.battery.ampHours * AGED_SHARE) / restAmps : Infinity,
        },
      },
    ];
  });
}

/** What everything on a supply's island is rated to draw at its voltage, amps: from the ratings, not from the circuit. */
function ratedOn({ netlist }: World, states: readonly SimState[], source: BranchOf<'source'>): number {
  return netlist.branches.reduce((sum, branch) => {
    const isOn = states.some(({ point }) => point.island[branch.a] === point.island[source.a]);
    if (!isOn) return sum;
    if (branch.kind === 'electronic')
      return sum + (branch.law === 'power' ? branch.draw / source.volts : branch.draw);
    return branch.kind === 'coil' || branch.kind === 'load' ? sum + source.volts * branch.siemens : sum;
  }, 0);
}

/** Parts that draw from a supply's island. */
function loadsOn(plan: Plan, world: World, rest: SimState, used: SimState, source: number): SupplyLoad[] {
  const { branches } = world.netlist;
  const home = branches[source];
  return branches.flatMap((branch, index): SupplyLoad[] => {
    if (branch.kind !== 'electronic' && branch.kind !== 'load' && branch.kind !== 'coil') return [];
    const together = [rest, used].some(({ point }) => point.island[branch.a] === point.island[home?.a ?? 0]);
    if (!together) return [];
    return [
      {
        device: branch.device,
        tag: plan.devices[branch.device]?.tag ?? branch.device,
        part: branch.id,
        restAmps: Math.abs(rest.point.amps[index] ?? 0),
        releasedAmps: Math.abs(used.point.amps[index] ?? 0),
      },
    ];
  });
}

function voltages(
  plan: Plan,
  world: World,
  { rest, released: used, lowest, lowestReleased }: Cases,
): FedVoltage[] {
  return fedBranches(world, rest).map(({ branch, index, needsVolts }): FedVoltage => {
    const at = (state: SimState | null) => (state ? voltsAcross(world.netlist, state.point, index) : null);
    const active = (values: (number | null)[]) => {
      const fed = values.filter(
        (value): value is number => value !== null && Math.abs(value) > NOT_FED_VOLTS,
      );
      return fed.length > 0 ? Math.min(...fed) : null;
    };
    return {
      device: branch.device,
      tag: plan.devices[branch.device]?.tag ?? branch.device,
      part: branch.id,
      needsVolts,
      maxVolts: branch.maxVolts,
      rest: at(rest),
      released: at(used),
      lowest: active([at(lowest), at(lowestReleased)]),
      isUnsettled: [rest, used, lowest, lowestReleased].some(
        (state) => state !== null && isUnsettledAt(world.netlist, state.point, index),
      ),
    };
  });
}

interface Fed {
  readonly branch: BranchOf<'electronic' | 'load' | 'coil'>;
  readonly index: number;
  readonly needsVolts: number;
}

/** Boards, windings and lamps of a circuit, with the voltage that each needs. */
function fedBranches(world: World, rest: SimState): Fed[] {
  const needs = new Map(lockStatuses(world, rest.point).map((lock) => [lock.branch, lock.needsVolts]));
  return world.netlist.branches.flatMap((branch, index): Fed[] => {
    if (branch.kind === 'electronic') return [{ branch, index, needsVolts: branch.startVolts }];
    if (branch.kind !== 'load' && branch.kind !== 'coil') return [];
    return [{ branch, index, needsVolts: needs.get(index) ?? 0 }];
  });
}

function drops(plan: Plan, world: World, { rest, released: used }: Cases): ConductorDrop[] {
  return world.netlist.branches.flatMap((branch, index): ConductorDrop[] => {
    if (branch.kind !== 'conductor') return [];
    const conductor = plan.conductors[branch.id];
    if (conductor?.door !== world.door.id) return [];
    const amps = Math.max(Math.abs(rest.point.amps[index] ?? 0), Math.abs(used.point.amps[index] ?? 0));
    const ohms = 1 / branch.siemens;
    const isUnsettled = [rest, used].some(({ point }) => isUnsettledAt(world.netlist, point, index));
    return [{ conductor: branch.id, number: conductor.number, amps, ohms, volts: amps * ohms, isUnsettled }];
  });
}
