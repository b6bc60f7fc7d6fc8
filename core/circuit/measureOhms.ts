import type { TerminalId } from '../plan/index';
import { LEAK_SIEMENS, type Branch } from './branch';
import { AT_REST, type Conditions } from './conditions';
import { assembleNetlist, type Netlist } from './netlist';
import { settle } from './settle';
import { LIMITING } from './mode';
import { voltsBetween } from './operatingPoint';

/** Test current of the meter, amps. Its own 1 MΩ leak keeps it below 0.5 V: no coil pulls in, no board starts. */
const TEST_AMPS = 5e-7;

const meter = (id: string, a: number, b: number): Branch => ({
  kind: 'source',
  id,
  device: '',
  a,
  b,
  volts: 1e9,
  ohms: 1e-9,
  maxAmps: TEST_AMPS,
  battery: null,
  current: 'dc',
});

/**
 * What an ohmmeter reads between each pair of terminals with every supply off: the contacts stand as the
 * conditions say. Infinite where nothing joins the two. Boards count as their 1 MΩ leak. The meters of all pairs
 * are put into one circuit, so that it is prepared once; only one of them is on at a time.
 */
export function measureAllOhms(
  netlist: Netlist,
  pairs: readonly (readonly [from: TerminalId, to: TerminalId])[],
  conditions: Conditions = AT_REST,
): number[] {
  const meters: Branch[] = [];
  const placed = pairs.map(([from, to]) => {
    const a = netlist.nodeOf.get(from);
    const b = netlist.nodeOf.get(to);
    if (a === undefined || b === undefined) return null;
    meters.push(meter(`meter ${meters.length}`, a, b));
    return { a, b, index: netlist.branches.length + meters.length - 1 };
  });
  const branches = [...netlist.branches, ...meters];
  const metered = assembleNetlist(netlist.nodes, netlist.nodeOf, branches);
  const off = { kind: 'off' } as const;
  const sources = branches.filter(({ kind }) => kind === 'source').map(({ id }) => id);
  return placed.map((probe) => {
    if (!probe) return Infinity;
    const { a, b, index } = probe;
    const own = branches[index]!.id;
    const feeds = new Map(sources.flatMap((id) => (id === own ? [] : [[id, off] as const])));
    // A limiting source is a pure current; the meter's own leak is taken out of the result.
    const before = new Uint8Array(branches.length);
    before[index] = LIMITING;
    const point = settle(metered, { ...conditions, feeds }, before);
    const volts = voltsBetween(point, a, b);
    if (volts === null) return Infinity;
    const conductance = TEST_AMPS / volts - LEAK_SIEMENS;
    return conductance < 1e-9 ? Infinity : 1 / conductance;
  });
}

/** What an ohmmeter reads between two terminals with every supply off; see `measureAllOhms`. */
export const measureOhms = (
  netlist: Netlist,
  from: TerminalId,
  to: TerminalId,
  conditions: Conditions = AT_REST,
): number => measureAllOhms(netlist, [[from, to]], conditions)[0]!;
