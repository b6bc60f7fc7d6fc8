import type { Damage } from '../circuit/index';
import type { DeviceType, Part } from '../devices/index';
import { terminalId, terminalLabel, type Plan } from '../plan/index';
import { lockStatuses, stimulate, type SimState, type Stimulus } from '../simulate/index';
import { finder, type Check, type CheckContext } from './context';
import type { Finding } from './finding';

const find = finder('W', 'wire');

/** The states in which a door is used: what bears rest may still be destroyed when a relay moves. */
function usedStates({ world, rest, parts }: CheckContext): SimState[] {
  const acts: Stimulus[] = [
    { kind: 'credential', valid: true },
    ...parts.exits.map(({ device }): Stimulus => ({ kind: 'press', device: device.id })),
    ...parts.breakGlasses.map(({ device }): Stimulus => ({ kind: 'breakGlass', device: device.id })),
    { kind: 'fire' },
    { kind: 'openDoor', from: 'force' },
  ];
  return [rest, ...acts.map((act) => stimulate(world, rest, act).state)];
}

/** Parts fed beyond what they bear, at rest or in use; each once. */
export const damages: Check = (context) => {
  const { world, plan, door } = context;
  const found = new Map<string, Damage>();
  for (const { point } of usedStates(context)) {
    for (const damage of point.damages) {
      const key = `${damage.kind}:${damage.branch}`;
      if (!found.has(key)) found.set(key, damage);
    }
  }
  return [...found.values()].flatMap((damage): Finding[] => {
    const branch = world.netlist.branches[damage.branch];
    if (!branch || branch.kind === 'conductor') return [];
    const terminal = world.netlist.nodes[branch.a] ?? '';
    const values = {
      tag: plan.devices[branch.device]?.tag ?? '',
      terminal: terminalLabel(plan, terminal, door.id),
      measured: damage.measured,
      limit: damage.limit,
    };
    const at = [{ kind: 'device', id: branch.device } as const, { kind: 'terminal', id: terminal } as const];
    switch (damage.kind) {
      case 'driven-input':
        return [find('driven-input', 'stop', 'rating', at, values)];
      case 'reversed':
        return [find('reversed-device', 'stop', 'rating', at, values)];
      case 'over-voltage':
        return [find('over-voltage', 'stop', 'rating', at, values)];
      case 'contact-overload':
        return [find('contact-overload', 'stop', 'rating', at, values)];
      case 'wrong-current':
        return [find('wrong-current', 'stop', 'rating', at, values)];
      case 'driven-output':
        return [find('driven-output', 'stop', 'rating', at, values)];
      case 'source-overload':
        return [find('supply-overload', 'stop', 'physics', at, values)];
    }
  });
};

/** A circuit that never comes to rest, at rest or in use. */
export const chatter: Check = (context) => {
  const { world, plan } = context;
  const restless = usedStates(context).flatMap(({ point }) => point.restless);
  const devices = restless.flatMap((index) => {
    const branch = world.netlist.branches[index];
    return branch && branch.kind !== 'conductor' ? [branch.device] : [];
  });
  return [...new Set(devices)].map((id) =>
    find('restless', 'stop', 'physics', [{ kind: 'device', id }], { tag: plan.devices[id]?.tag ?? id }),
  );
};

/** A board of this door that does not run at rest although its loop is closed. */
export const unfedDevices: Check = ({ world, rest, door, plan, loops, wiresAt }) =>
  world.inhabitants.flatMap(({ device, type }): Finding[] => {
    // A bell or a lamp that rings only when asked is meant to be off at rest.
    if (device.door !== door.id || type.roles.bellOut) return [];
    const open = loops.some(
      (loop) =>
        loop.shape === 'round' &&
        loop.load.device === device.id &&
        loop.kind === 'feed' &&
        !loop.complete &&
        type.behaviour.kind !== 'sensor',
    );
    return type.parts.flatMap((part): Finding[] => {
      if (
        part.kind !== 'electronic' ||
        open ||
        !isLanded(plan, type, device.id, part) ||
        rest.boards.get(`${device.id}:${part.id}`) === true
      )
        return [];
      const at = [{ kind: 'device', id: device.id } as const];
      const bare = [part.a, part.b].some((pin) => wiresAt(terminalId(device.id, pin)).length === 0);
      if (type.behaviour.kind === 'sensor' && bare)
        return [
          find('sensor-without-supply', 'fix', 'physics', at, { tag: device.tag, needs: part.startVolts }),
        ];
      return [
        find('device-unfed', 'fix', 'physics', at, {
          tag: plan.devices[device.id]?.tag ?? '',
          needs: part.startVolts,
        }),
      ];
    });
  });

/** False for a part on terminals that may stay empty, and do: the lamp of a lit button. */
function isLanded(plan: Plan, type: DeviceType, device: string, part: Part): boolean {
  const optional = (pin: string) => type.terminals.find(({ id }) => id === pin)?.use === 'optional';
  if (!optional(part.a) && !optional(part.b)) return true;
  const ends = new Set([terminalId(device, part.a), terminalId(device, part.b)]);
  return Object.values(plan.conductors).some(({ from, to }) => ends.has(from) || ends.has(to));
}

/** An exit device that moves no lock when used. */
export const deadExits: Check = ({ world, rest, parts, plan, loops }) => {
  if (parts.locks.length === 0) return [];
  const before = lockStatuses(world, rest.point).map((lock) => lock.hold);
  // A lock that is free at rest cannot show whether an exit would free it.
  if (!before.includes('held')) return [];
  return parts.exits.flatMap(({ device, type }): Finding[] => {
    // A lever opens by itself: whether the system hears of it is looked at elsewhere.
    if (type.behaviour.kind === 'lever') return [];
    const broken = loops.some(
      (loop) => loop.shape === 'round' && !loop.complete && loop.load.device === device.id,
    );
    const after = lockStatuses(
      world,
      stimulate(world, rest, { kind: 'press', device: device.id }).state.point,
    );
    const moved = after.some((lock, index) => lock.hold !== before[index]);
    if (moved || broken) return [];
    return [
      find('exit-dead', 'fix', 'physics', [{ kind: 'device', id: device.id }], {
        tag: plan.devices[device.id]?.tag ?? '',
      }),
    ];
  });
};

/** A door contact that no input sees, or sees the wrong way round. */
export const unseenContacts: Check = ({ world, rest, parts, plan, loops }) => {
  const opened = stimulate(world, rest, { kind: 'openDoor', from: 'force' }).state;
  return parts.contacts.flatMap(({ device }): Finding[] => {
    const broken = loops.some(
      (loop) => loop.shape === 'round' && !loop.complete && loop.load.device === device.id,
    );
    if (broken) return [];
    const changed = [...rest.readings].filter(([id, reading]) => opened.readings.get(id) !== reading);
    const at = [{ kind: 'device', id: device.id } as const];
    const values = { tag: plan.devices[device.id]?.tag ?? '' };
    if (changed.length === 0) return [find('contact-unseen', 'caution', 'physics', at, values)];
    const inverted = changed.every(([, reading]) => reading === 'open');
    return inverted ? [find('contact-inverted', 'fix', 'physics', at, values)] : [];
  });
};

/** What the wiring does once it has power: found by solving, not by looking. */
export const inUseChecks: readonly Check[] = [damages, chatter, unfedDevices, deadExits, unseenContacts];
