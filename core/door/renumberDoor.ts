import { levelEdits } from './levelEdits';
import {
  allConductors,
  conductorsOf,
  deviceOf,
  devicesOf,
  findIn,
  type Device,
  type DoorId,
  type Edit,
  type Plan,
} from '../plan/index';
import {
  renamedCable,
  renamedEnd,
  renamedScenario,
  renamedSlots,
  renamedWire,
  renaming,
  type Renaming,
} from './renamed';

/**
 * The same door under another number, as one edit: everything of it goes along, its readings and keypad memories too, and
 * wires of other doors end where they did.
 */
export function renumberDoor(plan: Plan, from: DoorId, to: DoorId): Edit {
  const door = plan.doors[from];
  if (!door) throw new Error(`no door "${from}" in the plan`);
  const devices = devicesOf(plan, from);
  const names = renaming(plan, devices, to);
  const of = (id: string) => names.get(id) ?? id;
  const readings = Object.values(plan.readings).filter((reading) => reading.door === from);
  return {
    kind: 'batch',
    label: `renumber ${from} to ${to}`,
    edits: [
      { kind: 'addDoor', door: { ...door, id: to } },
      ...devices.map((device): Edit => ({
        kind: 'addDevice',
        device: { ...device, id: of(device.id), door: to } satisfies Device,
      })),
      ...conductorsOf(plan, from).map((wire): Edit => ({
        kind: 'connect',
        conductor: renamedWire(names, wire, from, to),
      })),
      ...othersWires(plan, from, names),
      ...Object.values(plan.cables)
        .filter((cable) => cable.door === from)
        .map((cable): Edit => {
          const name = renamedCable(cable.name, from, to);
          const id = `${to}/${name}`;
          return { kind: 'setCable', id, cable: { ...cable, id, door: to, name } };
        }),
      ...Object.values(plan.memories)
        .filter(({ device }) => names.has(device))
        .map((memory): Edit => {
          const device = of(memory.device);
          return { kind: 'setMemory', device, memory: { ...memory, device } };
        }),
      ...Object.values(plan.people)
        .filter(({ doors, slots }) => doors.includes(from) || Object.keys(slots).some((id) => names.has(id)))
        .map(({ id, doors, slots }): Edit => ({
          kind: 'setPerson',
          id,
          patch: { doors: doors.map((one) => (one === from ? to : one)), slots: renamedSlots(names, slots) },
        })),
      ...Object.values(plan.scenarios)
        .filter(({ door }) => door === from)
        .map((scenario): Edit => ({
          kind: 'addScenario',
          scenario: renamedScenario(names, scenario, from, to),
        })),
      ...releaseEdits(plan, from, to, of),
      ...levelEdits(plan, (doors) => doors.map((one) => (one === from ? to : one))),
      { kind: 'removeDoor', id: from },
      // A reading keeps its name, which is free again only now.
      ...readings.map((reading): Edit => ({
        kind: 'addReading',
        reading: { ...reading, door: to, check: reading.check.replaceAll(`${from}/`, `${to}/`) },
      })),
    ],
  };
}

/** Where the door stands among the rooms, and in the fire zones. */
function releaseEdits(plan: Plan, from: DoorId, to: DoorId, of: (id: string) => string): Edit[] {
  const sides = findIn(plan.sides, from);
  const renamed = (ids: readonly string[]) => ids.map((id) => (id === from ? to : id));
  return [
    ...(sides ? [{ kind: 'setSides', id: to, sides: { ...sides, id: to } } as const] : []),
    ...Object.values(plan.zones)
      .filter(
        ({ relays, releases, keeps }) =>
          relays.some((id) => of(id) !== id) || releases.includes(from) || keeps.includes(from),
      )
      .map(({ id, relays, releases, keeps }): Edit => ({
        kind: 'setZone',
        id,
        patch: { relays: relays.map(of), releases: renamed(releases), keeps: renamed(keeps) },
      })),
  ];
}

/** Wires of other doors that end at one of these devices: they end at it under its new name. */
const othersWires = (plan: Plan, from: DoorId, names: Renaming): Edit[] =>
  allConductors(plan)
    .filter((wire) => wire.door !== from && [wire.from, wire.to].some((end) => names.has(deviceOf(end))))
    .map((wire) => ({
      kind: 'setConductor',
      id: wire.id,
      patch: { from: renamedEnd(names, wire.from), to: renamedEnd(names, wire.to) },
    }));
