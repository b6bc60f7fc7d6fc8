import { presentParts } from '../devices/index';
import { allDevices, terminalId, typeIn, type Plan, type TerminalId } from '../plan/index';

/** Terminals that are one point have the same representative; one that nothing joins is its own. */
export type Partition = (terminal: TerminalId) => TerminalId;

type Joined = Pick<{ from: TerminalId; to: TerminalId }, 'from' | 'to'>;

/** Joints inside devices: terminals that are one piece of metal whatever is wired to them. */
export const jointsOf = (plan: Plan): Joined[] =>
  allDevices(plan).flatMap((device) =>
    presentParts(typeIn(plan, device), device.settings).flatMap((part) =>
      part.kind === 'link'
        ? [{ from: terminalId(device.id, part.a), to: terminalId(device.id, part.b) }]
        : [],
    ),
  );

/** What wires and joints make one point. */
export function partition(...joined: readonly (readonly Joined[])[]): Partition {
  const parent = new Map<TerminalId, TerminalId>();
  const root = (terminal: TerminalId): TerminalId => {
    let at = terminal;
    for (let up = parent.get(at); up !== undefined && up !== at; up = parent.get(at)) at = up;
    parent.set(terminal, at);
    return at;
  };
  for (const { from, to } of joined.flat()) parent.set(root(from), root(to));
  return root;
}
