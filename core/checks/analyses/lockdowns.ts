import { does, functionOf, functionsOf, settingValue } from '../../devices/index';
import { inputsOf, type DoorParts } from '../../door/index';
import { deviceOf, pinOf, wiresOn, type Plan } from '../../plan/index';
import { letsIn, waysOut } from '../../prove/index';
import { stimulate, type Inhabitant, type SimState, type World } from '../../simulate/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { notWired } from './notWired';

/** Switches, lockdown buttons and interlocks, each worked: whom they keep out, and whether they keep anybody in. */
export const lockdowns: Analysis<'plan' | 'door' | 'parts' | 'world' | 'rest'> = ({
  plan,
  door,
  parts,
  world,
  rest,
}) => {
  if (notWired({ plan, door, parts }) || world.locks.length === 0) return [];
  return [
    ...switches(plan, world, rest),
    ...interlocks(world, rest, parts),
    ...trappedByOthers(world, rest, parts),
  ];
};

function switches(plan: Plan, world: World, rest: SimState): Violation[] {
  const switched = world.inhabitants.filter(({ type }) => does(type, 'switch'));
  if (switched.length === 0) return [];
  const leavesAtRest = waysOut(world, rest).works.length > 0;
  return switched.flatMap(({ device, type }): Violation[] => {
    const worked = stimulate(world, rest, { kind: 'press', device: device.id }).state;
    const at = [onDevice(device.id)];
    const values = { tag: device.tag };
    if (leavesAtRest && waysOut(world, worked).works.length === 0)
      return [violation('switch-traps', at, values)];
    if (device.door === world.door.id && isIdle(plan, world, rest, worked, { device, type }))
      return [violation('switch-idle', at, values)];
    const idle = type.roles.lockdownContact !== undefined && device.door === world.door.id;
    if (!idle || !letsIn(world, rest) || !letsIn(world, worked)) return [];
    // One without a wire is there for later; one that is wired is believed in.
    const believed = wiresOn(plan, device.id).length > 0;
    return [violation('lockdown-idle', at, values, believed ? {} : { severity: 'caution' })];
  });
}

/** Its contacts are wired, and nothing heeds it: nothing reads or draws anything else but a tamper loop that raises no alarm. */
function isIdle(
  plan: Plan,
  world: World,
  rest: SimState,
  worked: SimState,
  { device, type }: Inhabitant,
): boolean {
  const turned = functionsOf(type, 'switch').map(({ state }) => state);
  const ends = type.parts.flatMap((part) =>
    part.kind === 'contact' && turned.includes(part.state) ? [part.a, part.b] : [],
  );
  const wired = wiresOn(plan, device.id).some(({ from, to }) =>
    [from, to].some((end) => deviceOf(end) === device.id && ends.includes(pinOf(end))),
  );
  const deaf = new Set(
    worked.alarms.has('tamper')
      ? []
      : inputsOf(world.inhabitants).flatMap(({ id, purpose }) => (purpose === 'tamper' ? [id] : [])),
  );
  const reads = ({ readings, boards }: SimState) =>
    JSON.stringify([[...readings].filter(([id]) => !deaf.has(id)), [...boards]]);
  return (
    wired &&
    type.roles.lockdownContact === undefined &&
    reads(rest) === reads(worked) &&
    world.netlist.branches.every(
      ({ kind }, at) => !DRAWS.has(kind) || !differs(rest.point.amps[at], worked.point.amps[at]),
    )
  );
}
const DRAWS: ReadonlySet<string> = new Set(['coil', 'electronic', 'load']);
/** Currents that differ by more than any wire's resistance explains. */
const differs = (one = 0, two = 0): boolean => Math.abs(one - two) > 1e-4;

type Parts = Pick<DoorParts, 'decider' | 'channel'>;

/** While the other door stands open whoever is between the two must still get out by this one. */
function trappedByOthers(world: World, rest: SimState, { decider }: Parts): Violation[] {
  const others = world.inhabitants.some(
    ({ device }) => device.door !== null && device.door !== world.door.id,
  );
  if (!others || !decider || waysOut(world, rest).works.length === 0) return [];
  const open = stimulate(world, rest, { kind: 'otherDoors', open: true }).state;
  if (waysOut(world, open).works.length > 0) return [];
  return [violation('interlock-traps', [onDevice(decider.device.id)], { tag: decider.device.tag })];
}

/** An interlock knows of this door what its contact tells: one that does not see it open lets the other open too. */
function interlocks(world: World, rest: SimState, { decider, channel }: Parts): Violation[] {
  const interlock = decider && functionOf(decider.type, 'interlock');
  if (!decider || !interlock) return [];
  if (settingValue(decider.type, decider.device.settings, interlock.usedSetting) !== 'on') return [];
  const input = functionOf(decider.type, 'decides')?.channels[channel]?.contactInput;
  const reading = (state: SimState) => state.readings.get(`${decider.device.id}:${input}`);
  const opened = stimulate(world, rest, { kind: 'openDoor', from: 'force' }).state;
  const sees = reading(rest) === 'closed' && reading(opened) === 'open';
  return sees
    ? []
    : [violation('interlock-blind', [onDevice(decider.device.id)], { tag: decider.device.tag })];
}
