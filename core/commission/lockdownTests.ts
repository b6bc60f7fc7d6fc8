import type { CheckContext } from '../checks/index';
import { does } from '../devices/index';
import { letsIn, waysOut } from '../prove/index';
import { doorHold, heedsLockdown, lockStatuses, stimulate } from '../simulate/index';
import { yes, type CheckItem } from './checkItem';

/**
 * What keeps a door shut that a card would open: a lockdown, and the other door of an interlock. Found by trying it, whatever the
 * devices are called.
 */
export function lockdownTests({ world, rest, parts }: CheckContext): CheckItem[] {
  const tag = parts.locks[0]?.device.tag;
  if (tag === undefined || !letsIn(world, rest)) return [];
  const items: CheckItem[] = [];
  for (const { device, type } of world.inhabitants) {
    if (!does(type, 'switch')) continue;
    const pressed = stimulate(world, rest, { kind: 'press', device: device.id }).state;
    if (letsIn(world, pressed) || doorHold(lockStatuses(world, pressed.point)) !== 'held') continue;
    const button = device.tag;
    items.push(yes(`lockdown:${device.id}`, 'lockdown', { button, tag }));
    for (const means of waysOut(world, pressed).works)
      if (means.kind === 'exit')
        items.push(
          yes(`lockdown-exit:${device.id}:${means.tag}`, 'lockdown-exit', { button, exit: means.tag }),
        );
  }
  const called = world.inhabitants.some(heedsLockdown)
    ? stimulate(world, rest, { kind: 'lockdown', on: true }).state
    : null;
  if (called && !letsIn(world, called)) {
    items.push(yes('lockdown:site', 'lockdown-site', { tag }));
    for (const means of waysOut(world, called).works)
      if (means.kind === 'exit')
        items.push(yes(`lockdown-site-exit:${means.tag}`, 'lockdown-site-exit', { exit: means.tag }));
  }
  const partner = stimulate(world, rest, { kind: 'otherDoors', open: true }).state;
  if (!letsIn(world, partner)) items.push(yes('interlock', 'interlock', { tag }));
  return items;
}
