import {
  allConductors,
  deviceOf,
  devicesOf,
  pinOf,
  terminalId,
  type Conductor,
  type Plan,
  type TerminalId,
} from '../plan/index';
import type { Candidate, Change, WireEnd } from './change';
import { COSTS } from './costs';

/** An end of a wire at a device of another door than the wire's own. */
interface Stray extends WireEnd {
  readonly of: Conductor;
  /** The same terminal of the device that does the same at the wire's own door; null where there is none. */
  readonly home: TerminalId | null;
}

const ENDS = ['from', 'to'] as const;

/** The same terminal at the wire's own door: of the device with the same tag, or of the only one of that type. */
function homeOf(plan: Plan, wire: Conductor, at: TerminalId): TerminalId | null {
  const there = plan.devices[deviceOf(at)];
  const alike = devicesOf(plan, wire.door).filter(({ type }) => type === there?.type);
  const fellow = alike.find(({ tag }) => tag === there?.tag) ?? (alike.length === 1 ? alike[0] : undefined);
  return fellow ? terminalId(fellow.id, pinOf(at)) : null;
}

const straysIn = (plan: Plan): Stray[] =>
  allConductors(plan).flatMap((wire) =>
    ENDS.flatMap((end): Stray[] => {
      const door = plan.devices[deviceOf(wire[end])]?.door ?? null;
      if (door === null || door === wire.door) return [];
      return [{ of: wire, wire: wire.id, end, at: wire[end], home: homeOf(plan, wire, wire[end]) }];
    }),
  );

const bare = ({ wire, end, at }: WireEnd): WireEnd => ({ wire, end, at });

/**
 * Cables of two doors mixed up: a wire's end that stands at the door beside, on the terminal that it has at its own; or two that
 * stand on each other's. Many a wire leads to another door by right, to what doors share: these are tried, not taken.
 */
export function betweenDoors(plan: Plan): Candidate[] {
  const strays = straysIn(plan);
  const home = strays.flatMap(({ wire, end, at, home: to }): Candidate[] =>
    to === null || to === at
      ? []
      : [{ changes: [{ kind: 'move', wire, end, from: at, to }], cost: COSTS.otherDoor, apart: true }],
  );
  const swapped = strays.flatMap((one, index) =>
    strays.slice(index + 1).flatMap((two): Candidate[] => {
      if (one.home !== two.at || two.home !== one.at) return [];
      const change: Change = { kind: 'exchange', device: deviceOf(one.at), one: bare(one), two: bare(two) };
      return [{ changes: [change], cost: COSTS.otherDoor, apart: true }];
    }),
  );
  return [...swapped, ...home];
}
