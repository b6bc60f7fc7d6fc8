import { functionOf, roleValue, settingFor } from '../../devices/index';
import { inputsOf, type InputAt } from '../../door/index';
import { terminalId, terminalLabel, type Edit } from '../../plan/index';
import { atRest, buildWorld } from '../../simulate/index';
import { setTo } from '../analyses/menuInputs';
import { inputsMovedBy } from '../analyses/moves';
import { bridge } from '../analyses/bridge';
import { changeOver, otherThrow, planAfter, type Throw } from '../analyses/otherThrow';
import { takeOut } from '../analyses/takeOut';
import { onDevice, onTerminal, onWire, type CheckContext } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

type Asked = InputAt & { readonly form: 'NO' | 'NC' };

const asksAt = (form: 'NO' | 'NC') => (form === 'NO' ? 'closed' : 'open');

/** Inputs that ask for this door: of the channel that serves it, of its own timers and operators. */
function askingInputs({ world, parts, door, wiresAt }: CheckContext): Asked[] {
  const decider = parts.decider?.device.id;
  return inputsOf(world.inhabitants)
    .filter(({ purpose }) => purpose === 'exit')
    .filter(({ device, channel }) =>
      device === decider && channel !== null
        ? channel === parts.channel
        : world.inhabitants.some((one) => one.device.id === device && one.device.door === door.id),
    )
    .filter(({ device, pin }) => wiresAt(terminalId(device, pin)).length > 0)
    .map((input) => {
      const self = world.inhabitants.find(({ device }) => device.id === input.device);
      const form = self && roleValue(self.type, self.device.settings, 'form', input.channel ?? 0);
      return { ...input, form: form === 'NC' ? 'NC' : 'NO' };
    });
}

/** A contact that, on its other throw, no longer asks at rest. */
function blade(context: CheckContext, input: Asked): Throw | null {
  const { world, rest, plan, door } = context;
  if (context.trial || input.form === 'NC') return null;
  for (const [index, branch] of world.netlist.branches.entries()) {
    if (branch.kind !== 'contact' || rest.point.on[index] !== 1) continue;
    const other = otherThrow(world, index);
    if (!other || context.wiresAt(other.on).length === 0) continue;
    const changed = planAfter(plan, changeOver(plan, [other]));
    if (changed && atRest(buildWorld(changed, door.id)).readings.get(input.id) !== 'closed') return other;
  }
  return null;
}

/** What puts it right, and what it is: a bridge, a contact on its wrong throw, a setting. */
function cause(context: CheckContext, input: Asked): { at: Violation['at']; remedy?: Edit; how: string } {
  const [asking, common] = [terminalId(input.device, input.pin), terminalId(input.device, input.common)];
  if (context.groupOf(asking) === context.groupOf(common) && input.form === 'NO') {
    const wire = bridge(context, asking, common);
    return { at: wire ? [onWire(wire)] : [], how: 'bridged', ...takeOut(wire) };
  }
  const contact = context.parts.contacts.some((one) =>
    inputsMovedBy(context, one).some(({ id }) => id === input.id),
  );
  const menu = contact ? setTo(context.plan, input.device, input.part, 'contact') : null;
  if (menu) return { at: [], how: 'menu', remedy: menu };
  const thrown = blade(context, input);
  if (thrown) {
    const wires = context.wiresAt(thrown.on).map(({ id }) => onWire(id));
    return {
      at: [onTerminal(thrown.on), ...wires],
      how: 'throw',
      remedy: changeOver(context.plan, [thrown]),
    };
  }
  const setting = settingFor(input.type, 'form', input.channel ?? 0)?.id;
  if (!setting) return { at: [], how: 'contact' };
  const value = input.form === 'NO' ? 'NC' : 'NO';
  return { at: [], how: 'setting', remedy: { kind: 'setSetting', device: input.device, setting, value } };
}

/**
 * An exit input that is asked all the time. One that answers to the level holds the door released; one that answers to the
 * edge never sees a press.
 */
const heldExit: Analysis = (context) => {
  const { rest, plan, door, world } = context;
  return askingInputs(context).flatMap((input): Violation[] => {
    if (rest.readings.get(input.id) !== asksAt(input.form)) return [];
    const { at, remedy, how } = cause(context, input);
    const asking = terminalId(input.device, input.pin);
    const channel =
      input.channel === null
        ? functionOf(input.type, 'timer')?.channel
        : functionOf(input.type, 'decides')?.channels[input.channel];
    const values = {
      terminal: terminalLabel(plan, asking, door.id),
      tag: world.inhabitants.find(({ device }) => device.id === input.device)?.device.tag ?? '',
      form: input.form,
      sense: channel?.exitSense ?? 'edge',
      how,
    };
    return [
      violation(
        'exit-held',
        [onTerminal(asking), onDevice(input.device), ...at],
        values,
        remedy ? { remedy } : {},
      ),
    ];
  });
};

export const exitHeld = rule({
  code: 'exit-held',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: heldExit,
});
