import { does } from '../../devices/index';
import { leverOpens, lockStatuses, stimulate, type SimState } from '../../simulate/index';
import { type Analysis, hit, type Hit, rule } from '../hit';

/** An exit device that moves no lock when used. */
const deadExits: Analysis<'world' | 'rest' | 'parts' | 'plan' | 'loops'> = ({
  world,
  rest,
  parts,
  plan,
  loops,
}) => {
  if (parts.locks.length === 0) return [];
  const before = lockStatuses(world, rest.point).map((lock) => lock.hold);
  // A lock that is free at rest cannot show whether an exit would free it.
  if (!before.includes('held')) return [];
  return parts.exits.flatMap(({ device, type }): Hit[] => {
    // A lever opens by itself: whether the system hears of it is looked at elsewhere.
    if (does(type, 'lever')) return [];
    const broken = loops.some(
      (loop) => loop.shape === 'round' && !loop.complete && loop.load.device === device.id,
    );
    const pressed = stimulate(world, rest, { kind: 'press', device: device.id }).state;
    const after = lockStatuses(world, pressed.point);
    // Where a lever opens by itself, an exit that only reports has done its part once the opening counts as wanted.
    const forced = (from: SimState) =>
      stimulate(world, from, { kind: 'openDoor', from: 'force' }).state.alarms.has('forced');
    if (leverOpens(world) && forced(rest) && !forced(pressed)) return [];
    const moved = after.some((lock, index) => lock.hold !== before[index]);
    if (moved || broken) return [];
    return [
      hit('exit-dead', [{ kind: 'device', id: device.id }], {
        tag: plan.devices[device.id]?.tag ?? '',
      }),
    ];
  });
};

export const exitDead = rule({
  code: 'exit-dead',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'physics',
  find: deadExits,
});
