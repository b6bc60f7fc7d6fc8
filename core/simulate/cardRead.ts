import { joinedNodes, readInput, settle, type Conditions, type OperatingPoint } from '../circuit/index';
import { functionOf, functionsOf, settingValue, type BusPort } from '../devices/index';
import { terminalId } from '../plan/index';
import type { CardOutcome, SimState } from './simState';
import type { Inhabitant, World } from './world';

export interface CardRead {
  readonly outcome: CardOutcome;
  /** Who saw both lines move: the controller and its channel. */
  readonly controller: string | null;
  readonly channel: number;
  /** It came to the lines, or has the place, of the reader on the inside. */
  readonly inner: boolean;
  /** Whoever else heard it whole: one pair of lines may run to several controllers. */
  readonly also?: readonly Heard[];
}

/** A channel that has heard a card. */
type Heard = { readonly controller: string; readonly channel: number; readonly inner: boolean };

const lost = (outcome: CardOutcome): CardRead => ({ outcome, controller: null, channel: 0, inner: false });

/** Settles a circuit under other conditions, from how it stands. */
export type SettleUnder = (conditions: Conditions) => OperatingPoint;

/** Sends a card through the circuit from its reader to whatever decides, and says how far it came. */
export function readCard(
  world: World,
  state: SimState,
  reader: Inhabitant,
  under: SettleUnder = (conditions) => settle(world.netlist, conditions, state.point.on),
): CardRead {
  const spec = functionOf(reader.type, 'reader') ?? functionOf(reader.type, 'busReader');
  if (!spec) return lost('reader-dead');
  if (state.boards.get(`${reader.device.id}:${spec.board}`) !== true) return lost('reader-dead');
  return spec.kind === 'reader'
    ? readLines(world, state, reader, spec, under)
    : readBus(world, state, reader, spec.bus);
}

/** The conditions of a state while a reader pulls one of its lines low. */
const pulled = ({ states, feeds, cut, failed }: SimState, reader: string, pull: string): Conditions => ({
  states: new Set(states).add(`${reader}:${pull}`),
  feeds,
  cut,
  failed,
});

/**
 * Two data lines: the reader pulls D0 low, then D1, and each time the inputs of every controller are read. A
 * missing common, an unpowered board or crossed lines show by themselves.
 */
function readLines(
  world: World,
  state: SimState,
  reader: Inhabitant,
  spec: { readonly d0: string; readonly d1: string },
  under: SettleUnder,
): CardRead {
  const id = reader.device.id;
  const moved = (pull: string): Set<string> => {
    const point = under(pulled(state, id, pull));
    const closed = new Set<string>();
    for (const [input, before] of state.readings) {
      if (before === 'open' && readInput(world.netlist, point, input) === 'closed') closed.add(input);
    }
    return closed;
  };
  const [zero, one] = [moved(spec.d0), moved(spec.d1)];
  const heard: Heard[] = [];
  let partly: CardRead | null = null;
  for (const { device, type } of world.inhabitants) {
    const decides = functionOf(type, 'decides');
    if (!decides) continue;
    for (const [channel, { d0Input, d1Input, inner }] of decides.channels.entries()) {
      for (const lines of [{ d0Input, d1Input }, inner]) {
        if (!lines) continue;
        const at = { controller: device.id, channel, inner: lines === inner };
        const [d0, d1] = [`${device.id}:${lines.d0Input}`, `${device.id}:${lines.d1Input}`];
        if (zero.has(d0) && one.has(d1)) heard.push(at);
        else if (zero.has(d1) && one.has(d0)) partly ??= { outcome: 'lines-swapped', ...at };
        else if (zero.has(d0) || one.has(d1)) partly ??= { outcome: 'one-line-missing', ...at };
      }
    }
  }
  const [first, ...also] = heard;
  if (first) return { outcome: 'read', ...first, ...(also.length > 0 ? { also } : {}) };
  return partly ?? lost('nothing-arrives');
}

/** A bus port as it stands in a circuit. */
export interface PortAt {
  readonly device: string;
  readonly port: BusPort;
}

/** Every port of a bus in this world, controllers first. */
export const busPorts = (world: World): (PortAt & { readonly master: boolean })[] =>
  world.inhabitants.flatMap(({ device, type }): (PortAt & { master: boolean })[] => [
    ...functionsOf(type, 'busHost').map(({ bus }) => ({ device: device.id, port: bus, master: true })),
    ...functionsOf(type, 'busReader').map(({ bus }) => ({ device: device.id, port: bus, master: false })),
  ]);

/**
 * A reader on a bus is heard where A meets A and B meets B (or transmit meets receive) along unbroken wires,
 * both ends share a 0 V, the controller runs and no other reader answers to the same address. Odd addresses
 * belong to the controller's odd doors, even ones to its even doors.
 */
function readBus(world: World, state: SimState, reader: Inhabitant, port: BusPort): CardRead {
  const group = joinedNodes(world.netlist, state.cut);
  const at = (device: string, pin: string): number => {
    const node = world.netlist.nodeOf.get(terminalId(device, pin));
    return node === undefined ? -1 : group[node]!;
  };
  const here = reader.device.id;
  const address = addressOf(reader, port);
  const crosses = port.crossed === true;
  let found: CardRead = lost('nothing-arrives');
  for (const { device, type } of world.inhabitants) {
    const host = functionOf(type, 'busHost');
    const channels = functionOf(type, 'decides')?.channels;
    if (!host || !channels || device.id === here) continue;
    const { bus, board } = host;
    const [a, b] = [at(here, port.a), at(here, port.b)];
    const [A, B] = [at(device.id, bus.a), at(device.id, bus.b)];
    const straight = a === A && b === B;
    const swapped = a === B && b === A;
    const right = crosses ? swapped : straight;
    const wrong = crosses ? straight : swapped;
    if (!right && !wrong) {
      if ([a, b].some((node) => node === A || node === B)) found = lost('one-line-missing');
      continue;
    }
    if (state.boards.get(`${device.id}:${board}`) !== true) continue;
    const where = {
      controller: device.id,
      channel: address === null ? 0 : (address + 1) % channels.length,
      inner: reader.device.place === 'inside',
    };
    if (wrong) return { outcome: 'lines-swapped', ...where };
    if (at(here, port.common) !== at(device.id, bus.common)) return { outcome: 'no-common', ...where };
    const rivals = world.inhabitants.some((other) => {
      const theirs = functionOf(other.type, 'busReader');
      if (!theirs || other.device.id === here || address === null) return false;
      return at(other.device.id, theirs.bus.a) === a && addressOf(other, theirs.bus) === address;
    });
    return { outcome: rivals ? 'address-clash' : 'read', ...where };
  }
  return found;
}

/** Address a bus device answers to; null for a point-to-point link. */
export function addressOf({ device, type }: Inhabitant, port: BusPort): number | null {
  if (port.addressSetting === null) return null;
  const value = settingValue(type, device.settings, port.addressSetting);
  return typeof value === 'number' ? value : null;
}
