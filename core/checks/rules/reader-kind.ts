import { does } from '../../devices/index';
import { portOf } from '../../bus/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A reader that speaks another language than its controller listens to. */
const readersOfOtherKind: Analysis<'parts'> = ({ parts }) => {
  const { decider, channel } = parts;
  if (!decider) return [];
  const bus = portOf(decider.type) !== null;
  const wiegand = decider.type.roles.dataInputs?.[channel] !== undefined;
  // What has no port for a reader judges what is presented at itself.
  if (!bus && !decider.type.roles.dataInputs && does(decider.type, 'ownCodes')) return [];
  return parts.readers.flatMap(({ device, type }): Violation[] => {
    const onBus = does(type, 'busReader');
    if (onBus ? bus : wiegand) return [];
    const values = { tag: device.tag, other: decider.device.tag, kind: onBus ? 'bus' : 'wiegand' };
    return [violation('reader-kind', [onDevice(device.id), onDevice(decider.device.id)], values)];
  });
};

export const readerKind = rule({
  code: 'reader-kind',
  family: 'D',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: readersOfOtherKind,
});
