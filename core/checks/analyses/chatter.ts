import { circleOf, ON, voltsAcross, type OperatingPoint } from '../../circuit/index';
import { conditionsOf, lockStatuses, type SimState } from '../../simulate/index';
import type { CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { usedStates } from './usedStates';

type World = CheckContext['world'];

/** Lowest and highest of some figures; null of none. */
const span = (all: readonly number[]): readonly [number, number] | null =>
  all.length === 0 ? null : [Math.min(...all), Math.max(...all)];

/** What lies across a branch in the states of a circle in which it is on, or is not. */
function across({ netlist }: World, circle: readonly OperatingPoint[], branch: number, isOn: boolean) {
  const its = circle.filter(({ on }) => (on[branch] === ON) === isOn);
  return span(its.flatMap((point) => voltsAcross(netlist, point, branch) ?? []).map(Math.abs));
}

/** The lock whose voltage swings most meanwhile. */
function swinging(world: World, circle: readonly OperatingPoint[]) {
  const [first] = circle.map((point) => lockStatuses(world, point));
  const locks = (first ?? []).flatMap(({ tag }, index) => {
    const its = circle.map((point) => lockStatuses(world, point)[index]!);
    const volts = span(its.flatMap((one) => one.volts ?? []).map(Math.abs));
    return volts ? [{ tag, volts, holds: [...new Set(its.map(({ hold }) => hold))].sort() }] : [];
  });
  return locks.sort((a, b) => b.volts[1] - b.volts[0] - (a.volts[1] - a.volts[0]))[0];
}

/** The two ends between which a part goes to and fro, in volts, and what the lock gets meanwhile. */
function swing(world: World, state: SimState, branch: number): Violation['values'] {
  const circle = circleOf(world.netlist, conditionsOf(state), state.point.on);
  const kind = world.netlist.branches[branch]?.kind ?? 'conductor';
  const [on, off] = [true, false].map((isOn) => across(world, circle, branch, isOn));
  if (!on || !off) return { part: kind };
  const lock = swinging(world, circle);
  return {
    part: kind,
    onVolts: on[0],
    offVolts: off[1],
    states: circle.length,
    ...(lock && {
      lock: lock.tag,
      lowVolts: lock.volts[0],
      highVolts: lock.volts[1],
      holds: lock.holds.join(','),
    }),
  };
}

/** A circuit that never comes to rest, at rest or in use: each device that goes to and fro, once. */
export const chatter: Analysis = (context) => {
  const { world, plan } = context;
  const found = new Map<string, Violation>();
  for (const state of usedStates(context))
    for (const branch of state.point.restless) {
      const at = world.netlist.branches[branch];
      if (!at || at.kind === 'conductor' || found.has(at.device)) continue;
      const values = { tag: plan.devices[at.device]?.tag ?? at.device };
      const sought = () => ({ values: swing(world, state, branch) });
      found.set(at.device, violation('restless', [{ kind: 'device', id: at.device }], values, { sought }));
    }
  return [...found.values()];
};
