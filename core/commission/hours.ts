import type { CheckContext } from '../checks/index';
import { entries } from '../door/index';
import { advance, doorHold, lockStatuses, stimulate, type SimState } from '../simulate/index';
import { yes, type CheckItem } from './checkItem';

/** Longer than any release by card or exit lasts, ms: who still walks in then needs no card. */
const LONG_AFTER_MS = 1_000_000;

/** Hours of free passage and passback, each tried: what comes of it is what the check sheet asks for. */
export function hours({ world, rest, parts }: CheckContext): CheckItem[] {
  const tag = parts.locks[0]?.device.tag;
  if (tag === undefined) return [];
  const isFree = (state: SimState) => doorHold(lockStatuses(world, state.point)) === 'free';
  const later = (state: SimState) => advance(world, state, state.now + LONG_AFTER_MS).state;
  const items: CheckItem[] = [];
  const on = stimulate(world, rest, { kind: 'hours', on: true }).state;
  const reader = entries(world).find(
    ({ device }) => device.door === world.door.id && device.place === 'outside',
  );
  if (isFree(later(on))) items.push(yes('passage', 'passage', { tag }));
  else if (reader) {
    const came = stimulate(world, on, { kind: 'credential', valid: true, device: reader.device.id }).state;
    if (isFree(later(came)))
      items.push(yes('passage-first', 'passage-first', { tag, by: reader.device.tag }));
  }
  if (items.length > 0 && !isFree(later(stimulate(world, later(on), { kind: 'hours', on: false }).state)))
    items.push(yes('passage-over', 'passage-over', { tag }));
  return [...items, ...passback({ world, rest })];
}

/** The same card twice from one side, and once more when it has been to the other. */
function passback({ world, rest }: Pick<CheckContext, 'world' | 'rest'>): CheckItem[] {
  const readers = entries(world).filter(({ device }) => device.door === world.door.id);
  const by = (state: SimState, device: string) =>
    stimulate(world, state, { kind: 'credential', valid: true, device, who: 1 });
  for (const { device } of readers) {
    if (device.place !== 'outside') continue;
    const came = by(rest, device.id).state;
    const again = by(came, device.id);
    if (again.effects.every(({ kind }) => kind !== 'passback')) continue;
    const refused = again.effects.some(({ kind }) => kind === 'refused');
    const items = [
      yes(`passback:${device.id}`, 'passback', { reader: device.tag, refused: refused ? 1 : 0 }),
    ];
    const inner = readers.find(
      (other) =>
        other.device.place === 'inside' &&
        by(by(came, other.device.id).state, device.id).effects.every(({ kind }) => kind !== 'passback'),
    );
    if (inner)
      items.push(
        yes(`passback-out:${device.id}`, 'passback-out', { reader: device.tag, inner: inner.device.tag }),
      );
    return items;
  }
  return [];
}
