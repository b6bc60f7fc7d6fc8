import { joinedNodes, type Branch } from '../circuit/index';
import { does, functionsOf, settingValue, type Channel } from '../devices/index';
import { terminalId } from '../plan/index';
import type { Inhabitant, World } from '../simulate/index';

/**
 * Which devices of a circuit can have to do with one another in any way but by the voltage of the supplies that feed them all: parts
 * that conduct between the same points, a coil and what it works, a board and what it reads and switches. What hangs on nothing but the
 * two poles of a supply is coupled with nothing else there: what it draws is a matter of power, not of who opens what.
 */
export interface Coupled {
  /** True where what is done at one of them may reach the door. */
  reaches(one: Inhabitant): boolean;
}

/** Groups by union and find, over the points of a circuit and the things that a device knows. */
class Groups {
  private readonly parent = new Map<string, string>();
  root(key: string): string {
    let at = key;
    for (let up = this.parent.get(at); up !== undefined; up = this.parent.get(at)) at = up;
    return at;
  }
  join(keys: readonly string[]): void {
    const [first, ...more] = keys.map((key) => this.root(key));
    for (const one of more) if (one !== first) this.parent.set(one, first!);
  }
}

export function coupledWith(world: World): Coupled {
  const { netlist, inhabitants, door } = world;
  const point = joinedNodes(netlist);
  const groups = new Groups();
  const rails = railsOf(world, point);
  const key = (node: number): string | null => (rails.has(point[node]!) ? null : `p${point[node]}`);
  const ends = ({ a, b }: Pick<Branch, 'a' | 'b'>) => [key(a), key(b)].filter((one) => one !== null);
  const parts = new Map<string, Branch[]>();
  for (const branch of netlist.branches) {
    if (branch.kind !== 'conductor') {
      const its = parts.get(branch.device);
      if (its) its.push(branch);
      else parts.set(branch.device, [branch]);
    }
    if (branch.kind !== 'source') groups.join(ends(branch));
  }
  for (const { device, type } of inhabitants) {
    const its = parts.get(device.id) ?? [];
    const at = (wanted: (branch: Branch) => boolean) => its.filter(wanted).flatMap(ends);
    const named = (ids: readonly (string | null | undefined)[]) =>
      at(({ id }) => ids.some((part) => part && id === `${device.id}:${part}`));
    const worked = (state: string) =>
      at((branch) => branch.kind === 'contact' && branch.state === `${device.id}:${state}`);
    const boards = at(({ kind }) => kind === 'electronic');
    const channels: Channel[] = [
      ...functionsOf(type, 'decides').flatMap((one) => one.channels),
      ...functionsOf(type, 'timer').map((one) => one.channel),
    ];
    // A door of a controller is worked by what comes in for it; by its board, which all have in common; and by what concerns all of them.
    channels.forEach((channel, index) => {
      const { exitInput, contactInput, d0Input, d1Input, inner, relay } = channel;
      groups.join([
        `${device.id}#${index}`,
        ...named([exitInput, contactInput, d0Input, d1Input, inner?.d0Input, inner?.d1Input]),
        ...worked(relay),
        ...boards,
      ]);
    });
    const everyDoor = channels.map((_, index) => `${device.id}#${index}`);
    for (const { input, acts } of functionsOf(type, 'input')) {
      const does = typeof acts === 'string' ? acts : settingValue(type, device.settings, acts.setting);
      if (does !== 'none' && does !== 'aux' && does !== 'tamper')
        groups.join([...named([input]), ...everyDoor]);
    }
    for (const { input, state } of functionsOf(type, 'fireInput'))
      groups.join([...named([input]), ...worked(state), ...everyDoor]);
    for (const { usedSetting } of functionsOf(type, 'interlock'))
      if (settingValue(type, device.settings, usedSetting) === 'on') groups.join(everyDoor);
    for (const { activate, relay, close, stop, safety, fire } of functionsOf(type, 'operator'))
      groups.join([...named([activate, close, stop, safety, fire]), ...worked(relay), ...boards]);
    // A relay's coil works its contacts, a sensor's board its own: whatever is no controller and no supply is one.
    const isPlain = channels.length === 0 && !its.some(({ kind }) => kind === 'source');
    if (isPlain && its.some(({ kind }) => kind === 'coil' || kind === 'electronic'))
      groups.join(its.flatMap(ends));
  }
  const mine = new Set(
    inhabitants
      .filter(({ device }) => device.door === door.id)
      .flatMap(({ device, type }) => type.terminals.map(({ id }) => nodeOf(world, device.id, id)))
      .flatMap((node) => (node === undefined ? [] : (key(node) ?? [])))
      .map((one) => groups.root(one)),
  );
  const bus = new Set(
    inhabitants.filter(({ type }) => does(type, 'busHost')).flatMap((one) => busPoints(world, one, point)),
  );
  return {
    reaches: (one) =>
      (parts.get(one.device.id) ?? []).flatMap(ends).some((at) => mine.has(groups.root(at))) ||
      // Who is listened to on a bus is told by an address, not by a wire.
      (does(one.type, 'busReader') && busPoints(world, one, point).some((at) => bus.has(at))),
  };
}

const nodeOf = ({ netlist }: World, device: string, pin: string) =>
  netlist.nodeOf.get(terminalId(device, pin));

const busPoints = (world: World, { device, type }: Inhabitant, point: Int32Array): number[] =>
  [...functionsOf(type, 'busHost'), ...functionsOf(type, 'busReader')].flatMap(({ bus }) =>
    [bus.a, bus.b].flatMap((pin) => point[nodeOf(world, device.id, pin) ?? -1] ?? []),
  );

/** The points at the poles of every supply: what is fed hangs there, and is not coupled by it. */
function railsOf(world: World, point: Int32Array): ReadonlySet<number> {
  const rails = new Set<number>();
  for (const { kind, a, b } of world.netlist.branches)
    if (kind === 'source') rails.add(point[a]!).add(point[b]!);
  for (const { device, type } of world.inhabitants) {
    if (!type.parts.some(({ kind }) => kind === 'source')) continue;
    const { supply, lockSupply } = type.roles;
    for (const pin of [supply?.plus, supply?.minus, lockSupply?.plus, lockSupply?.minus]) {
      const node = pin === undefined ? undefined : nodeOf(world, device.id, pin);
      if (node !== undefined) rails.add(point[node]!);
    }
  }
  return rails;
}
