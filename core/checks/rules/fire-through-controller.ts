import { functionsOf, type DryInput } from '../../devices/index';
import { deviceOf, terminalId } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A fire contact that only asks a controller: a rule in software stands between the fire and the lock. */
const askedThroughController: Analysis<'parts' | 'loops' | 'world' | 'groupOf'> = ({
  parts,
  loops,
  world,
  groupOf,
}) => {
  const softened = (input: DryInput | undefined, device: string): number =>
    input ? groupOf(terminalId(device, input.input)) : -2;
  return parts.fireRelays.flatMap(({ device, type }): Violation[] => {
    const inLock = loops.some(
      (loop) =>
        loop.shape === 'round' &&
        loop.kind === 'lock-power' &&
        [loop.supply, loop.back].some(
          (leg) =>
            leg.complete && leg.steps.some((step) => step.kind === 'through' && step.device === device.id),
        ),
    );
    if (inLock || !parts.decider) return [];
    // All that it reads but a line that is made to be watched, and an input that drops outputs by a contact of its own.
    const { type: asked } = parts.decider;
    const watched = asked.roles.alarmInput?.input;
    const drops = new Set(functionsOf(asked, 'fireInput').map(({ input }) => input));
    const asks = asked.parts.flatMap((part) =>
      part.kind === 'input' && part.a !== watched && !drops.has(part.id)
        ? [{ input: part.a, common: part.b }]
        : [],
    );
    const groups = new Set(asks.map((input) => softened(input, parts.decider!.device.id)));
    const lands = type.terminals.some(({ id }) => groups.has(groupOf(terminalId(device.id, id))));
    if (!lands || world.locks.length === 0) return [];
    const values = { tag: device.tag, other: parts.decider.device.tag };
    return [
      violation(
        'fire-through-controller',
        [onDevice(device.id), onDevice(deviceOf(terminalId(parts.decider.device.id, '')))],
        values,
      ),
    ];
  });
};

export const fireThroughController = rule({
  code: 'fire-through-controller',
  family: 'R',
  station: 'prove',
  severity: 'stop',
  basis: 'local-code',
  find: askedThroughController,
});
