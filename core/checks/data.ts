import type { Edit } from '../plan/index';
import { readCard } from '../simulate/index';
import { finder, type Check } from './context';
import type { Finding } from './finding';

const find = finder('D', 'wire');

/** Sends a card through every reader of the door and says where its bits end. */
export const cardPaths: Check = ({ world, rest, parts, plan }) =>
  parts.readers.flatMap(({ device }): Finding[] => {
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
        return [find('card-lost', 'fix', 'physics', at, values)];
      case 'one-line-missing':
        return [find('card-line-missing', 'fix', 'physics', at, values)];
      case 'no-common':
        return [find('common-missing', 'fix', 'physics', at, values)];
      case 'address-clash':
        return [find('address-clash', 'fix', 'practice', at, values)];
      case 'lines-swapped':
        return [
          find('card-lines-swapped', 'fix', 'physics', at, values, { remedy: swapLines(plan, device.id) }),
        ];
    }
  });

/** Crosses the two data wires at the reader. */
function swapLines(
  plan: { conductors: Readonly<Record<string, { id: string; from: string; to: string }>> },
  reader: string,
): Edit {
  const [d0, d1] = [`${reader}.D0`, `${reader}.D1`];
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
