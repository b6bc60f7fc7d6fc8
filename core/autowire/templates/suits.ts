import { resolveParam, type Current, type DeviceType } from '../../devices/index';
import type { Placed } from '../../door/index';

/** Volts and kind of current that a device's supply should have. */
interface Wanted {
  readonly from: number;
  readonly to: number;
  readonly current: Current;
}

/** What the parts of a device between its feed or lock terminals ask for; null where it has none to feed. */
function wantedBy({ device, type }: Placed): Wanted | null {
  const value = (param: Parameters<typeof resolveParam>[0]) => resolveParam(param, type, device.settings);
  for (const part of type.parts) {
    if (part.kind === 'electronic')
      return { from: part.startVolts, to: part.maxVolts, current: part.current ?? 'dc' };
    if (part.kind === 'coil')
      return { from: value(part.pullInVolts), to: value(part.maxVolts), current: part.current ?? 'dc' };
    if (part.kind === 'load') {
      const rated = type.lock?.kind === 'magnet' ? value(type.lock.ratedVolts) * type.lock.holdShare : 0;
      return { from: rated, to: value(part.maxVolts), current: part.current ?? 'dc' };
    }
  }
  return null;
}

const sourceOf = (type: DeviceType) => type.parts.find((part) => part.kind === 'source');

/** True where a supply gives what a device asks for. */
export function suits(supply: Placed, fed: Placed): boolean {
  const wanted = wantedBy(fed);
  const source = sourceOf(supply.type);
  if (!wanted || source?.kind !== 'source') return false;
  const kind = source.current ?? 'dc';
  const right = wanted.current === 'both' || wanted.current === kind;
  return right && source.volts >= wanted.from && source.volts <= wanted.to;
}

/** The supply for a device: the first that suits it; null where none does, because a wrong one destroys it. */
export const supplyFor = (supplies: readonly Placed[], fed: Placed): Placed | null =>
  supplies.find((supply) => suits(supply, fed)) ?? null;
