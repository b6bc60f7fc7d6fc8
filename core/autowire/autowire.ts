import type { Metres } from '../units/index';
import { metres } from '../units/index';
import type { Place } from '../devices/index';
import {
  conductorsOf,
  deviceOf,
  type Conductor,
  type Device,
  type DoorId,
  type Edit,
  type Plan,
} from '../plan/index';
import { openLedger } from './capacity';
import { doorParts } from './doorParts';
import { TEMPLATES } from './templates';
import type { Run } from './run';

/** Distance along the cable from the enclosure to each place when the door is one metre of run away, metres. */
const BEYOND_RUN: Readonly<Record<Place, number>> = {
  enclosure: 0,
  above: 0,
  frame: 2,
  inside: 3,
  outside: 3,
};
/** Between two devices in one enclosure, metres. */
const IN_ENCLOSURE = 0.5;
/** Between two devices at the same door, metres. */
const AT_DOOR = 3;

/** What autowiring would change, as one edit that undoes as one. */
export interface Wiring {
  readonly edit: Edit;
  readonly added: readonly Conductor[];
  readonly removed: readonly Conductor[];
  /** Conductors laid by hand, which are left alone. */
  readonly kept: readonly Conductor[];
}

/**
 * Wires a door from its hardware: removes what a template laid before, keeps what a person laid, and adds
 * what the loops still lack. `run` is the cable run from the enclosure to the door.
 */
export function autowire(plan: Plan, door: DoorId, run: Metres = metres(12)): Wiring {
  const present = conductorsOf(plan, door);
  const kept = present.filter((conductor) => conductor.origin === 'hand');
  const elsewhere = Object.values(plan.conductors).filter((conductor) => conductor.door !== door);
  const removed = present.filter((conductor) => conductor.origin === 'aldaba');
  const ledger = openLedger(plan, [...elsewhere, ...kept]);
  const parts = doorParts(plan, door);
  const wanted = TEMPLATES.flatMap((template) => template(parts, ledger));
  const missing = wanted.filter((want) => !kept.some((wire) => joins(wire, want)));
  const numbers = numberer(kept);
  const added = missing.map((want) => conductorFor(plan, door, want, numbers(), run));
  return {
    added,
    removed,
    kept,
    edit: {
      kind: 'batch',
      label: 'wire the door',
      edits: [
        ...removed.map((conductor): Edit => ({ kind: 'disconnect', id: conductor.id })),
        ...added.map((conductor): Edit => ({ kind: 'connect', conductor })),
      ],
    },
  };
}

const joins = (wire: Pick<Conductor, 'from' | 'to'>, run: Run): boolean =>
  (wire.from === run.from && wire.to === run.to) || (wire.from === run.to && wire.to === run.from);

function numberer(kept: readonly Conductor[]): () => string {
  const taken = new Set(kept.map((conductor) => conductor.number));
  let n = 0;
  return () => {
    let text: string;
    do {
      n += 1;
      text = `W${String(n).padStart(2, '0')}`;
    } while (taken.has(text));
    return text;
  };
}

function conductorFor(plan: Plan, door: DoorId, run: Run, number: string, distance: Metres): Conductor {
  const from = plan.devices[deviceOf(run.from)];
  const to = plan.devices[deviceOf(run.to)];
  return {
    id: `${door}/${number}`,
    door,
    number,
    ...run,
    length: lengthBetween(from, to, distance),
    cable: cableBetween(from, to),
    origin: 'aldaba',
  };
}

const inEnclosure = (device: Device | undefined) => device === undefined || device.place === 'enclosure';

/** Length of a conductor between two devices, from where they stand. */
export function lengthBetween(from: Device | undefined, to: Device | undefined, run: Metres): Metres {
  if (inEnclosure(from) && inEnclosure(to)) return metres(IN_ENCLOSURE);
  if (!inEnclosure(from) && !inEnclosure(to)) return metres(AT_DOOR);
  const field = inEnclosure(from) ? to : from;
  return metres(run + BEYOND_RUN[field?.place ?? 'frame']);
}

/** Cable a conductor belongs to, named after the device at its far end; empty inside an enclosure. */
export function cableBetween(from: Device | undefined, to: Device | undefined): string {
  if (inEnclosure(from) && inEnclosure(to)) return '';
  if (!inEnclosure(from) && !inEnclosure(to)) return [from?.tag, to?.tag].sort().join('–');
  return (inEnclosure(from) ? to?.tag : from?.tag) ?? '';
}
