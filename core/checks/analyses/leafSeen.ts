import { inputsOf } from '../../door/index';
import { stimulate, type SimState } from '../../simulate/index';
import { onDevice, onTerminal } from '../context';
import { terminalId } from '../../plan/index';
import { type Analysis, violation, type Violation } from '../violation';
import { asks } from './acts';

/**
 * A door contact's input that reads open although the leaf is shut: what opens in its loop is the lock, as soon as it lets go. Then no re-locking as
 * the door closes works, the door is reported forced or held, and nobody knows whether it is open.
 */
export const leafSeen: Analysis<'world' | 'rest' | 'door'> = ({ world, rest, door }) => {
  const inputs = inputsOf(world.inhabitants).filter(({ purpose }) => purpose === 'contact');
  const closed = inputs.filter(({ id }) => rest.readings.get(id) === 'closed');
  if (closed.length === 0 || rest.doorOpen) return [];
  const released = asks(world)
    .map((act): SimState => stimulate(world, rest, act).state)
    .filter(({ doorOpen }) => !doorOpen);
  return closed.flatMap(({ id, device, pin }): Violation[] => {
    const its = world.inhabitants.find((one) => one.device.id === device);
    if (!its || (its.device.door !== door.id && its.device.door !== null)) return [];
    if (!released.some(({ readings }) => readings.get(id) === 'open')) return [];
    const at = [onTerminal(terminalId(device, pin)), onDevice(device)];
    return [violation('leaf-misread', at, { tag: its.device.tag, terminal: pin })];
  });
};
