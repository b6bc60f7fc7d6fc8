import type { Placed } from '../door/index';
import type { DeviceType } from '../devices/index';
import { terminalId, type Edit } from '../plan/index';
import { readCard } from '../simulate/index';
import { finder, type Check } from './context';
import type { Finding } from './finding';

const find = finder('D', 'wire');

/** Sends a card through every reader of the door and says where its bits end. */
export const cardPaths: Check = ({ world, rest, parts, plan, groupOf }) =>
  parts.readers.flatMap(({ device, type }): Finding[] => {
    const self = world.inhabitants.find((one) => one.device.id === device.id);
    if (!self) return [];
    const read = readCard(world, rest, self);
    const at = [{ kind: 'device', id: device.id } as const];
    const values = { tag: device.tag, controller: plan.devices[read.controller ?? '']?.tag ?? '' };
    switch (read.outcome) {
      case 'read':
        return [find('card-arrives', 'sound', 'physics', at, values)];
      case 'reader-dead':
        return [find('reader-dead', 'fix', 'physics', at, values)];
      case 'nothing-arrives':
        if (linesArrive(device.id, type, parts.decider, groupOf))
          return [find('common-missing', 'fix', 'physics', at, values)];
        return [find('card-lost', 'fix', 'physics', at, values)];
      case 'one-line-missing':
        return [find('card-line-missing', 'fix', 'physics', at, values)];
      case 'no-common':
        return [find('common-missing', 'fix', 'physics', at, values)];
      // Which other reader has the address is said by the rules of the bus.
      case 'address-clash':
        return [];
      case 'lines-swapped':
        return [
          find('card-lines-swapped', 'fix', 'physics', at, values, {
            remedy: swapLines(plan, device.id, type),
          }),
        ];
    }
  });

/** Both data lines reach the controller's port, whatever they are read against. */
function linesArrive(
  reader: string,
  type: DeviceType,
  decider: Placed | null,
  groupOf: (terminal: string) => number,
): boolean {
  const out = type.roles.dataOut;
  if (!out || !decider) return false;
  const ports = [...(decider.type.roles.dataInputs ?? []), ...(decider.type.roles.innerDataInputs ?? [])];
  const same = (a: string, b: string) =>
    groupOf(terminalId(reader, a)) === groupOf(terminalId(decider.device.id, b));
  return ports.some(({ d0, d1 }) => same(out.d0, d0) && same(out.d1, d1));
}

/** Crosses the two data wires at the reader. */
function swapLines(
  plan: { conductors: Readonly<Record<string, { id: string; from: string; to: string }>> },
  reader: string,
  type: DeviceType,
): Edit {
  const out = type.roles.dataOut ?? { d0: 'A', d1: 'B' };
  const [d0, d1] = [terminalId(reader, out.d0), terminalId(reader, out.d1)];
  const other = (end: string) => (end === d0 ? d1 : end === d1 ? d0 : end);
  const edits = Object.values(plan.conductors).flatMap((wire): Edit[] => {
    const patch = { from: other(wire.from), to: other(wire.to) };
    return patch.from !== wire.from || patch.to !== wire.to
      ? [{ kind: 'setConductor', id: wire.id, patch }]
      : [];
  });
  return { kind: 'batch', label: 'cross the data wires', edits };
}

export const dataChecks: readonly Check[] = [cardPaths];
