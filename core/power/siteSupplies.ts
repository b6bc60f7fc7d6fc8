import { presentParts } from '../devices/index';
import { doorsInOrder, scopeOf, typeIn, type Door, type Plan } from '../plan/index';
import { atRest, buildWorld } from '../simulate/index';
import { powerBudget, type SupplyBudget } from './powerBudget';

/** A supply with its load, as the first door of the ledger that hangs on it is used. */
export interface SiteSupply {
  readonly door: Door;
  readonly supply: SupplyBudget;
}

/** True where anything that feeds this door has not been counted yet. */
function hasMore(plan: Plan, door: Door, counted: ReadonlySet<string>): boolean {
  return scopeOf(plan, door.id).devices.some(
    (device) =>
      !counted.has(device.id) &&
      presentParts(typeIn(plan, device), device.settings).some(({ kind }) => kind === 'source'),
  );
}

/**
 * Every supply of a site, door by door in the order of the ledger: each step solves one door, and whoever asks may pause
 * between two. A supply that serves several doors is counted once, and its circuit is solved once.
 */
export function* siteSupplies(plan: Plan): Generator<readonly SiteSupply[]> {
  const counted = new Set<string>();
  for (const door of doorsInOrder(plan)) {
    if (!hasMore(plan, door, counted)) {
      yield [];
      continue;
    }
    const world = buildWorld(plan, door.id);
    const supplies = powerBudget(plan, world, atRest(world)).supplies;
    const found = supplies
      .filter(({ device }) => !counted.has(device))
      .map((supply): SiteSupply => ({ door, supply }));
    for (const { device } of supplies) counted.add(device);
    yield found;
  }
}
