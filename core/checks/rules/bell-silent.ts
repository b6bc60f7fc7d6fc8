import { ON } from '../../circuit/index';
import { terminalId } from '../../plan/index';
import { type SimState, stimulate } from '../../simulate/index';
import { type CheckContext, onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A bell button that makes nothing sound. */
const bells: Analysis = (context) => {
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
  return landed.flatMap(({ device }): Violation[] => {
    const pressed = stimulate(world, rest, { kind: 'press', device: device.id }).state;
    return sounding(pressed) > sounding(rest)
      ? []
      : [violation('bell-silent', [onDevice(device.id)], { tag: device.tag })];
  });
};

const closedBellInputs = ({ world }: CheckContext, state: SimState): number =>
  world.inhabitants.filter(({ device, type }) => {
    const input = type.roles.bellInput?.input;
    const part = type.parts.find((one) => one.kind === 'input' && one.a === input);
    return part !== undefined && state.readings.get(`${device.id}:${part.id}`) === 'closed';
  }).length;

export const bellSilent = rule({
  code: 'bell-silent',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: bells,
});
