import type { TerminalId } from '../plan/index';
import type { CheckContext } from '../checks/index';
import { voltsBetween, terminalAt } from '../circuit/index';
import { lockStatuses } from '../simulate/index';
import { label, TOLERANCE, voltsItem, type CheckItem } from './checkItem';

/** Power on, nothing worked: what every supply gives, every board and every lock gets. */
export function atPowerUp(context: CheckContext): CheckItem[] {
  const { world, rest, door } = context;
  const items: CheckItem[] = [];
  const ends = (index: number): [TerminalId, TerminalId] => {
    const branch = world.netlist.branches[index];
    return [terminalAt(world.netlist, branch?.a ?? 0), terminalAt(world.netlist, branch?.b ?? 0)];
  };
  world.netlist.branches.forEach((branch, index) => {
    if (branch.kind !== 'source' && branch.kind !== 'electronic') return;
    const self = world.inhabitants.find(({ device }) => device.id === branch.device)?.device;
    if (!self || (branch.kind === 'electronic' && self.door !== door.id)) return;
    const volts = voltsBetween(rest.point, branch.a, branch.b);
    if (volts === null) return;
    const task = branch.kind === 'source' ? 'supply-volts' : 'device-volts';
    items.push(
      voltsItem(context, `volts:${branch.id}`, 'power-up', task, volts, ends(index), { tag: self.tag }),
    );
  });
  for (const lock of lockStatuses(world, rest.point)) {
    const where = ends(lock.branch);
    const values = { tag: lock.tag };
    items.push(
      voltsItem(
        context,
        `volts:${lock.device}:rest`,
        'power-up',
        'lock-volts-rest',
        lock.volts ?? 0,
        where,
        values,
      ),
    );
    if (lock.amps < 1e-4) continue;
    items.push({
      id: `amps:${lock.device}:rest`,
      phase: 'power-up',
      task: 'lock-amps-rest',
      unit: 'A',
      where: [label(context, where[0])],
      values,
      expected: lock.amps,
      low: lock.amps - TOLERANCE.amps(lock.amps),
      high: lock.amps + TOLERANCE.amps(lock.amps),
    });
  }
  return items;
}
