import type { DeviceType, DipBank, DipField, Setting, SettingValue } from './deviceType';
import { settingValue } from './param';

type Set = Readonly<Record<string, SettingValue>>;
type WithBanks = Pick<DeviceType, 'settings' | 'banks'>;

/** Every bank of a type: those that it describes, and one for each number that is set by switches of its own. */
export const banksOf = ({ settings, banks = [] }: WithBanks): DipBank[] => {
  const told = new Set(banks.flatMap(({ fields }) => fields.map(({ setting }) => setting)));
  const alone = settings.flatMap((setting): DipBank[] =>
    setting.kind === 'number' && setting.dip !== undefined && !told.has(setting.id)
      ? [
          {
            id: setting.label,
            fields: [
              {
                setting: setting.id,
                rows: Array.from({ length: setting.dip }, (_, n) => n + 1),
                code: 'binary',
              },
            ],
          },
        ]
      : [],
  );
  return [...banks, ...alone];
};

/** How many switches a bank has: as many as the last row that means something. */
export const rowsOf = ({ fields }: DipBank): number => Math.max(...fields.flatMap(({ rows }) => rows));

/** Where each switch of a bank stands for what is set, the first row first; up, or on, is true. */
export function positionsOf(bank: DipBank, type: WithBanks, settings: Set): boolean[] {
  const positions = Array.from({ length: rowsOf(bank) }, () => false);
  for (const field of bank.fields) {
    const pattern = patternFor(field, settingValue(type, settings, field.setting));
    field.rows.forEach((row, index) => {
      positions[row - 1] = pattern[index] === '1';
    });
  }
  return positions;
}

/** The rows of one field for a value, first row first: `10` is the first on and the second off. */
function patternFor({ rows, code }: DipField, value: SettingValue | undefined): string {
  if (code !== 'binary') return code[String(value)] ?? '0'.repeat(rows.length);
  const number = Number(value) || 0;
  return rows.map((_, bit) => (Math.floor(number / 2 ** bit) % 2 === 1 ? '1' : '0')).join('');
}

/** What a bank says as its switches stand: each setting, or null where its rows mean nothing. */
export const readBank = (
  { fields }: DipBank,
  type: WithBanks,
  positions: readonly boolean[],
): Readonly<Record<string, SettingValue | null>> =>
  Object.fromEntries(
    fields.map(({ setting, rows, code }) => {
      const pattern = rows.map((row) => (positions[row - 1] ? '1' : '0')).join('');
      if (code !== 'binary')
        return [setting, Object.entries(code).find(([, one]) => one === pattern)?.[0] ?? null];
      const number = rows.reduce((sum, row, bit) => sum + (positions[row - 1] ? 2 ** bit : 0), 0);
      const known = type.settings.find(({ id }) => id === setting);
      return [setting, known && isWithin(known, number) ? number : null];
    }),
  );

const isWithin = (setting: Setting, value: number): boolean =>
  setting.kind === 'number' && value >= setting.min && value <= setting.max;

/** Combinations of a bank that its device does not allow and that are set: their place in the bank's list. */
export const forbiddenIn = ({ forbidden = [] }: DipBank, type: WithBanks, settings: Set): number[] =>
  forbidden.flatMap((when, index) =>
    Object.entries(when).every(([id, value]) => settingValue(type, settings, id) === value) ? [index] : [],
  );
