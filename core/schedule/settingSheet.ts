import {
  banksOf,
  positionsOf,
  settingValue,
  type DeviceType,
  type Setting,
  type SettingValue,
} from '../devices/index';
import { devicesOf, typeIn, type Device, type DoorId, type Plan, type Reading } from '../plan/index';

/** A setting as somebody has to set it at the device. */
export interface SettingLine {
  readonly setting: Setting;
  readonly value: SettingValue;
  /** True where it is not as the device is delivered. */
  readonly changed: boolean;
  /** Name under which it is checked off: another once the value is another. */
  readonly check: string;
}

/** A bank of switches as it has to stand. */
export interface BankLine {
  readonly bank: string;
  readonly positions: readonly boolean[];
  /** What its rows say: the rows from 1, the setting, its value. */
  readonly fields: readonly { readonly rows: readonly number[]; readonly line: SettingLine }[];
  readonly check: string;
}

/** What is to be set at one device, with the door's own settings of it. */
export interface SettingCard {
  readonly device: Device;
  readonly type: DeviceType;
  readonly banks: readonly BankLine[];
  /** What no bank says: jumpers, dials, menus. */
  readonly lines: readonly SettingLine[];
}

/** What is asked of the plan, and set nowhere: how long a battery is to last. */
const PLANNED: ReadonlySet<string> = new Set(['hours']);
const isSetThere = ({ role }: Setting): boolean => role === undefined || !PLANNED.has(role);

const checkOf = (device: string, name: string, value: string): string => `setting:${device}:${name}=${value}`;

/** Everything that is to be set at the devices of a door, in the order of its tags; devices that have nothing to set are left out. */
export function settingSheet(plan: Plan, door: DoorId): SettingCard[] {
  return devicesOf(plan, door)
    .map((device): SettingCard => {
      const type = typeIn(plan, device);
      const lineOf = (setting: Setting): SettingLine => {
        const value = settingValue(type, device.settings, setting.id) ?? setting.initial;
        return {
          setting,
          value,
          changed: value !== setting.initial,
          check: checkOf(device.id, setting.id, String(value)),
        };
      };
      const lines = new Map(type.settings.filter(isSetThere).map((setting) => [setting.id, lineOf(setting)]));
      const banks = banksOf(type).map((bank): BankLine => {
        const positions = positionsOf(bank, type, device.settings);
        return {
          bank: bank.id,
          positions,
          fields: bank.fields.flatMap(({ rows, setting }) => {
            const line = lines.get(setting);
            return line ? [{ rows, line }] : [];
          }),
          check: checkOf(device.id, bank.id, positions.map((up) => (up ? 1 : 0)).join('')),
        };
      });
      const inBanks = new Set(banks.flatMap(({ fields }) => fields.map(({ line }) => line.setting.id)));
      return {
        device,
        type,
        banks,
        lines: [...lines.values()].filter(
          ({ setting, value }) => !inBanks.has(setting.id) && !(setting.kind === 'text' && value === ''),
        ),
      };
    })
    .filter(({ banks, lines }) => banks.length + lines.length > 0)
    .sort((a, b) => a.device.tag.localeCompare(b.device.tag, 'en', { numeric: true }));
}

/** What is to be checked off on a card, by its checks. */
export const checksOf = ({ banks, lines }: SettingCard): string[] => [
  ...banks.map(({ check }) => check),
  ...lines.map(({ check }) => check),
];

/** The reading that says that a check is done: the newest that counts; null where there is none. */
export const doneBy = (plan: Plan, check: string): Reading | null =>
  Object.values(plan.readings)
    .filter((one) => one.check === check && one.passed && !one.withdrawn)
    .sort((a, b) => (a.at < b.at ? 1 : -1))[0] ?? null;
