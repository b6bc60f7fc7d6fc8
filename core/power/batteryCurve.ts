import { advance, lockStatuses, stimulate, type SimState, type World } from '../simulate/index';

/** Voltage at the lock while the battery empties at rest. */
export interface BatteryPoint {
  readonly hours: number;
  readonly volts: number;
  readonly hold: 'held' | 'free' | 'weak';
}

const STEP_HOURS = 0.25;
const MOST_HOURS = 72;

/** Lets a door stand on its battery until the lock changes state or the battery is empty, 72 h at most. */
export function batteryCurve(world: World, rest: SimState): BatteryPoint[] {
  let { state } = stimulate(world, rest, { kind: 'mains', on: false });
  const points: BatteryPoint[] = [];
  const start = lockStatuses(world, state.point)[0]?.hold;
  for (let hours = 0; hours <= MOST_HOURS; hours += STEP_HOURS) {
    state = advance(world, state, hours * 3_600_000).state;
    const lock = lockStatuses(world, state.point)[0];
    const empty = [...state.feeds.values()].every((feed) => feed.kind === 'off');
    points.push({ hours, volts: lock?.volts ?? 0, hold: lock?.hold ?? 'free' });
    if (empty || lock?.hold !== start) break;
  }
  return points;
}
