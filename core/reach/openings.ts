import { type DoorId, type Plan, type Zone } from '../plan/index';
import {
  cellsOf,
  fireReleases,
  openingOf,
  prepared,
  provenFor,
  SITUATIONS,
  type Opening,
  type SituationId,
} from '../prove/index';
import { atRest, buildWorld, stimulate, type SimState, type World } from '../simulate/index';

/** A situation of the site: one of every door's, an alarm in one fire zone, `zone:Z1`, or that and then its line burnt, `burnt:Z1`. */
export type SiteSituation = SituationId | `zone:${string}` | `burnt:${string}`;

/** The situations that a site is looked at in, in their order; zones follow. */
export const SITE_SITUATIONS = [
  'rest',
  'mains-off',
  'battery-low',
  'dead',
  'fire',
  'fire-burnt',
  'fire-power',
  'controller-hung',
  'network-lost',
  'lockdown',
  'partner-open',
  'partner-unlocked',
] as const satisfies readonly SituationId[];

export const zonesInOrder = (plan: Plan): Zone[] =>
  Object.values(plan.zones).sort((a, b) => a.order - b.order || (a.id < b.id ? -1 : 1));

export const siteSituations = (plan: Plan): SiteSituation[] => [
  ...SITE_SITUATIONS,
  ...zonesInOrder(plan).flatMap(({ id }): SiteSituation[] => [`zone:${id}`, `burnt:${id}`]),
];

/** A state of a door as an opening, judged as in one of its situations. */
export function openingIn(world: World, state: SimState, id: SituationId): Opening {
  const situation = SITUATIONS.find((one) => one.id === id)!;
  return openingOf(cellsOf(world, situation, state, provenFor(world)).cells);
}

/** What a door lets through in every situation of the site; one that cannot come about at this door leaves it as at rest. */
export function openingsOf(plan: Plan, door: DoorId): ReadonlyMap<SiteSituation, Opening> {
  const world = buildWorld(plan, door);
  const rest = atRest(world);
  const found = new Map<SiteSituation, Opening>();
  const quiet = openingIn(world, rest, 'rest');
  for (const id of SITE_SITUATIONS) {
    const state = prepared(
      SITUATIONS.find((one) => one.id === id)!,
      world,
      rest,
    );
    found.set(id, state ? openingIn(world, state, id) : quiet);
  }
  fireReleases(world, rest);
  for (const zone of zonesInOrder(plan)) {
    const tripped = zone.relays.filter((relay) => world.byId.has(relay));
    const state = tripped.reduce(
      (now, device) => stimulate(world, now, { kind: 'fire', device }).state,
      rest,
    );
    const burnt = tripped.length === 0 ? state : stimulate(world, state, { kind: 'fireGone' }).state;
    found.set(`zone:${zone.id}`, tripped.length === 0 ? quiet : openingIn(world, state, 'fire'));
    found.set(`burnt:${zone.id}`, tripped.length === 0 ? quiet : openingIn(world, burnt, 'fire-burnt'));
  }
  return found;
}
