import { settingFault, type DeviceType } from '../devices/index';
import {
  deviceOf,
  pinOf,
  terminalId,
  typeIn,
  wiresOn,
  type Conductor,
  type Device,
  type Edit,
  type Plan,
  type TerminalId,
} from '../plan/index';

/** Another type in a device's place: what of its wires and settings fits, and what does not. */
export interface Exchange {
  readonly edit: Edit;
  /** Wires that land on another terminal, with the terminal's name before and after. */
  readonly moved: readonly { readonly wire: Conductor; readonly pin: string; readonly now: string }[];
  /** Wires for which the new type has no terminal: they are taken off. */
  readonly off: readonly Conductor[];
  /** Settings, by name, that the new type does not take: they go back to what it is delivered with. */
  readonly lost: readonly string[];
}

/**
 * Exchanges the type of a device in place. A wire stays on the terminal that does the same job, or else on the one that is
 * called the same; what follows from that for the door, the verdict says.
 */
export function exchangeType(plan: Plan, device: Device, to: DeviceType): Exchange {
  const now = typeIn(plan, device);
  const [mine, theirs] = [jobsOf(now), pinsByJob(to)];
  const pins = new Set(to.terminals.map(({ id }) => id));
  const pinFor = (pin: string): string | null => {
    const same = (mine.get(pin) ?? []).flatMap((job) => theirs.get(job) ?? []);
    if (same.includes(pin)) return pin;
    return same[0] ?? (pins.has(pin) ? pin : null);
  };
  const lost = Object.entries(device.settings)
    .filter(([id, value]) => settingFault(to, id, value) !== null)
    .map(([id]) => id);
  const moved: { wire: Conductor; pin: string; now: string }[] = [];
  const off: Conductor[] = [];
  const again: Conductor[] = [];
  for (const wire of wiresOn(plan, device.id)) {
    const ends = [wire.from, wire.to].map((end): TerminalId | null => {
      if (deviceOf(end) !== device.id) return end;
      const pin = pinFor(pinOf(end));
      return pin === null ? null : terminalId(device.id, pin);
    });
    const [from, other] = ends;
    if (!from || !other || from === other) off.push(wire);
    else if (from !== wire.from || other !== wire.to) {
      again.push({ ...wire, from, to: other });
      const [before, after] = deviceOf(wire.from) === device.id ? [wire.from, from] : [wire.to, other];
      moved.push({ wire, pin: pinOf(before), now: pinOf(after) });
    }
  }
  const edits: Edit[] = [
    // The old terminals are gone once the type is another: what moves is taken off before, and laid again after.
    ...[...off, ...again].map(({ id }): Edit => ({ kind: 'disconnect', id })),
    ...lost.map((setting): Edit => ({ kind: 'setSetting', device: device.id, setting, value: null })),
    { kind: 'setDevice', id: device.id, patch: { type: to.id } },
    ...again.map((conductor): Edit => ({ kind: 'connect', conductor })),
  ];
  return { edit: { kind: 'batch', label: `make ${device.tag} a ${to.name}`, edits }, moved, off, lost };
}

/** Every job that a type's table names, `switches.0.com`, with the terminal that does it. */
function jobs(type: DeviceType): [job: string, pin: string][] {
  const pins = new Set(type.terminals.map(({ id }) => id));
  const found: [string, string][] = [];
  const walk = (value: unknown, path: string): void => {
    if (typeof value === 'string') {
      if (pins.has(value)) found.push([path, value]);
    } else if (value !== null && typeof value === 'object')
      for (const [key, inner] of Object.entries(value)) walk(inner, path === '' ? key : `${path}.${key}`);
  };
  walk(type.roles, '');
  return found;
}

function jobsOf(type: DeviceType): Map<string, string[]> {
  const of = new Map<string, string[]>();
  for (const [job, pin] of jobs(type)) of.set(pin, [...(of.get(pin) ?? []), job]);
  return of;
}

const pinsByJob = (type: DeviceType): Map<string, string> => new Map(jobs(type));
