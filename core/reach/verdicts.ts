import type { DoorId, Plan } from '../plan/index';
import { isSafe, type SiteGraph } from './graph';
import { siteSituations, type SiteSituation } from './openings';
import type { ReleaseTree } from './releaseTree';
import { pictureOf, zoneCells, type SiteOpenings, type Trap, type ZoneCell } from './site';

/** Situations that are the same as rest at a door that does not know them. */
const RARE: ReadonlySet<SiteSituation> = new Set([
  'fire-power',
  'network-lost',
  'lockdown',
  'partner-open',
  'partner-unlocked',
]);

/** Situations that are worth looking at: not those that change nothing here, nor a burnt line, which its zone tells of. */
export const situationsShown = (plan: Plan, openings: SiteOpenings | null): SiteSituation[] =>
  siteSituations(plan).filter((situation) => {
    if (situation.startsWith('burnt:')) return false;
    if (!RARE.has(situation) || !openings) return true;
    const rest = openings.get('rest');
    return [...(openings.get(situation) ?? [])].some(([door, { out, in: inward }]) => {
      const quiet = rest?.get(door);
      return quiet?.out !== out || quiet.in !== inward;
    });
  });

/** A fire line that goes on from door to door: what breaks before the last of them takes it along. */
export interface Chain {
  readonly relay: string;
  /** Doors behind the first, nearest first. */
  readonly doors: readonly DoorId[];
  /** A break lets them go; where it does not they stay shut in an alarm, and nobody knows. */
  readonly failsOpen: boolean;
}

/** A door that lets people go in a fire into a room that they do not leave. */
export interface Nowhere {
  readonly door: DoorId;
  readonly space: string;
}

/** What stands against a site, and what holds. */
export interface SiteVerdicts {
  readonly traps: readonly Trap[];
  readonly zones: readonly ZoneCell[];
  readonly chains: readonly Chain[];
  readonly nowhere: readonly Nowhere[];
  /** Every door that has a lock opens when dead: nothing is kept when the power is gone. */
  readonly allFailSafe: boolean;
  /** Rooms that people are in; those that everybody leaves in every situation; those of which it is not proven. */
  readonly rooms: number;
  readonly left: number;
  readonly unproven: readonly string[];
  /** Protected spaces that are entered from outside without a card, and when. */
  readonly breached: readonly { readonly space: string; readonly situations: readonly SiteSituation[] }[];
  /** How many of these ask for something to be done. */
  readonly toSettle: number;
}

export function siteVerdicts(
  plan: Plan,
  graph: SiteGraph,
  openings: SiteOpenings,
  traps: readonly Trap[],
  tree: ReleaseTree | null,
): SiteVerdicts {
  const pictures = siteSituations(plan).flatMap((situation) => {
    const here = openings.get(situation);
    return here ? [pictureOf(graph, here, situation)] : [];
  });
  const rooms = graph.spaces.filter((space) => !isSafe(space));
  const trapped = new Set(traps.map(({ space }) => space));
  const unproven = rooms
    .filter(({ id }) => pictures.some(({ spaces }) => spaces.get(id)?.status === 'unproven'))
    .map(({ id }) => id);
  const shown = new Set(situationsShown(plan, openings));
  const breached = new Map<string, SiteSituation[]>();
  for (const picture of pictures)
    if (shown.has(picture.situation))
      for (const space of picture.breached.keys())
        breached.set(space, [...(breached.get(space) ?? []), picture.situation]);
  const zones = zoneCells(plan, openings).filter(({ verdict }) => verdict === 'fail');
  const chains = tree ? chainsOf(tree) : [];
  const fire = pictures.find(({ situation }) => situation === 'fire');
  const nowhere = graph.passages.flatMap(({ door, outside }): Nowhere[] => {
    const out = fire?.openings.get(door)?.out;
    const leads = out === 'free' || out === 'act';
    return leads && fire?.spaces.get(outside)?.status === 'trapped' ? [{ door, space: outside }] : [];
  });
  const dead = tree?.doors.flatMap((door) => door.dead ?? []) ?? [];
  return {
    traps,
    zones,
    chains,
    nowhere,
    allFailSafe: dead.length >= FEW && dead.every((state) => state === 'fail-safe'),
    rooms: rooms.length,
    left: rooms.filter(({ id }) => !trapped.has(id) && !unproven.includes(id)).length,
    unproven,
    breached: [...breached].map(([space, situations]) => ({ space, situations })),
    toSettle:
      traps.length + zones.length + nowhere.length + chains.filter(({ failsOpen }) => !failsOpen).length,
  };
}

/** A site of fewer doors than these keeps nothing by having one that stays shut. */
const FEW = 3;

/** Lines that go on from one door to the next. */
function chainsOf({ relays, works, doors }: ReleaseTree): Chain[] {
  return relays.flatMap(({ id }): Chain[] => {
    const on = works.filter(({ relay, hops }) => relay === id && hops > 0).sort((a, b) => a.hops - b.hops);
    if (on.length === 0) return [];
    const behind = on.flatMap(({ part }) =>
      doors.filter(({ by }) => by.some((one) => one.relay === id && one.part === part)),
    );
    return [
      {
        relay: id,
        doors: [...new Set(behind.map((door) => door.id))],
        failsOpen: behind.every((door) => door.by.every(({ relay, fragile }) => relay !== id || !fragile)),
      },
    ];
  });
}
