import { levelEdits } from './levelEdits';
import {
  conductorsOf,
  deviceOf,
  devicesOf,
  typeIn,
  type Conductor,
  type Device,
  type DoorId,
  type Edit,
  type Plan,
} from '../plan/index';
import { metres, type Metres } from '../units/index';
import { inEnclosure, runOf } from './lengths';
import { renamedCable, renamedScenario, renamedSlots, renamedWire, renaming, type Renaming } from './renamed';

/** What a copy is to be, besides what its original is. */
export interface CopyWish {
  readonly id: DoorId;
  readonly name: string;
  readonly order: number;
  /** Run from the enclosure to this door, metres; null where nobody knows it yet: the original's stands, as an assumption. */
  readonly run: Metres | null;
  /** Whoever opens the original opens this one, in the same slots. */
  readonly people: boolean;
}

/** What a copy cannot take over. */
export type LeftOut =
  /** An address that only one device may have. */
  | { readonly kind: 'address'; readonly tag: string; readonly setting: string }
  /** Wires that end at a device of another door, or of the site: they end there as well. */
  | { readonly kind: 'shared'; readonly number: string; readonly at: string };

/** A door once more: hardware, settings, wires, cables, brief, ways of wiring, scenarios. Readings, notes and keypad memories are the original's own. */
export function copyDoor(
  plan: Plan,
  from: DoorId,
  wish: CopyWish,
): { readonly edit: Edit; readonly left: readonly LeftOut[] } {
  const original = plan.doors[from];
  if (!original) throw new Error(`no door "${from}" in the plan`);
  const devices = devicesOf(plan, from);
  const names = renaming(plan, devices, wish.id);
  const left: LeftOut[] = [];
  const copies = devices.map((device): Device => {
    const { settings, unique } = withoutAddresses(plan, device);
    for (const setting of unique) left.push({ kind: 'address', tag: device.tag, setting });
    return { ...device, id: names.get(device.id)!, door: wish.id, settings, notes: '' };
  });
  const wires = conductorsOf(plan, from);
  for (const { number, from: a, to: b } of wires) {
    const away = [a, b].find((end) => !names.has(deviceOf(end)));
    if (away !== undefined) left.push({ kind: 'shared', number, at: away });
  }
  const longer = wish.run === null ? null : wish.run - (runOf(plan, from) ?? wish.run);
  const { id, name, order } = wish;
  return {
    left,
    edit: {
      kind: 'batch',
      label: `copy ${from} to ${id}`,
      edits: [
        { kind: 'addDoor', door: { ...original, id, name, order, notes: '' } },
        ...copies.map((device): Edit => ({ kind: 'addDevice', device })),
        ...wires.map((wire): Edit => ({
          kind: 'connect',
          conductor: stretched(plan, wire, renamedWire(names, wire, from, id), longer),
        })),
        ...cablesOf(plan, from, id),
        ...scenariosOf(plan, from, id, names),
        ...(wish.people ? peopleOf(plan, from, id, names) : []),
        ...(wish.people ? levelEdits(plan, (doors) => (doors.includes(from) ? [...doors, id] : doors)) : []),
      ],
    },
  };
}

/** Addresses by which one device is found and no other: noted twice they are a fault. */
const UNIQUE: ReadonlySet<string> = new Set(['ipv4', 'mac']);

function withoutAddresses(plan: Plan, device: Device): { settings: Device['settings']; unique: string[] } {
  const unique = typeIn(plan, device)
    .settings.filter((setting) => setting.kind === 'text' && UNIQUE.has(setting.format))
    .map(({ id }) => id)
    .filter((id) => (device.settings[id] ?? '') !== '');
  const settings = Object.fromEntries(Object.entries(device.settings).filter(([id]) => !unique.includes(id)));
  return { settings, unique };
}

/** A wire that goes from the enclosure to the door is as much longer as the run is; where nobody knows by how much, it is assumed. */
function stretched(plan: Plan, original: Conductor, copy: Conductor, longer: number | null): Conductor {
  const [a, b] = [original.from, original.to].map((end) => plan.devices[deviceOf(end)]);
  if (inEnclosure(a) === inEnclosure(b)) return copy;
  if (longer === null)
    return { ...copy, assumed: [...copy.assumed.filter((one) => one !== 'length'), 'length'] };
  const length = metres(Math.max(SHORTEST, original.length + longer));
  return { ...copy, length, assumed: copy.assumed.filter((one) => one !== 'length') };
}
const SHORTEST = 0.1;

const cablesOf = (plan: Plan, from: DoorId, to: DoorId): Edit[] =>
  Object.values(plan.cables)
    .filter((cable) => cable.door === from)
    .map((cable) => {
      const name = renamedCable(cable.name, from, to);
      const id = `${to}/${name}`;
      return { kind: 'setCable', id, cable: { ...cable, id, door: to, name } };
    });

/** What should come of a scenario comes along; lanes that somebody found right at the original do not. */
const scenariosOf = (plan: Plan, from: DoorId, to: DoorId, names: Renaming): Edit[] =>
  Object.values(plan.scenarios)
    .filter(({ door }) => door === from)
    .map((scenario) => ({
      kind: 'addScenario',
      scenario: { ...renamedScenario(names, scenario, from, to), kept: null },
    }));

const peopleOf = (plan: Plan, from: DoorId, to: DoorId, names: Renaming): Edit[] =>
  Object.values(plan.people)
    .filter(({ doors }) => doors.includes(from))
    .map(({ id, doors, slots }) => {
      const here = Object.entries(slots).filter(([device]) => names.has(device));
      return {
        kind: 'setPerson',
        id,
        patch: {
          doors: [...doors, to],
          slots: { ...slots, ...renamedSlots(names, Object.fromEntries(here)) },
        },
      };
    });
