import type { Netlist } from './netlist';
import type { OperatingPoint } from './operatingPoint';

/** True where a branch stands on an island on which something never comes to rest: there is no figure of it. */
export function isUnsettledAt({ branches }: Netlist, point: OperatingPoint, branch: number): boolean {
  const at = branches[branch];
  if (point.restless.length === 0 || !at) return false;
  const island = point.island[at.a];
  return point.restless.some((index) => {
    const one = branches[index];
    return one !== undefined && (point.island[one.a] === island || point.island[one.b] === island);
  });
}
