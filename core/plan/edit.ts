import type { DeviceType, SettingValue } from '../devices/index';
import type {
  Cable,
  CableId,
  Conductor,
  ConductorId,
  Device,
  DeviceId,
  Door,
  DoorId,
  KeypadRecord,
  Person,
  PersonId,
  Reading,
  Site,
} from './plan';

/** Every way to change a plan. Browser and server apply the same function to the same data. */
export type Edit =
  | { readonly kind: 'setSite'; readonly patch: Partial<Omit<Site, 'id'>> }
  | { readonly kind: 'addDoor'; readonly door: Door }
  | { readonly kind: 'setDoor'; readonly id: DoorId; readonly patch: Partial<Omit<Door, 'id'>> }
  | { readonly kind: 'removeDoor'; readonly id: DoorId }
  | { readonly kind: 'addDevice'; readonly device: Device }
  | {
      readonly kind: 'setDevice';
      readonly id: DeviceId;
      readonly patch: Partial<Pick<Device, 'tag' | 'place' | 'notes' | 'type'>>;
    }
  | { readonly kind: 'removeDevice'; readonly id: DeviceId }
  | {
      readonly kind: 'setSetting';
      readonly device: DeviceId;
      readonly setting: string;
      readonly value: SettingValue | null;
    }
  | { readonly kind: 'connect'; readonly conductor: Conductor }
  | {
      readonly kind: 'setConductor';
      readonly id: ConductorId;
      readonly patch: Partial<Omit<Conductor, 'id' | 'door'>>;
    }
  | { readonly kind: 'disconnect'; readonly id: ConductorId }
  | { readonly kind: 'addPerson'; readonly person: Person }
  | { readonly kind: 'setPerson'; readonly id: PersonId; readonly patch: Partial<Omit<Person, 'id'>> }
  | { readonly kind: 'removePerson'; readonly id: PersonId }
  | { readonly kind: 'setMemory'; readonly device: DeviceId; readonly memory: KeypadRecord | null }
  | { readonly kind: 'addReading'; readonly reading: Reading }
  | { readonly kind: 'removeReading'; readonly id: string }
  | { readonly kind: 'addType'; readonly type: DeviceType }
  | { readonly kind: 'removeType'; readonly id: string }
  | { readonly kind: 'setCable'; readonly id: CableId; readonly cable: Cable | null }
  | { readonly kind: 'batch'; readonly label: string; readonly edits: readonly Edit[] };

export type EditKind = Edit['kind'];

/** Why an edit could not be applied. The plan is untouched. */
export type EditRefusal =
  | { readonly reason: 'missing'; readonly what: string; readonly id: string }
  | { readonly reason: 'exists'; readonly what: string; readonly id: string }
  | { readonly reason: 'unknown-type'; readonly id: string }
  | { readonly reason: 'unknown-terminal'; readonly id: string }
  | { readonly reason: 'same-terminal'; readonly id: string }
  | { readonly reason: 'tag-taken'; readonly id: string }
  | { readonly reason: 'number-taken'; readonly id: string }
  | { readonly reason: 'in-use'; readonly id: string }
  | { readonly reason: 'bad-type'; readonly id: string }
  | { readonly reason: 'bad-setting'; readonly id: string };
