import type { Scenario } from '../plan/index';
import { doorHold, lockStatuses, type Alarm, type World } from '../simulate/index';
import { inOrder, type Played, type Run } from './play';

/** Something that did not come as the scenario expects it. Times in ms from its beginning. */
export type Differs =
  /** A push at the leaf did the other thing. */
  | { readonly kind: 'push'; readonly at: number; readonly expected: 'opens' | 'stays-shut' }
  /** An alarm sounded that should not, or did not; `at` is when it first did. */
  | {
      readonly kind: 'alarm';
      readonly alarm: Alarm;
      readonly at: number;
      readonly expected: 'sounds' | 'quiet';
    }
  /** What the lock does at the end. */
  | {
      readonly kind: 'end';
      readonly at: number;
      readonly expected: 'locked' | 'released';
      readonly is: string;
    }
  /** An operator pushed a leaf that the lock held. */
  | { readonly kind: 'operator-blocked'; readonly at: number }
  /** A bolt or shear lock was thrown while the leaf stood open: it jams, or the leaf cannot shut. */
  | { readonly kind: 'thrown-open'; readonly at: number }
  /** Nobody gets out from inside, from a moment to another. */
  | { readonly kind: 'trapped'; readonly at: number; readonly to: number }
  /** A lane that was found right shows something else, from a moment to another. */
  | {
      readonly kind: 'lane';
      readonly lane: string;
      readonly at: number;
      readonly to: number;
      readonly expected: string;
      readonly is: string;
    };

/** Timers of real devices are not quicker than this to tell apart, ms: lanes that differ for less are alike. */
const ALIKE_MS = 100;

/** Everything that came otherwise than expected, in the order of time. */
export function judge(world: World, scenario: Scenario, played: Played): Differs[] {
  return [
    ...pushes(scenario, played),
    ...alarms(scenario, played),
    ...atTheEnd(world, scenario, played),
    ...blocked(played),
    ...thrownOpen(world, played),
    ...(scenario.expects.wayOut ? played.trapped : []).map(({ from, to }): Differs => ({
      kind: 'trapped',
      at: from,
      to,
    })),
    ...keptLanes(scenario, played),
  ].sort((a, b) => a.at - b.at);
}

function pushes({ acts, until }: Scenario, { tracks }: Played): Differs[] {
  const leaf = tracks.find(({ lane }) => lane.kind === 'leaf')?.runs ?? [];
  return inOrder(acts).flatMap(({ act }): Differs[] => {
    if (act.does !== 'open' || act.expect === null || act.at > until) return [];
    const opened = shownAt(leaf, act.at) !== 'closed';
    return opened === (act.expect === 'opens') ? [] : [{ kind: 'push', at: act.at, expected: act.expect }];
  });
}

const EXPECTED = { forced: 'forced', held: 'held-open', tamper: 'tamper' } as const;

function alarms({ expects, until }: Scenario, { tracks }: Played): Differs[] {
  return (Object.keys(EXPECTED) as (keyof typeof EXPECTED)[]).flatMap((name): Differs[] => {
    const expected = expects[name];
    const alarm = EXPECTED[name];
    const first = tracks.find(({ lane }) => lane.kind === alarm)?.runs.find(({ is }) => is === 'sounds');
    if (expected === null || (first !== undefined) === (expected === 'sounds')) return [];
    return [{ kind: 'alarm', alarm, at: first?.at ?? until, expected }];
  });
}

function atTheEnd(world: World, { expects, until }: Scenario, { end }: Played): Differs[] {
  if (expects.end === null) return [];
  const is = doorHold(lockStatuses(world, end.point));
  const locked = is === 'held' && !end.doorOpen;
  const right = expects.end === 'locked' ? locked : is === 'free';
  return right ? [] : [{ kind: 'end', at: until, expected: expects.end, is: end.doorOpen ? 'open' : is }];
}

const blocked = ({ done }: Played): Differs[] =>
  done
    .filter(({ act }) => act === null)
    .flatMap(({ effects }) => effects.filter(({ kind }) => kind === 'door-refused'))
    .map(({ at }) => ({ kind: 'operator-blocked', at }));

/** Only a lock that jams minds an open leaf: a magnet and a sprung latch take it as it comes. */
function thrownOpen(world: World, { tracks }: Played): Differs[] {
  const jams = world.locks.some(({ type }) => type.lock?.kind === 'strike' && type.lock.jams === true);
  if (!jams) return [];
  const runsOf = (kind: 'lock' | 'leaf') => tracks.find(({ lane }) => lane.kind === kind)?.runs ?? [];
  const leaf = runsOf('leaf');
  return runsOf('lock')
    .filter(({ is, at }) => is === 'held' && at > 0 && shownAt(leaf, at) !== 'closed')
    .map(({ at }) => ({ kind: 'thrown-open', at }));
}

/** Lanes that somebody found right, against what they show today. One that is no longer there differs from its beginning on. */
function keptLanes({ kept, until }: Scenario, { tracks }: Played): Differs[] {
  if (kept === null) return [];
  return Object.entries(kept).flatMap(([id, expected]) => {
    const shown = tracks.find(({ lane }) => lane.id === id)?.runs ?? [{ at: 0, is: 'gone' }];
    return differing(expected, shown, until).map((stretch): Differs => ({
      kind: 'lane',
      lane: id,
      ...stretch,
    }));
  });
}

interface Stretch {
  readonly at: number;
  readonly to: number;
  readonly expected: string;
  readonly is: string;
}

/** Stretches over which two lanes show different things. */
export function differing(expected: readonly Run[], shown: readonly Run[], until: number): Stretch[] {
  const moments = [...new Set([...expected, ...shown].map(({ at }) => at))]
    .filter((at) => at < until)
    .sort((a, b) => a - b);
  const found: Stretch[] = [];
  moments.forEach((at, index) => {
    const to = moments[index + 1] ?? until;
    const [wanted, is] = [shownAt(expected, at), shownAt(shown, at)];
    if (wanted === is) return;
    const last = found.at(-1);
    if (last && last.to === at && last.expected === wanted && last.is === is)
      found[found.length - 1] = { ...last, to };
    else found.push({ at, to, expected: wanted, is });
  });
  return found.filter(({ at, to }) => to - at > ALIKE_MS);
}

/** What a lane shows at a moment. */
export const shownAt = (runs: readonly Run[], at: number): string =>
  runs.findLast((run) => run.at <= at)?.is ?? 'gone';
