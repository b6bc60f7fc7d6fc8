import { terminalId } from '../../plan/index';
import { doorHold, lockStatuses, stimulate } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, rule } from '../violation';

/** A second relay that is wired and moves no lock. */
const secondOutput: Analysis<'parts' | 'world' | 'rest' | 'wiresAt' | 'door'> = ({
  parts,
  world,
  rest,
  wiresAt,
  door,
}) => {
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
  return [violation('second-output-idle', [onDevice(decider.device.id)], { tag: decider.device.tag })];
};

export const secondOutputIdle = rule({
  code: 'second-output-idle',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: secondOutput,
});
