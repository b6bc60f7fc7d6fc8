import { does, functionOf, settingValue, type DeviceType } from '../devices/index';
import {
  allDevices,
  deviceOf,
  doorsInOrder,
  pinOf,
  terminalId,
  typeIn,
  wiresOn,
  type DeadState,
  type Device,
  type DeviceId,
  type DoorId,
  type Plan,
  type TerminalId,
} from '../plan/index';
import { fireReleases, provenFor } from '../prove/index';
import { atRest, buildWorld, stimulate, type SimState, type World } from '../simulate/index';
import { openingIn, zonesInOrder } from './openings';

/** A fire relay of the site: the zones that trip it, and whether it stays when the line of the panel is lost. */
export interface TreeRelay {
  readonly id: DeviceId;
  readonly tag: string;
  readonly door: DoorId | null;
  readonly latching: boolean;
  readonly zones: readonly string[];
}

/** What a relay works on at a door: the fire input of a supply, or the way of the lock's own power. */
export interface TreePart {
  /** Of the supply; or `relay/power`. */
  readonly id: string;
  readonly kind: 'fire-input' | 'lock-power';
  /** The supply; or the devices that the relay's wires come from and go to. */
  readonly tags: readonly string[];
  readonly door: DoorId | null;
}

/** Throw of the relay that is wired: it opens in an alarm (NC), closes (NO), or both are. */
export type Throw = 'NC' | 'NO' | 'both' | 'none';

/** A line of the tree: a part worked by a relay. `hops`: devices that the pair goes on through before; 0 is a run of its own. */
export interface TreeWork {
  readonly relay: DeviceId;
  readonly part: string;
  readonly throw: Throw;
  readonly hops: number;
}

/** A door and a relay that is there to release it. */
export interface TreeRelease {
  readonly relay: DeviceId;
  readonly part: string;
  /** An alarm at this relay alone lets people out freely. */
  readonly frees: boolean;
  /** One wire off at the fire input leaves the door shut, at rest and in an alarm: nobody knows of it. */
  readonly fragile: boolean;
}

export interface TreeDoor {
  readonly id: DoorId;
  /** Relays that are there to release it, each through its part. */
  readonly by: readonly TreeRelease[];
  /** What it is to do when dead: as chosen, or as its locks agree; null where neither says. */
  readonly dead: DeadState | null;
  /** A lever or bar leaves it whatever the lock does; null where the brief does not say. */
  readonly lever: boolean | null;
}

/** What releases what: zones, relays, what they work on, doors; with the wires as they are. */
export interface ReleaseTree {
  /** `trips`: how many relays of the site it trips. */
  readonly zones: readonly { readonly id: string; readonly name: string; readonly trips: number }[];
  readonly relays: readonly TreeRelay[];
  readonly parts: readonly TreePart[];
  readonly works: readonly TreeWork[];
  readonly doors: readonly TreeDoor[];
}

/** Traces what every fire relay of a site works on, by its wires and by what the circuit does. */
export function releaseTree(plan: Plan): ReleaseTree {
  const zones = zonesInOrder(plan);
  const relays = allDevices(plan).filter((device) => does(typeIn(plan, device), 'fireRelay'));
  const parts = new Map<string, TreePart>();
  const works = new Map<string, TreeWork>();
  const lines = new Map(relays.map((relay) => [relay.id, lineOf(plan, relay)]));
  const doors = doorsInOrder(plan).map((door): TreeDoor => {
    const world = buildWorld(plan, door.id);
    const rest = atRest(world);
    const by = fireReleases(world, rest).map(({ device }) => {
      const line = lines.get(device.id) ?? lineOf(plan, device);
      const reached = line.inputs.find(({ supply }) => feeds(world, supply));
      const supply = reached ? plan.devices[reached.supply] : undefined;
      const part: TreePart = supply
        ? { id: supply.id, kind: 'fire-input', tags: [nameOf(supply, door.id)], door: supply.door }
        : {
            id: `${device.id}/power`,
            kind: 'lock-power',
            tags: line.beside.map((one) => nameOf(one, door.id)),
            door: device.door,
          };
      parts.set(part.id, part);
      works.set(`${device.id} ${part.id}`, {
        relay: device.id,
        part: part.id,
        throw: line.throw,
        hops: reached?.hops ?? 0,
      });
      const frees = isFree(world, rest, device.id);
      const fragile = frees && supply !== undefined && isFragile(plan, world, rest, supply, device.id);
      return { relay: device.id, part: part.id, frees, fragile };
    });
    return { id: door.id, by, dead: provenFor(world), lever: door.brief.mechanicalEgress };
  });
  return {
    zones: zones.map(({ id, name, relays: tripped }) => ({
      id,
      name,
      trips: relays.filter(({ id: one }) => tripped.includes(one)).length,
    })),
    relays: relays.map((device) => ({
      id: device.id,
      tag: device.tag,
      door: device.door,
      latching: isLatching(plan, device),
      zones: zones.filter((zone) => zone.relays.includes(device.id)).map(({ id }) => id),
    })),
    parts: [...parts.values()],
    works: [...works.values()],
    doors,
  };
}

/** True where an alarm at this relay lets people out freely from here. */
const isFree = (world: World, from: SimState, relay: DeviceId): boolean =>
  openingIn(world, stimulate(world, from, { kind: 'fire', device: relay }).state, 'fire').out === 'free';

/** True where one wire off at a fire input keeps the door shut, at rest and in an alarm. */
function isFragile(plan: Plan, world: World, rest: SimState, supply: Device, relay: DeviceId): boolean {
  const type = typeIn(plan, supply);
  return wiresOn(plan, supply.id)
    .filter(({ from, to }) =>
      [from, to].some((end) => deviceOf(end) === supply.id && isFireInput(type, pinOf(end))),
    )
    .some(({ id }) => {
      const off = stimulate(world, rest, { kind: 'cut', conductor: id }).state;
      return openingIn(world, off, 'rest').out !== 'free' && !isFree(world, off, relay);
    });
}

const nameOf = (device: Device, door: DoorId): string =>
  device.door === null || device.door === door ? device.tag : `${device.door}/${device.tag}`;

function isLatching(plan: Plan, device: Device): boolean {
  const type = typeIn(plan, device);
  const setting = functionOf(type, 'fireRelay')?.latchSetting ?? '';
  return settingValue(type, device.settings, setting) === 'latching';
}

/** A supply counts for a door where it stands in the door's circuit and the door has it, or no door has. */
const feeds = (world: World, supply: DeviceId): boolean => {
  const found = world.byId.get(supply);
  return found !== undefined && (found.device.door === world.door.id || found.device.door === null);
};

/** Where the wires of a relay's contacts go. */
interface RelayLine {
  readonly throw: Throw;
  /** Supplies whose fire input the pair reaches, nearest first. */
  readonly inputs: readonly { readonly supply: DeviceId; readonly hops: number }[];
  /** Devices that its wires come from and go to. */
  readonly beside: readonly Device[];
}

/** Walks the wires from a relay's contacts; on from a fire input to the next, and through joints. */
function lineOf(plan: Plan, relay: Device): RelayLine {
  const type = typeIn(plan, relay);
  const contacts = type.parts.flatMap((part) => (part.kind === 'contact' ? [part] : []));
  const wired = new Set(wiresOn(plan, relay.id).flatMap(({ from, to }) => [from, to]));
  const uses = (wanted: 'NO' | 'NC') =>
    contacts.some(
      ({ a, b, form }) => form === wanted && [a, b].every((pin) => wired.has(terminalId(relay.id, pin))),
    );
  const inputs: { supply: DeviceId; hops: number }[] = [];
  const beside: Device[] = [];
  const pins = new Set(contacts.flatMap(({ a, b }) => [a, b]));
  const seen = new Set<TerminalId>();
  let edge = [...pins].map((pin) => ({ at: terminalId(relay.id, pin), hops: 0 }));
  while (edge.length > 0) {
    const next: typeof edge = [];
    for (const { at, hops } of edge) {
      if (seen.has(at)) continue;
      seen.add(at);
      for (const { from, to } of wiresOn(plan, deviceOf(at))) {
        if (from !== at && to !== at) continue;
        const end = from === at ? to : from;
        const device = plan.devices[deviceOf(end)];
        if (!device || device.id === relay.id) continue;
        const other = typeIn(plan, device);
        if (other.family === 'joint') {
          next.push(...onward(other, device.id, hops));
        } else if (isFireInput(other, pinOf(end))) {
          if (!inputs.some(({ supply }) => supply === device.id)) inputs.push({ supply: device.id, hops });
          next.push({ at: end, hops: hops + 1 });
        } else if (hops === 0 && !beside.includes(device)) beside.push(device);
      }
    }
    edge = next;
  }
  const [nc, no] = [uses('NC'), uses('NO')];
  return { throw: nc && no ? 'both' : nc ? 'NC' : no ? 'NO' : 'none', inputs, beside };
}

const onward = (type: DeviceType, device: DeviceId, hops: number) =>
  type.terminals.map(({ id }) => ({ at: terminalId(device, id), hops }));

const isFireInput = ({ roles }: DeviceType, pin: string): boolean =>
  roles.fireInput !== undefined && [roles.fireInput.input, roles.fireInput.common].includes(pin);
