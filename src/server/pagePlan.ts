import { doorsAround, neighbourhood } from '#core/door/index';
import {
  doorsInOrder,
  kindOf,
  publicPlan,
  type Collection,
  type DoorId,
  type Entities,
  type Plan,
} from '#core/plan/index';

/** The part of a site that a page carries, and the doors that are whole in it; null where it is all of the site. */
export interface PagePlan {
  readonly plan: Plan;
  readonly doors: readonly DoorId[] | null;
}

/** Collections of which a page needs no more than what belongs to its doors; the ledger needs every door. */
const OF_DOORS: readonly Collection[] = ['cables', 'people', 'readings', 'levels', 'hours', 'calendars'];

/**
 * What the page of a door carries: the door with whatever it feels, and the ledger. Without codes, card numbers and keypad
 * memories; they and the rest of the site are fetched once the page stands.
 */
export function pageOfDoor(plan: Plan, door: DoorId): PagePlan {
  const doors = doorsAround(plan, door);
  const part = publicPlan(neighbourhood(plan, door));
  const ofDoors = OF_DOORS.map((collection) => [collection, entriesOf(plan, part, collection, doors)]);
  return { plan: { ...part, ...Object.fromEntries(ofDoors) }, doors: [...doors] };
}

const entriesOf = <C extends Collection>(
  plan: Plan,
  part: Plan,
  collection: C,
  doors: ReadonlySet<DoorId>,
): object =>
  Object.fromEntries(
    (Object.entries(part[collection]) as [string, Entities[C]][]).filter(([, entity]) =>
      kindOf(collection)
        .doors(entity, plan)
        .some((door) => doors.has(door)),
    ),
  );

/** A site of more doors does not come with a page about all of it: the page would weigh megabytes. */
const MOST_DOORS = 60;

/**
 * What any other page carries: the site without its secrets. Of a big one only what the page of its first door would: the rest is fetched
 * once the page stands.
 */
export function pageOfSite(plan: Plan): PagePlan {
  const [first, ...others] = doorsInOrder(plan);
  return first && others.length >= MOST_DOORS
    ? pageOfDoor(plan, first.id)
    : { plan: publicPlan(plan), doors: null };
}
