import { withConductors } from '../circuit/index';
import { celsius, conductorResistance, SHELF_SIZES, type Gauge } from '../units/index';
import { applyEdit, type Plan } from '../plan/index';
import { atRest, buildWorld, type World } from '../simulate/index';
import { enough, keepsEnough, powerBudget } from './powerBudget';

/**
 * The smallest size for these conductors that keeps every device of the door at or above the voltage it
 * needs, even on the lowest battery; null where the largest does not either. Solves the door once a size, on the circuit as it
 * stands: only what these conductors conduct is another.
 */
export function smallestGauge(plan: Plan, world: World, conductors: readonly string[]): Gauge | null {
  for (const gauge of SHELF_SIZES[plan.site.units]) {
    const siemens = new Map(
      conductors.flatMap((id): [string, number][] => {
        const wire = plan.conductors[id];
        return wire ? [[id, 1 / conductorResistance(gauge, wire.length, celsius(20))]] : [];
      }),
    );
    const sized: World = { ...world, netlist: withConductors(world.netlist, siemens) };
    if (keepsEnough(sized, atRest(sized))) return gauge;
  }
  return null;
}

/** The slow twin of `smallestGauge`: compiles the door anew for every size. */
export function smallestGaugeAnew(plan: Plan, door: string, conductors: readonly string[]): Gauge | null {
  for (const gauge of SHELF_SIZES[plan.site.units]) {
    const sized = conductors.reduce((current, id) => {
      const result = applyEdit(current, { kind: 'setConductor', id, patch: { gauge } });
      return result.ok ? result.plan : current;
    }, plan);
    const world = buildWorld(sized, door);
    if (powerBudget(sized, world, atRest(world)).voltages.every(enough)) return gauge;
  }
  return null;
}
