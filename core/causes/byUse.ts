import { deviceOf, type Conductor, type DoorId, type Plan, type TerminalId } from '../plan/index';
import { toPutRight, type Finding } from '../checks/index';
import type { Candidate, Change } from './change';
import { costOf, COSTS } from './costs';
import { oddness, terrainOf } from './oddness';
import { after, slips } from './slips';

/**
 * Where a wiring is odd by what its terminals are there for, whoever wired it and in whatever way: a feed on a data line, a needed
 * terminal left empty, a contact with one side only. No circuit is solved for it: it says where to look, and a trial says what is right.
 */

/** Changes with what they make of the oddness, below 0 where they take some away. */
interface Slip {
  readonly changes: readonly Change[];
  readonly gain: number;
  readonly cost: number;
  /** How much of it lies where the findings point. */
  readonly pointed: number;
}

/** Terminals, wires and devices that findings to put right name. */
const pointsOf = (findings: readonly Finding[]): ReadonlySet<string> =>
  new Set(findings.filter(toPutRight).flatMap(({ at }) => at.map(({ id }) => id)));

/** What a change lies on: the terminals it leaves and comes to, and their devices for less. */
const pointedBy = (points: ReadonlySet<string>, change: Change): number =>
  lyingOn(change).reduce(
    (sum, at) => sum + (points.has(at) ? 1 : 0) + (points.has(deviceOf(at)) ? 0.5 : 0),
    0,
  );

/** Most single changes that are put together by twos. */
const PAIRED = 36;

/** What takes most oddness away first; of equals what lies where the findings point. */
const byGain = (a: Slip, b: Slip): number => a.gain - b.gain || b.pointed - a.pointed || a.cost - b.cost;

const oddest = (found: readonly Slip[]): Candidate[] =>
  [...found].sort(byGain).map(({ changes, cost }) => ({ changes, cost }));

/**
 * Repairs by what terminals are there for: single changes after which the wiring is less odd, and two of them together, those that take most
 * of it away first.
 */
export function byUse(
  plan: Plan,
  door: DoorId,
  findings: readonly Finding[],
): { readonly singles: readonly Candidate[]; pairs(): readonly Candidate[] } {
  const terrain = terrainOf(plan, door);
  const { wires } = terrain;
  const now = oddness(terrain, wires);
  const points = pointsOf(findings);
  const weigh = (changes: readonly Change[]): Slip => {
    const done = changes.reduce<readonly Conductor[]>((sum, change) => after(sum, change), wires);
    const cost = changes.reduce((sum, change) => sum + costOf(plan, change), 0);
    return {
      changes,
      gain: oddness(terrain, done) - now,
      cost: cost + COSTS.another * (changes.length - 1),
      pointed: changes.reduce((sum, change) => sum + pointedBy(points, change), 0),
    };
  };
  const singles = slips(terrain, door)
    .map((change) => weigh([change]))
    .filter(({ gain }) => gain < 0)
    .sort(byGain);
  const pairs = () =>
    singles.slice(0, PAIRED).flatMap((one, index, all) =>
      all.slice(index + 1).flatMap((two): Slip[] => {
        const [first, second] = [one.changes[0]!, two.changes[0]!];
        if (touches(first).some((end) => touches(second).includes(end))) return [];
        const both = weigh([first, second]);
        return both.gain < Math.min(one.gain, two.gain) ? [both] : [];
      }),
    );
  return { singles: oddest(singles), pairs: () => oddest(pairs()) };
}

function lyingOn(change: Change): TerminalId[] {
  switch (change.kind) {
    case 'move':
      return [change.from, change.to];
    case 'exchange':
      return [change.one.at, change.two.at];
    case 'lay':
      return [change.conductor.from, change.conductor.to];
    default:
      return [];
  }
}

/** Ends of wires that a change touches: two changes of one end are one. */
function touches(change: Change): string[] {
  switch (change.kind) {
    case 'move':
      return [`${change.wire} ${change.end}`];
    case 'exchange':
      return [change.one, change.two].map(({ wire, end }) => `${wire} ${end}`);
    case 'take-out':
      return [`${change.wire} from`, `${change.wire} to`];
    case 'lay':
      return ['lay'];
    default:
      return [];
  }
}
