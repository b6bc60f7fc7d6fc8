import { does } from '../../devices/index';
import { typeIn } from '../../plan/index';
import { busMap, type BusMap, portOf } from '../../bus/index';
import type { CheckContext } from '../context';

/** The bus that this door's controller has, where this door's readers hang on it, or other controllers do. */
export function busOf({ plan, parts, door }: CheckContext): BusMap | null {
  const { decider } = parts;
  if (!decider || !portOf(decider.type)) return null;
  const bus = busMap(plan, decider.device.id);
  const mine = bus?.members.some(({ device: id }) => {
    const device = plan.devices[id];
    return device && (device.door === door.id || does(typeIn(plan, device), 'decides'));
  });
  return bus && mine ? bus : null;
}
