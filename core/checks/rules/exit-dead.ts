import { does } from '../../devices/index';
import { delaysOf } from '../../prove/index';
import {
  leverOpens,
  lockStatuses,
  movedByOperatorOnly,
  operatorOpens,
  stimulate,
  type SimState,
} from '../../simulate/index';
import { type Analysis, violation, type Violation, rule } from '../violation';

type Needs = 'world' | 'rest' | 'parts' | 'plan' | 'loops';

/** An exit that asks no operator, at a leaf that operators alone move. One whose own loop is open is told by that. */
const exitsUnheard: Analysis<Needs> = ({ world, rest, parts, loops }) =>
  parts.exits.flatMap(({ device, type }): Violation[] => {
    if (does(type, 'lever') || operatorOpens(world, rest)) return [];
    const broken = loops.some(
      (loop) => loop.shape === 'round' && !loop.complete && loop.load.device === device.id,
    );
    const pressed = stimulate(world, rest, { kind: 'press', device: device.id }).state;
    if (broken || operatorOpens(world, pressed)) return [];
    return [violation('exit-dead', [{ kind: 'device', id: device.id }], { tag: device.tag, by: 'operator' })];
  });

/** An exit device that moves no lock when used, or asks no operator where nothing else moves the leaf. */
const deadExits: Analysis<Needs> = (context) => {
  const { world, rest, parts, plan, loops } = context;
  if (movedByOperatorOnly(world)) return exitsUnheard(context);
  if (parts.locks.length === 0) return [];
  const before = lockStatuses(world, rest.point).map((lock) => lock.hold);
  // A lock that is free at rest cannot show whether an exit would free it.
  if (!before.includes('held')) return [];
  // One that lets go when a delay is over is heard.
  const late = new Set(delaysOf(world, rest).map(({ act }) => act.at.device.id));
  return parts.exits.flatMap(({ device, type }): Violation[] => {
    // A lever opens by itself: whether the system hears of it is looked at elsewhere.
    if (does(type, 'lever') || late.has(device.id)) return [];
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
      violation('exit-dead', [{ kind: 'device', id: device.id }], {
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
