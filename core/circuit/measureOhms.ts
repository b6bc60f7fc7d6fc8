import type { Branch } from './branch';
import { AT_REST, type Conditions } from './conditions';
import { assembleNetlist, type Netlist } from './netlist';
import { settle } from './settle';
import { LIMITING, voltsBetween } from './operatingPoint';

/** Test current of the meter, amps. Its own 1 MΩ leak keeps it below 0.5 V: no coil pulls in, no board starts. */
const TEST_AMPS = 5e-7;

/**
 * What an ohmmeter reads between two terminals with every supply off: the contacts stand as the conditions
 * say. Infinite where nothing joins the two. Boards count as their 1 MΩ leak.
 */
export function measureOhms(
  netlist: Netlist,
  from: string,
  to: string,
  conditions: Conditions = AT_REST,
): number {
  const a = netlist.nodeOf.get(from);
  const b = netlist.nodeOf.get(to);
  if (a === undefined || b === undefined) return Infinity;
  const probe: Branch = {
    kind: 'source',
    id: 'meter',
    device: '',
    a,
    b,
    volts: 1e9,
    ohms: 1e-9,
    maxAmps: TEST_AMPS,
    battery: null,
    current: 'dc',
  };
  // A limiting source is a pure current; the meter's own leak is taken out of the result below.
  const branches = [...netlist.branches, probe];
  const metered = assembleNetlist(netlist.nodes, netlist.nodeOf, branches);
  const feeds = new Map(
    netlist.branches.flatMap((branch) =>
      branch.kind === 'source' ? [[branch.id, { kind: 'off' }] as const] : [],
    ),
  );
  const before = new Uint8Array(branches.length);
  before[branches.length - 1] = LIMITING;
  const point = settle(metered, { ...conditions, feeds }, before);
  const volts = voltsBetween(point, a, b);
  if (volts === null) return Infinity;
  const conductance = TEST_AMPS / volts - 1e-6;
  return conductance < 1e-9 ? Infinity : 1 / conductance;
}
