import { voltsAcross, terminalAt } from '../../circuit/index';
import { terminalId, terminalLabel } from '../../plan/index';
import { type CheckContext, onDevice, onTerminal } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { looseLead } from './looseLead';

/** Resistance that a meter would show across an input, from the voltage the input sees; null for an open one. */
function lineOhms({ world, rest }: CheckContext, id: string): number | null {
  const index = world.netlist.branchOf.get(id);
  const branch = index === undefined ? undefined : world.netlist.branches[index];
  if (index === undefined || branch?.kind !== 'input') return null;
  const volts = voltsAcross(world.netlist, rest.point, index) ?? branch.volts;
  const share = volts / branch.volts;
  return share > 0.98 ? null : share / (1 - share) / branch.siemens;
}

/** Supervised inputs that read trouble at rest: no resistor, a wrong one, or an open pair. */
export const endOfLine: Analysis = (context) => {
  const { world, rest, plan, door, wiresAt, parts } = context;
  const watched = parts.decider?.type.roles.contactInputs?.[parts.channel]?.input;
  const contactInput =
    parts.decider && watched && parts.contacts.length > 0 ? terminalId(parts.decider.device.id, watched) : '';
  return world.netlist.branches.flatMap((branch): Violation[] => {
    if (branch.kind !== 'input') return [];
    const terminal = terminalAt(world.netlist, branch.a);
    // A supervised input with nothing on it still watches, as long as the door has a contact for it.
    const landed = wiresAt(terminal).some((wire) => wire.door === door.id);
    if (!landed && terminal !== contactInput) return [];
    const reading = rest.readings.get(branch.id);
    const at = [onTerminal(terminal), onDevice(branch.device)];
    const ohms = lineOhms(context, branch.id);
    const values = {
      terminal: terminalLabel(plan, terminal, door.id),
      tag: plan.devices[branch.device]?.tag ?? '',
      measured: ohms ?? -1,
      limit: 1 / branch.siemens,
    };
    if (branch.supervised && reading === 'trouble') {
      // A resistor that hangs loose is the one that is missing.
      const loose = parts.resistors.filter((one) => looseLead(context, one)).map(({ device }) => device);
      const all = [...at, ...loose.map(({ id }) => onDevice(id))];
      if (ohms === null) return [violation('eol-open', all, values)];
      return [violation(ohms < 100 ? 'eol-missing' : 'eol-wrong-value', all, values)];
    }
    if (branch.supervised || reading !== 'unsure') return [];
    const self = world.inhabitants.find(({ device }) => device.id === branch.device);
    const setting = self?.type.parts.find(
      (part) => part.kind === 'input' && part.when && `${branch.device}:${part.id}` === branch.id,
    )?.when?.setting;
    const remedy = setting
      ? { remedy: { kind: 'setSetting', device: branch.device, setting, value: 'eol' } as const }
      : {};
    return [violation('eol-on-plain-input', at, values, remedy)];
  });
};
