import { terminalAt } from '../../circuit/index';
import { type Edit, terminalId } from '../../plan/index';
import { onDevice } from '../context';
import { type Analysis, violation, type Violation, rule } from '../violation';

/** A connector plugged in the wrong way round: its supply leads would be right, counted from the other end. */
const reversedConnector: Analysis<'world' | 'door' | 'plan' | 'groupOf' | 'wiresAt'> = ({
  world,
  door,
  plan,
  groupOf,
  wiresAt,
}) =>
  world.inhabitants.flatMap(({ device, type }): Violation[] => {
    const feed = type.roles.feed;
    if (device.door !== door.id || !feed) return [];
    const pinned = type.terminals.filter((terminal) => terminal.pin !== undefined);
    if (pinned.length < 3) return [];
    const last = Math.max(...pinned.map(({ pin }) => pin ?? 0));
    const mirror = (id: string): string | null => {
      const own = pinned.find((terminal) => terminal.id === id)?.pin;
      return pinned.find(({ pin }) => own !== undefined && pin === last + 1 - own)?.id ?? null;
    };
    const [plus, minus] = [mirror(feed.plus), mirror(feed.minus)];
    if (!plus || !minus) return [];
    const onSource = (pin: string, end: 'a' | 'b') => {
      const group = groupOf(terminalId(device.id, pin));
      return world.netlist.branches.some(
        (branch) => branch.kind === 'source' && groupOf(terminalAt(world.netlist, branch[end])) === group,
      );
    };
    const right = onSource(feed.plus, 'a');
    if (right || !onSource(plus, 'a') || !onSource(minus, 'b')) return [];
    const edits = pinned.flatMap(({ id }): Edit[] => {
      const other = mirror(id);
      if (!other) return [];
      const [here, there] = [terminalId(device.id, id), terminalId(device.id, other)];
      return wiresAt(here).map((wire): Edit => ({
        kind: 'setConductor',
        id: wire.id,
        patch: wire.from === here ? { from: there } : { to: there },
      }));
    });
    return [
      violation(
        'connector-reversed',
        [onDevice(device.id)],
        { tag: plan.devices[device.id]?.tag ?? '', count: last },
        { remedy: { kind: 'batch', label: 'turn the connector round', edits } },
      ),
    ];
  });

export const connectorReversed = rule({
  code: 'connector-reversed',
  family: 'W',
  station: 'wire',
  severity: 'fix',
  basis: 'practice',
  find: reversedConnector,
});
