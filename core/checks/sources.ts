import { terminalId, terminalLabel, type Edit, type TerminalId } from '../plan/index';
import { finder, onDevice, onTerminal, onWire, type Check, type CheckContext } from './context';
import type { Finding } from './finding';

const find = finder('W', 'wire');

interface SourceAt {
  readonly device: string;
  readonly tag: string;
  readonly plus: TerminalId;
  readonly minus: TerminalId;
  readonly volts: number;
}

const sourcesOf = ({ world, plan }: CheckContext): SourceAt[] =>
  world.netlist.branches.flatMap((branch): SourceAt[] =>
    branch.kind === 'source'
      ? [
          {
            device: branch.device,
            tag: plan.devices[branch.device]?.tag ?? '',
            plus: world.netlist.nodes[branch.a] ?? '',
            minus: world.netlist.nodes[branch.b] ?? '',
            volts: branch.volts,
          },
        ]
      : [],
  );

/** The one wire that makes two terminals one point, if taking it away parts them again. */
function bridge({ plan, groupOf, world }: CheckContext, one: TerminalId, two: TerminalId): string | null {
  const group = groupOf(one);
  const wires = Object.values(plan.conductors).filter(({ from }) => groupOf(from) === group);
  const links = world.netlist.branches.filter((branch) => branch.kind === 'link');
  const parted = (without: string): boolean => {
    const reached = new Set([one]);
    for (let grew = true; grew;) {
      grew = false;
      const join = (a: TerminalId, b: TerminalId) => {
        if (reached.has(a) === reached.has(b)) return;
        reached.add(a).add(b);
        grew = true;
      };
      for (const wire of wires) if (wire.id !== without) join(wire.from, wire.to);
      for (const { a, b } of links) join(world.netlist.nodes[a] ?? '', world.netlist.nodes[b] ?? '');
    }
    return !reached.has(two);
  };
  return wires.find((wire) => parted(wire.id))?.id ?? null;
}

const takeOut = (id: string | null): { remedy?: Edit } => (id ? { remedy: { kind: 'disconnect', id } } : {});
const spot = (wire: string | null, ...terminals: TerminalId[]) => [
  ...(wire ? [onWire(wire)] : []),
  ...terminals.map(onTerminal),
];

/** Wires alone that join plus and minus of one source: a short that no switch can open. */
export const shorts: Check = (context) =>
  sourcesOf(context).flatMap(({ plus, minus, tag }): Finding[] => {
    if (context.groupOf(plus) !== context.groupOf(minus)) return [];
    const wire = bridge(context, plus, minus);
    const number = wire ? (context.plan.conductors[wire]?.number ?? '') : '';
    return [find('short-circuit', 'stop', 'physics', spot(wire, plus), { tag, wire: number }, takeOut(wire))];
  });

/**
 * Two sources joined at their plus terminals: each pushes into the other. Where one of them is the board's own
 * wet output, it is the superfluous link that back-feeds the board.
 */
export const joinedSources: Check = (context) => {
  const { groupOf, plan, parts, door, world } = context;
  const sources = sourcesOf(context);
  return sources.flatMap((one, index): Finding[] =>
    sources.slice(index + 1).flatMap((two): Finding[] => {
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
        return [find('link-superfluous', 'stop', 'physics', subject, own, takeOut(wire))];
      }
      return [find('sources-joined', 'fix', 'practice', subject, values, takeOut(wire))];
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
    const [a, b] = [branch.a, branch.b].map((node) => root(groupOf(world.netlist.nodes[node] ?? '')));
    if (a !== undefined && b !== undefined && a !== b) parent.set(a, b);
  });
  return (terminal) => root(groupOf(terminal));
}

/**
 * A lock fed by a board's wet output whose return does not go to that output's own minus: on any other ground
 * it never switches.
 */
export const unswitchedGround: Check = (context) => {
  const { parts, plan, groupOf, door, wiresAt } = context;
  const { decider, channel } = parts;
  const wet = decider?.type.roles.wet?.[channel];
  if (!decider || !wet) return [];
  return parts.locks.flatMap(({ device, type }): Finding[] => {
    const ends = type.roles.lock;
    if (!ends) return [];
    const outputs = Object.values(wet);
    const at = (pin: string) => groupOf(terminalId(decider.device.id, pin));
    const lockPlus = groupOf(terminalId(device.id, ends.plus));
    const lockMinus = groupOf(terminalId(device.id, ends.minus));
    const fed = outputs.some(({ plus }) => at(plus) === lockPlus);
    const switched = outputs.some(({ minus }) => at(minus) === lockMinus);
    const onGround = outputs.some(({ minus }) => at(minus) !== at('0V')) && lockMinus === at('0V');
    if (!fed || switched || !onGround) return [];
    const pair = wet[parts.wanted ?? 'fail-secure'];
    const right = terminalId(decider.device.id, pair.minus);
    const wire = wiresAt(terminalId(device.id, ends.minus))[0];
    const end = wire && (wire.from === terminalId(device.id, ends.minus) ? 'to' : 'from');
    const values = {
      tag: device.tag,
      terminal: terminalLabel(plan, right, door.id),
      wire: wire?.number ?? '',
    };
    const remedy: { remedy?: Edit } =
      wire && end ? { remedy: { kind: 'setConductor', id: wire.id, patch: { [end]: right } } } : {};
    return [
      find(
        'unswitched-ground',
        'fix',
        'physics',
        [onDevice(device.id), ...(wire ? [onWire(wire.id)] : [])],
        values,
        remedy,
      ),
    ];
  });
};

/** A wire that bridges a part: both ends of a lock, a coil or a board are one point, and it gets nothing. */
export const bridged: Check = (context) => {
  const { world, plan, groupOf, door } = context;
  return world.netlist.branches.flatMap((branch): Finding[] => {
    if (branch.kind !== 'coil' && branch.kind !== 'load' && branch.kind !== 'electronic') return [];
    if (plan.devices[branch.device]?.door !== door.id) return [];
    const [a, b] = [branch.a, branch.b].map((node) => world.netlist.nodes[node] ?? '');
    if (!a || !b || groupOf(a) !== groupOf(b)) return [];
    const wire = bridge(context, a, b);
    const values = {
      tag: plan.devices[branch.device]?.tag ?? '',
      wire: wire ? (plan.conductors[wire]?.number ?? '') : '',
      from: terminalLabel(plan, a, door.id),
      to: terminalLabel(plan, b, door.id),
    };
    return [
      find('part-bridged', 'fix', 'physics', [onDevice(branch.device), ...spot(wire)], values, takeOut(wire)),
    ];
  });
};

export const sourceChecks: readonly Check[] = [shorts, joinedSources, unswitchedGround, bridged];
