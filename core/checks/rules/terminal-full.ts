import { newDevice } from '../../brief/index';
import {
  allConductors,
  type TerminalId,
  type Conductor,
  deviceOf,
  type Edit,
  nextWireNumber,
  pinOf,
  terminalId,
  terminalLabel,
  typeIn,
} from '../../plan/index';
import { areaOf, metres } from '../../units/index';
import { type CheckContext, onTerminal } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** More conductors in a terminal than it takes. */
const crowdedTerminals: Analysis<'plan' | 'door' | 'world'> = ({ plan, door, world }) => {
  const count = new Map<TerminalId, Conductor[]>();
  for (const wire of allConductors(plan)) {
    for (const end of [wire.from, wire.to]) count.set(end, [...(count.get(end) ?? []), wire]);
  }
  return [...count].flatMap(([terminal, wires]): Violation[] => {
    if (!wires.some((wire) => wire.door === door.id)) return [];
    const self = world.inhabitants.find(({ device }) => device.id === deviceOf(terminal));
    const most = self?.type.terminals.find(({ id }) => id === pinOf(terminal))?.maxConductors ?? 1;
    if (wires.length <= most) return [];
    const values = { terminal: terminalLabel(plan, terminal, door.id), measured: wires.length, limit: most };
    const remedy = jointFor({ plan, door }, terminal, wires, most);
    return [violation('terminal-full', [onTerminal(terminal)], values, remedy ? { remedy } : {})];
  });
};

/** A joint beside the device, one lead from it into the terminal, and the thinnest wires moved to it. */
function jointFor(
  { plan, door }: Pick<CheckContext, 'plan' | 'door'>,
  terminal: TerminalId,
  wires: readonly Conductor[],
  most: number,
): Edit | null {
  const moved = [...wires]
    // Wires of this door first: what another door laid there moves only where these are not enough.
    .sort(
      (a, b) => Number(b.door === door.id) - Number(a.door === door.id) || areaOf(a.gauge) - areaOf(b.gauge),
    )
    .slice(0, wires.length - most + 1);
  const joint = newDevice(plan, door.id, 'joint');
  const ways = typeIn(plan, joint).terminals.map(({ id }) => terminalId(joint.id, id));
  const thickest = moved[moved.length - 1];
  if (!thickest || moved.length !== wires.length - most + 1 || moved.length > ways.length - 1) return null;
  const number = nextWireNumber(plan, door.id);
  const lead: Conductor = {
    ...thickest,
    id: `${door.id}/${number}`,
    door: door.id,
    number,
    from: terminal,
    to: ways[0]!,
    length: metres(0.2),
    cable: '',
    origin: 'hand',
  };
  return {
    kind: 'batch',
    label: 'put a joint in',
    edits: [
      {
        kind: 'addDevice',
        device: { ...joint, place: plan.devices[deviceOf(terminal)]?.place ?? joint.place },
      },
      ...moved.map((wire, index): Edit => {
        const end = ways[index + 1]!;
        const patch = wire.from === terminal ? { from: end } : { to: end };
        return { kind: 'setConductor', id: wire.id, patch };
      }),
      { kind: 'connect', conductor: lead },
    ],
  };
}

export const terminalFull = rule({
  code: 'terminal-full',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'rating',
  find: crowdedTerminals,
});
