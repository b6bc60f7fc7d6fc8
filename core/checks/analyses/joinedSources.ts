import { terminalAt } from '../../circuit/index';
import { terminalId, type TerminalId, terminalLabel } from '../../plan/index';
import { type CheckContext, onDevice } from '../context';
import { type Analysis, violation, type Violation } from '../violation';
import { bridge } from './bridge';
import { sourcesOf } from './sourcesOf';
import { spot } from './spot';
import { takeOut } from './takeOut';

/**
 * Two sources joined at their plus terminals: each pushes into the other. Where one of them is the board's own
 * wet output, it is the superfluous link that back-feeds the board.
 */
export const joinedSources: Analysis = (context) => {
  const { groupOf, plan, parts, door, world } = context;
  const sources = sourcesOf(context);
  return sources.flatMap((one, index): Violation[] =>
    sources.slice(index + 1).flatMap((two): Violation[] => {
      if (one.device === two.device) return [];
      const at = closedGroups(context);
      const same = at(one.plus) === at(two.plus) || at(one.plus) === at(two.minus);
      if (!same || groupOf(one.plus) === -1) return [];
      const wire = bridge(context, one.plus, two.plus);
      const board = [one, two].find(({ device }) =>
        world.inhabitants.some(
          (self) => self.device.id === device && self.type.family === 'controller' && self.type.roles.wet,
        ),
      );
      const values = {
        tag: one.tag,
        other: two.tag,
        wire: wire ? (plan.conductors[wire]?.number ?? '') : '',
        volts: one.volts,
        measured: two.volts,
      };
      const subject = [...spot(wire), onDevice(one.device), onDevice(two.device)];
      if (board && parts.decider?.device.id === board.device) {
        const com = parts.decider.type.roles.switches?.[parts.channel]?.com;
        const terminal = com ? terminalLabel(plan, terminalId(board.device, com), door.id) : board.tag;
        const own = { ...values, tag: board.tag, terminal };
        return [violation('link-superfluous', subject, own, takeOut(wire))];
      }
      return [violation('sources-joined', subject, values, takeOut(wire))];
    }),
  );
};

/** Groups of terminals as they are at rest: contacts that are closed then count as joined. */
function closedGroups({ world, rest, groupOf }: CheckContext): (terminal: TerminalId) => number {
  const parent = new Map<number, number>();
  const root = (group: number): number => {
    let at = group;
    for (let up = parent.get(at); up !== undefined && up !== at; up = parent.get(at)) at = up;
    return at;
  };
  world.netlist.branches.forEach((branch, index) => {
    if (branch.kind !== 'contact' || rest.point.on[index] !== 1) return;
    const [a, b] = [branch.a, branch.b].map((node) => root(groupOf(terminalAt(world.netlist, node))));
    if (a !== undefined && b !== undefined && a !== b) parent.set(a, b);
  });
  return (terminal) => root(groupOf(terminal));
}
