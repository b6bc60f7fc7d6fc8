import { terminalId } from '../../plan/index';
import { onDevice } from '../context';
import { tiedSpares } from '../analyses/tiedSpares';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** The two circuits of a pull station joined by wires: the alarm line and the lock power are one system then. */
const crossedCircuits: Analysis = (context) => {
  const { parts, groupOf } = context;
  // Spare legs tied together are named by their own rule.
  const tied = new Set(tiedSpares(context).map(({ values }) => values['tag']));
  return parts.breakGlasses.flatMap(({ device, type }): Violation[] => {
    if (tied.has(device.tag)) return [];
    const alarm = type.roles.alarmContact;
    const pole = type.roles.breakers?.[0];
    if (!alarm || !pole) return [];
    const contacts = (com: string) =>
      new Set(
        type.parts
          .filter((part) => part.kind === 'contact' && part.a === com)
          .flatMap((part) => [part.a, part.b])
          .map((pin) => groupOf(terminalId(device.id, pin)))
          .filter((group) => group >= 0),
      );
    const [first, second] = [contacts(pole.com), contacts(alarm.a)];
    const crossed = [...first].some((group) => second.has(group));
    if (!crossed) return [];
    return [violation('circuits-crossed', [onDevice(device.id)], { tag: device.tag })];
  });
};

export const circuitsCrossed = rule({
  code: 'circuits-crossed',
  family: 'W',
  station: 'wire',
  severity: 'stop',
  basis: 'practice',
  find: crossedCircuits,
});
