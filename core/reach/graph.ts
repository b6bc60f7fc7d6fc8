import type { SiteSituation } from './openings';
import { doorsInOrder, findIn, type DoorId, type Plan, type Space } from '../plan/index';

/** A door between two spaces; people leave from its inside to its outside. */
export interface Passage {
  readonly door: DoorId;
  readonly outside: string;
  readonly inside: string;
}

/** The building as whoever walks through it sees it. */
export interface SiteGraph {
  readonly spaces: readonly Space[];
  readonly passages: readonly Passage[];
  /** Doors of which nobody has said between which spaces they stand. */
  readonly unsaid: readonly DoorId[];
}

/** Spaces in their order, and the doors between them. */
export function graphOf(plan: Plan): SiteGraph {
  const spaces = Object.values(plan.spaces).sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));
  const passages: Passage[] = [];
  const unsaid: DoorId[] = [];
  for (const { id } of doorsInOrder(plan)) {
    const sides = findIn(plan.sides, id);
    const [outside, inside] = [sides?.outside ?? null, sides?.inside ?? null];
    if (outside !== null && inside !== null && outside !== inside)
      passages.push({ door: id, outside, inside });
    else unsaid.push(id);
  }
  return { spaces, passages, unsaid };
}

/** Spaces where nobody is in danger any more: outside, and a refuge. */
export const isSafe = ({ kind }: Pick<Space, 'kind'>): boolean => kind === 'outside' || kind === 'refuge';

/**
 * Whether lifts run in a situation: not in an alarm, which recalls them, and not without mains. A dead supply of a door stops none.
 */
export const liftsRun = (situation: SiteSituation): boolean => LIFTS_RUN.has(situation);

const LIFTS_RUN: ReadonlySet<SiteSituation> = new Set<SiteSituation>([
  'rest',
  'controller-hung',
  'network-lost',
  'lockdown',
  'partner-open',
  'partner-unlocked',
]);

/** Whoever waits in a lift lobby leaves by the lift, as long as that runs. */
const isLift = ({ kind }: Pick<Space, 'kind'>): boolean => kind === 'lift-lobby';

/** Spaces from which nobody needs a door to be safe: safe ground, and a lift lobby while lifts run. */
export const isWayOut = (space: Pick<Space, 'kind'>, lifts: boolean): boolean =>
  isSafe(space) || (lifts && isLift(space));

/**
 * Spaces in which anybody may stand who has neither card nor key: outside; and a lift lobby, where lifts bring people, unless it is
 * said to be protected, and so the lift is.
 */
export const isPublic = (space: Pick<Space, 'kind' | 'protected'>): boolean =>
  space.kind === 'outside' || (isLift(space) && !space.protected);
