import {
  conductorsOf,
  deviceOf,
  devicesOf,
  pinOf,
  terminalId,
  typeIn,
  type Device,
  type DoorId,
  type Edit,
  type Plan,
} from '../plan/index';

/** Mistakes that are not of one wire at one door. */
export interface OtherMistake {
  readonly kind: 'setting' | 'missing' | 'other-door' | 'across';
  readonly text: string;
  readonly edit: Edit;
}

/** Every DIP switch, jumper and menu value of a door's devices, at each of its other values. */
export const settingMistakes = (plan: Plan, door: DoorId): OtherMistake[] =>
  devicesOf(plan, door).flatMap((device) => {
    const type = typeIn(plan, device);
    return type.settings.flatMap((setting): OtherMistake[] => {
      if (setting.kind !== 'choice') return [];
      const now = device.settings[setting.id] ?? setting.initial;
      return setting.options
        .filter(({ value }) => value !== now)
        .map(({ value }) => ({
          kind: 'setting',
          text: `${device.tag} ${setting.id} at ${value}`,
          edit: { kind: 'setSetting', device: device.id, setting: setting.id, value },
        }));
    });
  });

/** What is forgotten: locks, deciders and supplies are asked for by name before any circuit is. */
const FORGOTTEN: ReadonlySet<string> = new Set([
  'release',
  'suppression',
  'exit',
  'contact',
  'relay',
  'sounder',
]);

/** Every part of a door forgotten, with the wires on it. */
export const missingDevices = (plan: Plan, door: DoorId): OtherMistake[] =>
  devicesOf(plan, door)
    .filter((device) => FORGOTTEN.has(typeIn(plan, device).family))
    .map((device) => ({
      kind: 'missing',
      text: `${device.tag} missing`,
      edit: { kind: 'removeDevice', id: device.id },
    }));

/** The device of another door that does the same there. */
const fellow = (plan: Plan, { tag, type }: Device, other: DoorId): Device | undefined =>
  devicesOf(plan, other).find((one) => one.tag === tag && one.type === type);

/** An end of each wire on the same terminal of the same device, at the door beside. */
export const wiresAtOtherDoor = (plan: Plan, door: DoorId, other: DoorId): OtherMistake[] =>
  conductorsOf(plan, door).flatMap((wire) =>
    (['from', 'to'] as const).flatMap((end): OtherMistake[] => {
      const device = plan.devices[deviceOf(wire[end])];
      const there = device?.door === door && fellow(plan, device, other);
      if (!there) return [];
      const to = terminalId(there.id, pinOf(wire[end]));
      return [
        {
          kind: 'other-door',
          text: `${wire.number} on ${to}`,
          edit: { kind: 'setConductor', id: wire.id, patch: { [end]: to } },
        },
      ];
    }),
  );

/** A wire of each door on the other's terminal: two cables mixed up. */
export const swapsAcross = (plan: Plan, door: DoorId, other: DoorId): OtherMistake[] =>
  wiresAtOtherDoor(plan, door, other).flatMap(({ edit, text }): OtherMistake[] => {
    if (edit.kind !== 'setConductor') return [];
    const mine = plan.conductors[edit.id];
    const end = mine && (edit.patch.from ? 'from' : 'to');
    const to = end && edit.patch[end];
    const theirs =
      mine &&
      conductorsOf(plan, other).find((wire) => wire[end!] === to && pinOf(wire.from) === pinOf(mine.from));
    if (!mine || !end || !theirs) return [];
    const back: Edit = { kind: 'setConductor', id: theirs.id, patch: { [end]: mine[end] } };
    return [
      {
        kind: 'across',
        text: `${text}, and its fellow here`,
        edit: { kind: 'batch', label: '', edits: [edit, back] },
      },
    ];
  });
