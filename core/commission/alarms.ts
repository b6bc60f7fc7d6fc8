import { terminalAt, voltsAcross } from '../circuit/index';
import { settingValue, functionsOf } from '../devices/index';
import type { CheckContext } from '../checks/index';
import { advance, stimulate, type SimState } from '../simulate/index';
import { TOLERANCE, voltsItem, yes, type CheckItem } from './checkItem';

/** No door is to stand open longer than this before anybody is told, ms. */
const LONGEST_MS = 700_000;
/** A sounder whose voltage differs by this much was switched, volts. */
const SWITCHED_VOLTS = 1;

/** The door left open after somebody went through it: seconds until the alarm, and the state then; null where none comes. */
function heldOpen({
  world,
  rest,
}: CheckContext): { readonly seconds: number; readonly state: SimState } | null {
  const pressed = stimulate(world, rest, { kind: 'openDoor', from: 'force' }).state;
  let state = pressed;
  for (let due = state.queue[0]; due && due.at <= rest.now + LONGEST_MS; due = state.queue[0]) {
    state = advance(world, state, due.at).state;
    if (state.alarms.has('held-open')) return { seconds: (state.now - pressed.now) / 1000, state };
  }
  return null;
}

/** Every sounder of the door that an alarm switches on, read at its own terminals. */
function sounding(context: CheckContext, alarm: string, state: SimState): CheckItem[] {
  const { world, rest, door } = context;
  const at = (branch: number, of: SimState) => voltsAcross(world.netlist, of.point, branch) ?? 0;
  return world.netlist.branches.flatMap((branch, index): CheckItem[] => {
    if (branch.kind !== 'coil' && branch.kind !== 'electronic' && branch.kind !== 'load') return [];
    const self = world.byId.get(branch.device);
    if (!self?.type.roles.bellOut || self.device.door !== door.id) return [];
    if (Math.abs(at(index, state) - at(index, rest)) <= SWITCHED_VOLTS) return [];
    const ends = [terminalAt(world.netlist, branch.a), terminalAt(world.netlist, branch.b)];
    const id = `alarm-sound:${alarm}:${branch.id}`;
    const values = { tag: self.device.tag, alarm };
    return [voltsItem(context, id, 'function', 'alarm-sounder-volts', at(index, state), ends, values)];
  });
}

/** Alarms of the door: forced, left open, a lid lifted, and what sounds for each. */
export function alarms(context: CheckContext): CheckItem[] {
  const { world, rest, parts, door } = context;
  const items: CheckItem[] = [];
  const contact = parts.contacts[0]?.device.tag ?? '';
  const forced = stimulate(world, rest, { kind: 'openDoor', from: 'force' }).state;
  if (forced.alarms.has('forced') && !rest.alarms.has('forced'))
    items.push(yes('forced', 'forced-alarm', { contact }), ...sounding(context, 'forced', forced));
  const held = heldOpen(context);
  if (held)
    items.push({
      ...yes('held', 'held-seconds', { contact }),
      unit: 's',
      expected: held.seconds,
      low: held.seconds - TOLERANCE.seconds(held.seconds),
      high: held.seconds + TOLERANCE.seconds(held.seconds),
    });
  for (const { device, type } of parts.all)
    for (const { usedSetting } of functionsOf(type, 'tamper'))
      if (device.door === door.id && settingValue(type, device.settings, usedSetting) === 'on')
        items.push(yes(`tamper:${device.id}`, 'tamper-alarm', { tag: device.tag }));
  return items;
}
