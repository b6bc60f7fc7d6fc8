import { stimulate } from '../../simulate/index';
import { type Analysis, violation, type Violation } from '../violation';
import { notWired } from './notWired';

/** A door contact that no input sees, or sees the wrong way round. */
export const unseenContacts: Analysis<'world' | 'rest' | 'parts' | 'plan' | 'door' | 'loops'> = ({
  world,
  rest,
  parts,
  plan,
  door,
  loops,
}) => {
  if (notWired({ plan, door, parts })) return [];
  return parts.contacts.flatMap(({ device }): Violation[] => {
    const opened = stimulate(world, rest, { kind: 'openDoor', from: 'force', leaf: device.leaf }).state;
    const broken = loops.some(
      (loop) => loop.shape === 'round' && !loop.complete && loop.load.device === device.id,
    );
    if (broken) return [];
    const changed = [...rest.readings].filter(([id, reading]) => opened.readings.get(id) !== reading);
    const at = [{ kind: 'device', id: device.id } as const];
    const values = { tag: plan.devices[device.id]?.tag ?? '' };
    if (changed.length === 0) return [violation('contact-unseen', at, values)];
    const inverted = changed.every(([, reading]) => reading === 'open');
    return inverted ? [violation('contact-inverted', at, values)] : [];
  });
};
