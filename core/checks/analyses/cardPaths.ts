import { changedOver } from '../../cards/index';
import { functionOf, type DeviceType } from '../../devices/index';
import type { Placed } from '../../door/index';
import { waitsFor } from '../../keypads/index';
import {
  allConductors,
  formatsOf,
  type Plan,
  type TerminalId,
  type Edit,
  terminalId,
} from '../../plan/index';
import { readCard } from '../../simulate/index';
import { type Analysis, violation, type Violation } from '../violation';

/** The rule of each way a card ends; which other reader has the address is said by the rules of the bus. */
const RULE_OF: Readonly<Record<ReturnType<typeof readCard>['outcome'], string | null>> = {
  read: 'card-arrives',
  'reader-dead': 'reader-dead',
  'nothing-arrives': 'card-lost',
  'one-line-missing': 'card-line-missing',
  'no-common': 'common-missing',
  'address-clash': null,
  'lines-swapped': 'card-lines-swapped',
};

/** Sends a card through every reader of the door and says where its bits end. */
export const cardPaths: Analysis<'world' | 'rest' | 'parts' | 'plan' | 'groupOf'> = ({
  world,
  rest,
  parts,
  plan,
  groupOf,
}) =>
  parts.readers.flatMap(({ device, type }): Violation[] => {
    const self = world.inhabitants.find((one) => one.device.id === device.id);
    if (!self) return [];
    const read = readCard(world, rest, self);
    const at = [{ kind: 'device', id: device.id } as const];
    const values = { tag: device.tag, controller: plan.devices[read.controller ?? '']?.tag ?? '' };
    const unread = read.outcome === 'nothing-arrives' && linesArrive(device.id, type, parts.decider, groupOf);
    const code = unread ? 'common-missing' : RULE_OF[read.outcome];
    if (!code) return [];
    if (read.outcome !== 'lines-swapped') return [violation(code, at, values)];
    const lines = linesOf(type);
    const named = {
      ...values,
      terminal: lines.one,
      other: lines.two,
      carries: lines.carries,
      ...(lines.carries === 'bits' ? { comes: comesAs(plan, parts.decider) } : {}),
    };
    return [violation(code, at, named, { remedy: swapLines(plan, device.id, lines) })];
  });

/** What becomes of a card over changed data lines, in the format that the controller waits for; 26 bits where nothing is said. */
function comesAs(plan: Plan, decider: Placed | null): 'dropped' | 'misread' {
  const formats = formatsOf(plan);
  const waits = (decider && waitsFor(decider)) ?? 'bits-26';
  const format = formats.find(({ id }) => id === waits) ?? formats[0];
  return format ? changedOver(format) : 'dropped';
}

/** Both data lines reach the controller's port, whatever they are read against. */
function linesArrive(
  reader: string,
  type: DeviceType,
  decider: Placed | null,
  groupOf: (terminal: TerminalId) => number,
): boolean {
  const out = type.roles.dataOut;
  if (!out || !decider) return false;
  const ports = [...(decider.type.roles.dataInputs ?? []), ...(decider.type.roles.innerDataInputs ?? [])];
  const same = (a: string, b: string) =>
    groupOf(terminalId(reader, a)) === groupOf(terminalId(decider.device.id, b));
  return ports.some(({ d0, d1 }) => same(out.d0, d0) && same(out.d1, d1));
}

/** The two data terminals of a reader: a wire for each bit, a pair that is read as a difference, or transmit and receive, which cross. */
interface Lines {
  readonly one: string;
  readonly two: string;
  readonly carries: 'bits' | 'difference' | 'both-ways';
}

function linesOf(type: DeviceType): Lines {
  const bus = functionOf(type, 'busReader')?.bus;
  if (bus) return { one: bus.a, two: bus.b, carries: bus.crossed ? 'both-ways' : 'difference' };
  const { d0, d1 } = type.roles.dataOut ?? { d0: 'D0', d1: 'D1' };
  return { one: d0, two: d1, carries: 'bits' };
}

/** The two data wires changed over at the reader. */
function swapLines({ conductors }: Plan, reader: string, { one, two }: Lines): Edit {
  const [first, second] = [terminalId(reader, one), terminalId(reader, two)];
  const other = (end: TerminalId) => (end === first ? second : end === second ? first : end);
  const edits = allConductors({ conductors }).flatMap((wire): Edit[] => {
    const patch = { from: other(wire.from), to: other(wire.to) };
    return patch.from !== wire.from || patch.to !== wire.to
      ? [{ kind: 'setConductor', id: wire.id, patch }]
      : [];
  });
  return { kind: 'batch', label: 'cross the data wires', edits };
}
