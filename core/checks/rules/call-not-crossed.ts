import { terminalId } from '../../plan/index';
import { setsHere } from '../analyses/setsHere';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** Two answering stations call each other only when the call terminal of each leads to the other's bell. */
const callsCross: Analysis = (context) => {
  const { groupOf, wiresAt } = context;
  return setsHere(context).flatMap((set) => {
    if (set.answering.length < 2) return [];
    return set.answering.flatMap(({ device, pins }): Violation[] => {
      const call = terminalId(device.id, pins.call);
      if (wiresAt(call).length === 0) return [];
      const group = groupOf(call);
      const reaches = set.answering.some(
        (other) =>
          other.device.id !== device.id && groupOf(terminalId(other.device.id, other.pins.callIn)) === group,
      );
      return reaches ? [] : [violation('call-not-crossed', [onDevice(device.id)], { tag: device.tag })];
    });
  });
};

export const callNotCrossed = rule({
  code: 'call-not-crossed',
  family: 'W',
  station: 'wire',
  severity: 'caution',
  basis: 'practice',
  find: callsCross,
});
