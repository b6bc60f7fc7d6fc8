import { busPorts, readCard } from '../../simulate/index';
import { terminalId, type TerminalId } from '../../plan/index';
import type { Inhabitant } from '../../simulate/index';
import { onDevice, onTerminal, onWire, type CheckContext } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { changeOver } from './otherThrow';

/** A port of the door's controller that two data lines land on, for the reader outside or the one inside. */
interface Port {
  readonly side: 'outside' | 'inside';
  readonly channel: number;
  readonly d0: TerminalId;
  readonly d1: TerminalId;
}

function portsOf({ parts }: CheckContext): Port[] {
  const { decider } = parts;
  if (!decider) return [];
  const at = (pin: string) => terminalId(decider.device.id, pin);
  const { dataInputs, innerDataInputs } = decider.type.roles;
  const list = (inputs: typeof dataInputs, side: Port['side']) =>
    (inputs ?? []).map(({ d0, d1 }, channel): Port => ({ side, channel, d0: at(d0), d1: at(d1) }));
  return [...list(dataInputs, 'outside'), ...list(innerDataInputs, 'inside')];
}

interface ReaderAt {
  readonly self: Inhabitant;
  readonly port: Port;
}

/** Two ports whose readers changed places, or a port and the free one that its reader belongs on. */
const exchange = ({ plan }: CheckContext, one: Port, two: Port) => ({
  remedy: changeOver(plan, [
    { on: one.d0, other: two.d0 },
    { on: one.d1, other: two.d1 },
  ]),
});

/** Readers on the port of another door or of the other side, and two readers on one port. */
export const readerPorts: Analysis = (context) => {
  const { world, rest, parts, groupOf, wiresAt, door } = context;
  const ports = portsOf(context);
  const side = ({ device }: Inhabitant): Port['side'] => (device.place === 'inside' ? 'inside' : 'outside');
  const onBus = new Set(busPorts(world).map(({ device }) => device));
  const readers = world.inhabitants.filter(
    ({ device, type }) => device.door === door.id && type.roles.dataOut && !onBus.has(device.id),
  );
  const placed = readers.flatMap((self): ReaderAt[] => {
    const out = self.type.roles.dataOut!;
    const group = groupOf(terminalId(self.device.id, out.d0));
    const port = ports.find(({ d0 }) => groupOf(d0) === group);
    return port ? [{ self, port }] : [];
  });
  const hasInner = ports.some(({ side: of, channel }) => of === 'inside' && channel === parts.channel);
  const wires = ({ d0 }: Port) => wiresAt(d0).map(({ id }) => onWire(id));
  const hits: Violation[] = [];
  for (const [index, { self, port }] of placed.entries()) {
    const { tag } = self.device;
    const rival = placed.slice(0, index).find((one) => one.port === port);
    const at = [onDevice(self.device.id), onTerminal(port.d0), ...wires(port)];
    if (rival) hits.push(violation('port-shared', at, { tag, other: rival.self.device.tag }));
    const right = ports.find(
      (one) => one.channel === parts.channel && one.side === (hasInner ? side(self) : 'outside'),
    );
    if (!right || port === right || rival) continue;
    if (port.channel !== right.channel) {
      // Only where the card is read at all: else it is lost, and that is said.
      const { outcome } = readCard(world, rest, self);
      if (outcome !== 'read' && outcome !== 'lines-swapped') continue;
      hits.push(violation('wrong-port', at, { tag, why: 'door' }, exchange(context, port, right)));
    } else hits.push(violation('wrong-port', at, { tag, why: port.side }, exchange(context, port, right)));
  }
  // Two that stand on each other's port are one mistake.
  const sides = hits.filter(({ code, values }) => code === 'wrong-port' && values['why'] !== 'door');
  if (sides.length !== 2) return hits;
  const tags = sides.map(({ values }) => values['tag'] ?? '');
  return [
    ...hits.filter((one) => !sides.includes(one)),
    violation(
      'readers-swapped',
      sides.flatMap(({ at }) => at),
      { tag: tags[0]!, other: tags[1]! },
      {
        ...(sides[0]!.remedy ? { remedy: sides[0]!.remedy } : {}),
      },
    ),
  ];
};
