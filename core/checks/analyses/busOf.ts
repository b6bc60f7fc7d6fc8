import { busMap, type BusMap, portOf } from '../../bus/index';
import type { CheckContext } from '../context';

/** The bus that this door's controller has and this door's readers hang on. */
export function busOf({ plan, parts, door }: CheckContext): BusMap | null {
  const { decider } = parts;
  if (!decider || !portOf(decider.type)) return null;
  const bus = busMap(plan, decider.device.id);
  const mine = bus?.members.some(({ device }) => plan.devices[device]?.door === door.id);
  return bus && mine ? bus : null;
}
