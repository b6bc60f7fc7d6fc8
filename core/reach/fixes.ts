import { checkContext, runRules, toPutRight } from '../checks/index';
import { functionOf, does } from '../devices/index';
import { applyEdit, devicesOf, findIn, typeIn, type DoorId, type Edit, type Plan } from '../plan/index';
import { withGlass } from '../protect/index';
import { graphOf } from './graph';
import { openingsOf } from './openings';
import { pictureOf, type SiteOpenings, type Trap, type ZoneCell } from './site';

/** What would let people out of a trap, tried on a copy of the plan. */
export interface Fix {
  readonly door: DoorId;
  readonly what: 'finding' | 'add-glass' | 'exits-pass' | 'keep-list' | 'trip-relay';
  /** The code of the finding whose remedy it is, or the relay's tag. */
  readonly code: string | null;
  readonly edit: Edit;
}

/** What may help at one door, best first: what is wrong with it already, then what it has not. */
function candidates(plan: Plan, door: DoorId): Fix[] {
  const found: Fix[] = [];
  for (const { code, remedy } of runRules(checkContext(plan, door)))
    if (remedy) found.push({ door, what: 'finding', code, edit: remedy });
  const devices = devicesOf(plan, door).map((device) => ({ device, type: typeIn(plan, device) }));
  for (const { device, type } of devices) {
    const exits = functionOf(type, 'interlock')?.exitsSetting;
    const put = (setting: string, value: string): Edit => ({
      kind: 'setSetting',
      device: device.id,
      setting,
      value,
    });
    if (exits) found.push({ door, what: 'exits-pass', code: null, edit: put(exits, 'pass') });
    const lost = functionOf(type, 'link')?.lostSetting;
    if (lost) found.push({ door, what: 'keep-list', code: null, edit: put(lost, 'keeps') });
  }
  if (!devices.some(({ type }) => does(type, 'breakGlass'))) {
    for (const edit of withGlass(plan, door)) found.push({ door, what: 'add-glass', code: null, edit });
  }
  return found;
}

/**
 * Changes that let people out of a trap: each is tried on a copy, and offered only where the space is left in every situation in
 * which it was not, no other is caught, and nothing new is to be put right at the door.
 */
export function fixesFor(plan: Plan, trap: Trap, openings: SiteOpenings): Fix[] {
  const doors = trap.doors.filter(({ side, opening }) => side === 'inside' && opening.out !== 'free');
  return doors.flatMap(({ door }) => {
    const seen = new Set<string>();
    return candidates(plan, door).filter((fix) => {
      const name = `${fix.what} ${fix.code}`;
      if (seen.has(name) || !helps(plan, trap, openings, fix)) return false;
      seen.add(name);
      return true;
    });
  });
}

/** Changes by which a zone does to a door what it must, each tried on a copy: what is wrong at the door, or a relay that it does not trip yet. */
export function fixesForZone(plan: Plan, { zone, door, asked }: ZoneCell): Fix[] {
  const now = findIn(plan.zones, zone);
  if (!now || asked !== 'release') return [];
  const relays = devicesOf(plan, door)
    .filter((device) => does(typeIn(plan, device), 'fireRelay') && !now.relays.includes(device.id))
    .map((device): Fix => ({
      door,
      what: 'trip-relay',
      code: device.tag,
      edit: { kind: 'setZone', id: zone, patch: { relays: [...now.relays, device.id] } },
    }));
  const works = ({ edit }: Fix): boolean => {
    const result = applyEdit(plan, edit);
    if (!result.ok || !findIn(result.plan.doors, door)) return false;
    const after = openingsOf(result.plan, door);
    const free = (['zone', 'burnt'] as const).every((when) => after.get(`${when}:${zone}`)?.out === 'free');
    return free && nothingNew(plan, result.plan, door);
  };
  const found = [...relays, ...candidates(plan, door)].find(works);
  return found ? [found] : [];
}

/** True where a change brings nothing at the door to be put right that was not there before. */
function nothingNew(plan: Plan, after: Plan, door: DoorId): boolean {
  const codes = (of: Plan) =>
    new Set(
      runRules(checkContext(of, door))
        .filter(toPutRight)
        .map(({ code }) => code),
    );
  const had = codes(plan);
  return [...codes(after)].every((code) => had.has(code));
}

function helps(plan: Plan, trap: Trap, openings: SiteOpenings, { door, edit }: Fix): boolean {
  const result = applyEdit(plan, edit);
  if (!result.ok || !findIn(result.plan.doors, door)) return false;
  const after = openingsOf(result.plan, door);
  const graph = graphOf(result.plan);
  for (const situation of trap.situations) {
    const here = openings.get(situation);
    const opening = after.get(situation);
    if (!here || !opening) return false;
    const now = pictureOf(graph, new Map(here).set(door, opening), situation);
    if (now.spaces.get(trap.space)?.status !== 'out') return false;
    const before = pictureOf(graph, here, situation);
    for (const [space, { status }] of now.spaces)
      if (status === 'trapped' && before.spaces.get(space)?.status !== 'trapped') return false;
  }
  return nothingNew(plan, result.plan, door);
}
