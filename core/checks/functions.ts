import { ON } from '../circuit/index';
import { roleValue, settingFor } from '../devices/index';
import { terminalId } from '../plan/index';
import { advance, doorHold, lockStatuses, stimulate, type SimState } from '../simulate/index';
import { finder, onDevice, type Check, type CheckContext } from './context';
import type { Finding } from './finding';

const find = finder('W', 'wire');

/** A bell button that makes nothing sound. */
export const bells: Check = (context) => {
  const { parts, world, rest } = context;
  const sounding = (state: SimState) =>
    world.netlist.branches.filter((branch, index) => {
      if (branch.kind !== 'coil' && branch.kind !== 'electronic') return false;
      const self = world.inhabitants.find(({ device }) => device.id === branch.device);
      return self?.type.roles.bellOut !== undefined && state.point.on[index] === ON;
    }).length + closedBellInputs(context, state);
  const rings = [...parts.sounders, ...(parts.decider ? [parts.decider] : [])].filter(
    ({ type }) => type.roles.bellContact,
  );
  const landed = rings.filter(({ device, type }) => {
    const ends = type.roles.bellContact;
    return (
      type.family === 'sounder' ||
      (ends && [ends.a, ends.b].every((pin) => context.wiresAt(terminalId(device.id, pin)).length > 0))
    );
  });
  return landed.flatMap(({ device }): Finding[] => {
    const pressed = stimulate(world, rest, { kind: 'press', device: device.id }).state;
    return sounding(pressed) > sounding(rest)
      ? []
      : [find('bell-silent', 'fix', 'physics', [onDevice(device.id)], { tag: device.tag })];
  });
};

const closedBellInputs = ({ world }: CheckContext, state: SimState): number =>
  world.inhabitants.filter(({ device, type }) => {
    const input = type.roles.bellInput?.input;
    const part = type.parts.find((one) => one.kind === 'input' && one.a === input);
    return part !== undefined && state.readings.get(`${device.id}:${part.id}`) === 'closed';
  }).length;

/** A second relay that is wired and moves no lock. */
export const secondOutput: Check = ({ parts, world, rest, wiresAt, door }) => {
  const { decider } = parts;
  const second = decider?.type.roles.second;
  if (!decider || !second || decider.device.door !== door.id) return [];
  const landed = [second.com, second.nc, second.no].some(
    (pin) => wiresAt(terminalId(decider.device.id, pin)).length > 0,
  );
  const before = doorHold(lockStatuses(world, rest.point));
  if (!landed || before !== 'held') return [];
  const opened = stimulate(world, rest, {
    kind: 'credential',
    valid: true,
    device: decider.device.id,
    output: 1,
  }).state;
  if (doorHold(lockStatuses(world, opened.point)) === 'free') return [];
  return [
    find('second-output-idle', 'fix', 'physics', [onDevice(decider.device.id)], { tag: decider.device.tag }),
  ];
};

/** An operator that pushes against a lock that still holds, or is never asked. */
export const operators: Check = ({ parts, world, rest, door }) => {
  const operator = parts.operators[0];
  if (!operator || operator.type.behaviour.kind !== 'operator' || parts.locks.length === 0) return [];
  const spec = operator.type.behaviour;
  const at = [onDevice(operator.device.id)];
  const tag = operator.device.tag;
  if (rest.boards.get(`${operator.device.id}:${spec.board}`) !== true) return [];
  const asked = stimulate(world, rest, { kind: 'credential', valid: true }).state;
  const activated = asked.readings.get(`${operator.device.id}:${spec.activate}`) === 'closed';
  if (!activated) return [find('operator-unasked', 'fix', 'physics', at, { tag })];
  const later = advance(world, asked, asked.now + 11_000);
  const refused = later.effects.some((effect) => effect.kind === 'door-refused');
  if (refused) return [find('operator-blocked', 'fix', 'physics', at, { tag })];
  const setting = settingFor(operator.type, 'delay')?.id;
  const delay = roleValue(operator.type, operator.device.settings, 'delay');
  if (setting && typeof delay === 'number' && delay < 0.5 && door.id) {
    const remedy = {
      kind: 'setSetting',
      device: operator.device.id,
      setting,
      value: 1,
    } as const;
    return [
      finder('T', 'timing')(
        'operator-too-soon',
        'caution',
        'practice',
        at,
        { tag, measured: delay },
        { remedy },
      ),
    ];
  }
  return [];
};

/** A contact that breaks an inrush it was not made for. */
export const inrush: Check = ({ world, rest, parts }) =>
  parts.locks.flatMap(({ device, type }): Finding[] => {
    if (!type.inrush) return [];
    const statuses = lockStatuses(
      world,
      stimulate(world, rest, { kind: 'credential', valid: true }).state.point,
    );
    const now = statuses.find((one) => one.device === device.id)?.amps ?? 0;
    const amps = Math.max(
      now,
      lockStatuses(world, rest.point).find((one) => one.device === device.id)?.amps ?? 0,
    );
    const measured = amps * type.inrush;
    const contacts = world.netlist.branches.filter(
      (branch) =>
        branch.kind === 'contact' && branch.device === parts.decider?.device.id && branch.maxAmps >= 0.5,
    );
    const limit = Math.min(
      ...contacts.map((branch) => (branch.kind === 'contact' ? branch.maxAmps : Infinity)),
    );
    return measured > limit
      ? [
          finder('P', 'power')('contact-inrush', 'caution', 'rating', [onDevice(device.id)], {
            tag: device.tag,
            other: parts.decider?.device.tag ?? '',
            measured,
            limit,
          }),
        ]
      : [];
  });

/** A housing that the weather gets into. */
export const weather: Check = ({ door, world }) =>
  door.brief.outdoors
    ? world.inhabitants.flatMap(({ device, type }): Finding[] => {
        if (device.door !== door.id || device.place !== 'outside' || Number(type.ip.slice(3)) >= 4) return [];
        return [
          find('not-weatherproof', 'fix', 'rating', [onDevice(device.id)], { tag: device.tag, ip: type.ip }),
        ];
      })
    : [];

/** A lock that jams when it is thrown before the door is shut. */
export const jamming: Check = ({ parts, rest }) => {
  const lock = parts.locks.find(({ type }) => type.lock?.kind === 'strike' && type.lock.jams);
  const { decider, channel } = parts;
  if (!lock || !decider) return [];
  const setting = settingFor(decider.type, 'relock', channel)?.id;
  const relock = roleValue(decider.type, decider.device.settings, 'relock', channel);
  const { behaviour } = decider.type;
  const input =
    behaviour.kind === 'controller' || behaviour.kind === 'keypad'
      ? behaviour.channels[channel]?.contactInput
      : null;
  const senses = input ? rest.readings.get(`${decider.device.id}:${input}`) === 'closed' : false;
  if (relock === 'close' && senses) return [];
  const remedy =
    setting && relock === 'time' && senses
      ? { remedy: { kind: 'setSetting', device: decider.device.id, setting, value: 'close' } as const }
      : {};
  return [
    finder('T', 'timing')(
      'throws-before-shut',
      'caution',
      'practice',
      [onDevice(lock.device.id)],
      { tag: lock.device.tag, other: decider.device.tag },
      remedy,
    ),
  ];
};

/** More people than the device holds. */
export const capacity: Check = ({ parts, plan, door }) => {
  const { decider } = parts;
  const limit = decider?.type.capacity?.users;
  if (!decider || limit === undefined) return [];
  const measured = Object.values(plan.people).filter((person) => person.doors.includes(door.id)).length;
  return measured > limit
    ? [
        finder('C', 'program')('capacity-exceeded', 'fix', 'rating', [onDevice(decider.device.id)], {
          tag: decider.device.tag,
          measured,
          limit,
        }),
      ]
    : [];
};

export const functionChecks: readonly Check[] = [
  bells,
  secondOutput,
  operators,
  inrush,
  weather,
  jamming,
  capacity,
];
