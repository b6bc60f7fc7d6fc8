import { voltsAcross } from '../circuit/index';
import { roleValue, settingFor, type DryInput } from '../devices/index';
import { deviceOf, terminalId, terminalLabel } from '../plan/index';
import { doorHold, lockStatuses, stimulate } from '../simulate/index';
import { finder, onDevice, onTerminal, type Check, type CheckContext } from './context';
import type { Finding } from './finding';

const find = finder('W', 'wire');

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
export const endOfLine: Check = (context) => {
  const { world, rest, plan, door, wiresAt, parts } = context;
  const watched = parts.decider?.type.roles.contactInputs?.[parts.channel]?.input;
  const contactInput =
    parts.decider && watched && parts.contacts.length > 0 ? terminalId(parts.decider.device.id, watched) : '';
  return world.netlist.branches.flatMap((branch): Finding[] => {
    if (branch.kind !== 'input') return [];
    const terminal = world.netlist.nodes[branch.a] ?? '';
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
      if (ohms === null) return [find('eol-open', 'fix', 'physics', at, values)];
      return [find(ohms < 100 ? 'eol-missing' : 'eol-wrong-value', 'fix', 'physics', at, values)];
    }
    if (branch.supervised || reading !== 'unsure') return [];
    const self = world.inhabitants.find(({ device }) => device.id === branch.device);
    const setting = self?.type.parts.find(
      (part) => part.kind === 'input' && part.when && `${branch.device}:${part.id}` === branch.id,
    )?.when?.setting;
    const remedy = setting
      ? { remedy: { kind: 'setSetting', device: branch.device, setting, value: 'eol' } as const }
      : {};
    return [find('eol-on-plain-input', 'fix', 'physics', at, values, remedy)];
  });
};

/** A supervised contact whose opening reads as trouble: a contact of its line stands outside the resistor across. */
export const openingReads: Check = ({ world, rest, plan, door }) => {
  const opened = stimulate(world, rest, { kind: 'openDoor', from: 'force' }).state;
  return world.netlist.branches.flatMap((branch): Finding[] => {
    if (branch.kind !== 'input' || !branch.supervised) return [];
    if (rest.readings.get(branch.id) !== 'closed' || opened.readings.get(branch.id) !== 'trouble') return [];
    const terminal = world.netlist.nodes[branch.a] ?? '';
    const values = {
      terminal: terminalLabel(plan, terminal, door.id),
      tag: plan.devices[branch.device]?.tag ?? '',
    };
    return [
      find('eol-around-part', 'fix', 'physics', [onTerminal(terminal), onDevice(branch.device)], values),
    ];
  });
};

/** An exit input that is asked all the time: a normally closed contact on an input set for a normally open one. */
export const heldExit: Check = ({ parts, rest, plan, door, wiresAt }) => {
  const { decider, channel } = parts;
  const input = decider?.type.roles.exitInputs?.[channel];
  if (!decider || !input) return [];
  const terminal = terminalId(decider.device.id, input.input);
  if (wiresAt(terminal).length === 0) return [];
  const part = decider.type.parts.find((one) => one.kind === 'input' && one.a === input.input);
  const reading = rest.readings.get(`${decider.device.id}:${part?.id ?? ''}`);
  const setting = settingFor(decider.type, 'form', channel)?.id;
  const form = roleValue(decider.type, decider.device.settings, 'form', channel) === 'NC' ? 'NC' : 'NO';
  const asked = form === 'NO' ? 'closed' : 'open';
  if (reading !== asked) return [];
  const remedy = setting
    ? {
        remedy: {
          kind: 'setSetting',
          device: decider.device.id,
          setting,
          value: form === 'NO' ? 'NC' : 'NO',
        } as const,
      }
    : {};
  const values = { terminal: terminalLabel(plan, terminal, door.id), tag: decider.device.tag, form };
  return [
    find('exit-held', 'fix', 'physics', [onTerminal(terminal), onDevice(decider.device.id)], values, remedy),
  ];
};

/** A lever that opens by itself and still moves the lock, or that nobody hears. */
export const levers: Check = (context) => {
  const { world, rest, parts, plan } = context;
  if (parts.locks.length === 0 || !parts.decider) return [];
  const levered = world.inhabitants.filter(
    ({ device, type }) => device.door === context.door.id && type.behaviour.kind === 'lever',
  );
  return levered.flatMap(({ device, type }): Finding[] => {
    const ends = type.roles.exitContact;
    const landed =
      ends && [ends.a, ends.b].every((pin) => context.wiresAt(terminalId(device.id, pin)).length > 0);
    if (!landed) return [];
    const at = [onDevice(device.id)];
    const tag = plan.devices[device.id]?.tag ?? '';
    const opened = stimulate(world, rest, { kind: 'openDoor', from: 'inside' }).state;
    if (opened.alarms.has('forced')) return [find('lever-unheard', 'fix', 'physics', at, { tag })];
    const before = doorHold(lockStatuses(world, rest.point));
    const after = doorHold(lockStatuses(world, opened.point));
    const setting = parts.decider && settingFor(parts.decider.type, 'rex', parts.channel)?.id;
    if (before === after || !setting || context.door.brief.mechanicalEgress !== true) return [];
    const remedy = {
      kind: 'setSetting',
      device: parts.decider!.device.id,
      setting,
      value: 'reports',
    } as const;
    return [find('lever-unlocks', 'note', 'practice', at, { tag }, { remedy })];
  });
};

/** Inputs that an act should close and does not: a pull station's alarm line. */
export const alarmLines: Check = (context) => {
  const { parts, world, rest, plan } = context;
  return parts.breakGlasses.flatMap(({ device, type }): Finding[] => {
    if (!type.roles.alarmContact || parts.monitors.length === 0) return [];
    const pulled = stimulate(world, rest, { kind: 'breakGlass', device: device.id }).state;
    const heard = parts.monitors.some((monitor) =>
      world.netlist.branches.some(
        (branch) =>
          branch.kind === 'input' &&
          branch.device === monitor.device.id &&
          rest.readings.get(branch.id) !== 'closed' &&
          pulled.readings.get(branch.id) === 'closed',
      ),
    );
    if (heard) return [];
    const values = { tag: plan.devices[device.id]?.tag ?? '', other: parts.monitors[0]?.device.tag ?? '' };
    return [find('pull-unheard', 'fix', 'physics', [onDevice(device.id)], values)];
  });
};

/** A lock's own contact that nobody reads although an input for it is free. */
export const unusedStatus: Check = ({ parts, wiresAt }) =>
  parts.locks.flatMap(({ device, type }): Finding[] => {
    const ends = type.roles.statusContact;
    if (!ends || !parts.decider?.type.roles.contactInputs) return [];
    if ([ends.a, ends.b].some((pin) => wiresAt(terminalId(device.id, pin)).length > 0)) return [];
    return [find('status-unused', 'note', 'practice', [onDevice(device.id)], { tag: device.tag })];
  });

/** A lock's own contact that is wired and changes no input when the door opens. */
export const statusUnread: Check = ({ parts, wiresAt, world, rest }) => {
  const opened = stimulate(world, rest, { kind: 'openDoor', from: 'force' }).state;
  const changed = [...rest.readings].some(([id, reading]) => opened.readings.get(id) !== reading);
  return parts.locks.flatMap(({ device, type }): Finding[] => {
    const ends = type.roles.statusContact;
    if (!ends || ![ends.a, ends.b].every((pin) => wiresAt(terminalId(device.id, pin)).length > 0)) return [];
    return changed
      ? []
      : [find('status-unread', 'fix', 'physics', [onDevice(device.id)], { tag: device.tag })];
  });
};

/** A fire contact that only asks a controller: a rule in software stands between the fire and the lock. */
export const fireThroughController: Check = ({ parts, loops, world, groupOf }) => {
  const softened = (input: DryInput | undefined, device: string): number =>
    input ? groupOf(terminalId(device, input.input)) : -2;
  return parts.fireRelays.flatMap(({ device, type }): Finding[] => {
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
    const { roles } = parts.decider.type;
    const asks = [...(roles.exitInputs ?? []), ...(roles.contactInputs ?? []), ...(roles.statusInputs ?? [])];
    const groups = new Set(asks.map((input) => softened(input, parts.decider!.device.id)));
    const lands = type.terminals.some(({ id }) => groups.has(groupOf(terminalId(device.id, id))));
    if (!lands || world.locks.length === 0) return [];
    const values = { tag: device.tag, other: parts.decider.device.tag };
    return [
      finder('R', 'prove')(
        'fire-through-controller',
        'stop',
        'local-code',
        [onDevice(device.id), onDevice(deviceOf(terminalId(parts.decider.device.id, '')))],
        values,
      ),
    ];
  });
};

export const inputChecks: readonly Check[] = [
  endOfLine,
  openingReads,
  heldExit,
  levers,
  alarmLines,
  unusedStatus,
  statusUnread,
  fireThroughController,
];
