import { type Device, type DoorId, type TerminalId, pinOf, typeIn, type Plan } from '../plan/index';
import type { LegStep } from '../loops/index';
import type { Live, Shape } from './shapes';

/** Width of a box that a leg passes through. */
export const THROUGH = 88;
/** Average width of a letter of a name at its 11 units. */
const LETTER = 4.7;

type Through = Extract<LegStep, { kind: 'through' }>;

/** A name as far as it fits. */
const fit = (name: string, room: number): string =>
  name.length * LETTER <= room ? name : `${name.slice(0, Math.floor(room / LETTER) - 1).trimEnd()}…`;

/** The door that a loop belongs to: that of the first of these devices that stands at one. */
export const doorOfLoop = (plan: Plan, ...devices: readonly string[]): DoorId | null =>
  devices.map((id) => plan.devices[id]?.door ?? null).find((door) => door !== null) ?? null;

/** A device's tag as a loop of this door writes it: with its door where that is another. */
const tagIn = (device: Device, door: DoorId | null): string =>
  door === null || device.door === null || device.door === door ? device.tag : `${device.door}/${device.tag}`;

/** A box with its tag and its name, cut off where the box is too narrow for it. */
export function boxOf(
  plan: Plan,
  door: DoorId | null,
  id: string,
  role: Extract<Shape, { kind: 'box' }>['role'],
  x: number,
  y: number,
  width: number,
  height: number,
): Shape[] {
  const device = plan.devices[id];
  const name = device ? typeIn(plan, device).short : '';
  return [
    { kind: 'box', device: id, role, x, y, width, height },
    {
      kind: 'text',
      style: 'tag',
      x: x + 9,
      y: y + 17,
      anchor: 'start',
      text: device ? tagIn(device, door) : id,
      of: id,
    },
    {
      kind: 'text',
      style: 'name',
      x: x + 9,
      y: y + 31,
      anchor: 'start',
      text: fit(name, width - 12),
      of: id,
    },
  ];
}

/** What a leg goes through in a device: a contact, a resistor, a fuse, or a joint (null: only a terminal). */
export function passKind(plan: Plan, step: Through | null): 'contact' | 'resistor' | 'fuse' | 'joint' {
  const device = step && plan.devices[step.device];
  const part = device && typeIn(plan, device).parts.find(({ id }) => id === step.part);
  return part?.kind === 'contact' || part?.kind === 'resistor' || part?.kind === 'fuse' ? part.kind : 'joint';
}

/** Inside a through box: the contact in its present position, a resistor, a fuse, or the joint that two wires share. */
export function passOf(
  plan: Plan,
  step: Through | null,
  terminal: TerminalId,
  x: number,
  y: number,
  live?: Live,
): Shape[] {
  const ends: [Shape, Shape] = [
    { kind: 'terminal', terminal: step?.from ?? terminal, x, y },
    { kind: 'terminal', terminal: step?.to ?? terminal, x: x + THROUGH, y },
  ];
  const pins =
    step && step.from !== step.to
      ? [pin(step.from, x + 9, y + 19, 'start'), pin(step.to, x + THROUGH - 9, y + 19, 'end')]
      : [pin(terminal, x + THROUGH / 2, y + 19, 'middle')];
  const kind = passKind(plan, step);
  if (step && kind === 'contact') {
    const key = `${step.device}:${step.part}`;
    const contact: Shape = {
      kind: 'contact',
      part: key,
      x1: x,
      y1: y,
      x2: x + THROUGH,
      y2: y,
      closed: live?.isClosed(key) ?? step.part.endsWith('.nc'),
      live: Math.abs(live?.ampsThrough(key) ?? 0) > 1e-4,
    };
    return [contact, ...ends, ...pins];
  }
  const lead = (from: number, to: number): Shape => ({
    kind: 'lead',
    points: [
      [from, y],
      [to, y],
    ],
  });
  if (step && kind === 'fuse') {
    const key = `${step.device}:${step.part}`;
    const blown = live !== undefined && !live.isClosed(key);
    return [{ kind: 'fuse', part: key, x1: x, x2: x + THROUGH, y, blown }, ...ends, ...pins];
  }
  if (kind !== 'resistor') return [lead(x, x + THROUGH), ...ends, ...pins];
  const [left, right] = [x + THROUGH / 2 - 16, x + THROUGH / 2 + 16];
  return [
    lead(x, left),
    { kind: 'resistor', x1: left, x2: right, y },
    lead(right, x + THROUGH),
    ...ends,
    ...pins,
  ];
}

export const pin = (
  terminal: TerminalId,
  x: number,
  y: number,
  anchor: 'start' | 'middle' | 'end',
): Shape => ({
  kind: 'text',
  style: 'pin',
  x,
  y,
  anchor,
  text: pinOf(terminal).replace('-', '−'),
  of: terminal,
});

/** Readings, one line under the other about a middle. */
export function figures(lines: readonly string[], of: string, x: number, middle: number): Shape[] {
  const top = middle - (lines.length - 1) * 8 + 5;
  return lines.map((text, index) => ({
    kind: 'text',
    style: index === 0 ? 'reading' : 'figure',
    x,
    y: top + index * 17,
    anchor: 'start',
    text,
    of,
  }));
}
