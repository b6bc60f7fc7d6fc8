import { inputChannel, setInputs, type Acted, type FunctionOf } from '../../devices/index';
import { findTypeIn, terminalId, terminalLabel, type Edit, type Plan } from '../../plan/index';
import { onDevice, onTerminal, onWire } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { inputsMovedBy } from './moves';

/** An input whose menu says what it is, with what it is set to. */
interface MenuInput {
  readonly spec: FunctionOf<'input'>;
  readonly acts: Acted;
  readonly setting: string;
  readonly pin: string;
}

/** The settable inputs of a device, as its type has them before any is set. */
function menuOf(plan: Plan, id: string): MenuInput[] {
  const device = plan.devices[id];
  const type = device && findTypeIn(plan, device.type);
  if (!type) return [];
  return setInputs(type, device.settings).flatMap(({ spec, acts }) => {
    const part = type.parts.find((one) => one.id === spec.input);
    return part && typeof spec.acts !== 'string'
      ? [{ spec, acts, setting: spec.acts.setting, pin: part.a }]
      : [];
  });
}

/**
 * The edit that makes a settable input what its wires ask for; the input that was it until now takes over what this one was.
 * Null for an input that no menu sets, and for a menu that does not know the word.
 */
export function setTo(plan: Plan, device: string, part: string, job: 'exit' | 'contact'): Edit | null {
  const menu = menuOf(plan, device);
  const mine = menu.find(({ spec }) => spec.input === part);
  const held = plan.devices[device];
  const type = held && findTypeIn(plan, held.type);
  const spec = type?.settings.find(({ id }) => id === mine?.setting);
  if (!mine || !type || spec?.kind !== 'choice' || !spec.options.some(({ value }) => value === job))
    return null;
  const other = menu.find(
    (one) => one !== mine && one.acts === job && inputChannel(one.spec) === inputChannel(mine.spec),
  );
  const put = (setting: string, value: string): Edit => ({ kind: 'setSetting', device, setting, value });
  const edits = [put(mine.setting, job), ...(other ? [put(other.setting, mine.acts)] : [])];
  return edits.length === 1 ? edits[0]! : { kind: 'batch', label: `set the inputs of ${held.tag}`, edits };
}

/** Inputs of a menu: one with a wire that is set to nothing, and two that are set to be the same. */
export const menuInputs: Analysis<'plan' | 'door' | 'world' | 'rest' | 'parts' | 'wiresAt'> = (context) => {
  const { plan, door, world, rest, parts, wiresAt } = context;
  // Most doors have no such menu, and nothing is worked out for them.
  const menus = new Map(
    world.inhabitants
      .filter(({ device }) => device.door === door.id || device.id === parts.decider?.device.id)
      .map(({ device }) => [device.id, menuOf(plan, device.id)] as const)
      .filter(([, menu]) => menu.length > 0),
  );
  if (menus.size === 0) return [];
  const told = new Set(
    [...parts.exits, ...parts.contacts].flatMap((one) =>
      inputsMovedBy({ world, rest }, one).map(({ id }) => id),
    ),
  );
  return world.inhabitants.flatMap(({ device }): Violation[] => {
    const menu = menus.get(device.id) ?? [];
    return menu.flatMap(({ spec, acts, setting, pin }, index): Violation[] => {
      const at = terminalId(device.id, pin);
      const wires = wiresAt(at);
      const values = { tag: device.tag, terminal: terminalLabel(plan, at, door.id), acts };
      const where = [onTerminal(at), onDevice(device.id), ...wires.map(({ id }) => onWire(id))];
      const first = menu.findIndex(
        (one) => one.acts === acts && inputChannel(one.spec) === inputChannel(spec),
      );
      if ((acts === 'exit' || acts === 'contact') && first < index) {
        const other = terminalLabel(plan, terminalId(device.id, menu[first]!.pin), door.id);
        const idle: Edit = { kind: 'setSetting', device: device.id, setting, value: 'none' };
        const remedy = wires.length === 0 ? { remedy: idle } : {};
        return acts === 'contact' || wires.length === 0
          ? [violation('input-twice', where, { ...values, other }, remedy)]
          : [];
      }
      const unused = acts === 'none' && wires.some((wire) => wire.door === door.id);
      return unused && !told.has(`${device.id}:${spec.input}`)
        ? [violation('input-unset', where, values)]
        : [];
    });
  });
};
