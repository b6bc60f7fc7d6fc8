import { does } from '../../devices/index';
import type { InputPurpose } from '../../door/index';
import { terminalId, terminalLabel, type TerminalId } from '../../plan/index';
import type { Inhabitant } from '../../simulate/index';
import { inputsAcross, inputsMovedBy } from '../analyses/moves';
import { setTo } from '../analyses/menuInputs';
import { changeOver } from '../analyses/otherThrow';
import { onDevice, onTerminal, onWire, type CheckContext } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

type Job = 'exit' | 'contact';

/** What an input may be for when a device with this job moves it. A contact may report on a status or alarm input too. */
const SUITS: Readonly<Record<Job, readonly InputPurpose[]>> = {
  exit: ['exit'],
  contact: ['contact', 'status', 'alarm'],
};

const jobOf = ({ parts }: CheckContext, { device, type }: Inhabitant): Job | null => {
  if (parts.contacts.some((one) => one.device.id === device.id)) return 'contact';
  if (does(type, 'lever') && type.lock) return null;
  return parts.exits.some((one) => one.device.id === device.id) ? 'exit' : null;
};

/** Where this door's decider takes what the device says. */
function ownInput({ parts }: CheckContext, job: Job): TerminalId | null {
  const { decider, channel } = parts;
  const inputs = job === 'exit' ? decider?.type.roles.exitInputs : decider?.type.roles.contactInputs;
  const pin = inputs?.[channel]?.input;
  return decider && pin ? terminalId(decider.device.id, pin) : null;
}

/** An exit or a door contact on an input that is there for something else, or for another door. */
const misplaced: Analysis = (context) => {
  const { world, plan, door, parts, wiresAt } = context;
  return world.inhabitants.flatMap((self): Violation[] => {
    const job = self.device.door === door.id ? jobOf(context, self) : null;
    if (!job) return [];
    const alone = inputsMovedBy(context, self);
    // Beside a contact that is closed already it moves nothing, and is on that input all the same.
    const moved = alone.length > 0 ? alone : inputsAcross(context, self);
    const suits = moved.some(
      ({ purpose, device, channel }) =>
        SUITS[job].includes(purpose) &&
        // A channel of the door's own controller that serves another door is as wrong.
        (channel === null || device !== parts.decider?.device.id || channel === parts.channel),
    );
    const first = moved[0];
    if (!first || suits) return [];
    const at = terminalId(first.device, first.pin);
    const right = ownInput(context, job);
    const wires = wiresAt(at);
    const menu = setTo(plan, first.device, first.part, job);
    const values = {
      tag: self.device.tag,
      job,
      terminal: terminalLabel(plan, at, door.id),
      purpose: SUITS[job].includes(first.purpose) ? 'other-door' : first.purpose,
      right: right && right !== at ? terminalLabel(plan, right, door.id) : '',
      how: menu ? 'menu' : 'wires',
    };
    const remedy =
      menu ??
      (right && right !== at && alone.length > 0 ? changeOver(plan, [{ on: at, other: right }]) : null);
    return [
      violation(
        'wrong-input',
        [onDevice(self.device.id), onTerminal(at), ...wires.map(({ id }) => onWire(id))],
        values,
        remedy ? { remedy } : {},
      ),
    ];
  });
};

export const wrongInput = rule({
  code: 'wrong-input',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: misplaced,
});
