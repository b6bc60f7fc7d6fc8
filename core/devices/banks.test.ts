import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { banksOf, forbiddenIn, positionsOf, readBank, rowsOf, type DeviceType } from './index';
import { LIBRARY } from './library/index';
import { numberTried } from '../../scripts/testSlice';

const banked = LIBRARY.flatMap((type) =>
  banksOf(type).map((bank) => [type.id, bank.id, type, bank] as const),
);

/** Any settings that a type takes. */
const settingsOf = ({ settings }: DeviceType) =>
  fc.record(
    Object.fromEntries(
      settings.flatMap((setting): [string, fc.Arbitrary<string | number>][] => {
        if (setting.kind === 'choice')
          return [[setting.id, fc.constantFrom(...setting.options.map(({ value }) => value))]];
        return setting.kind === 'number'
          ? [[setting.id, fc.integer({ min: Math.ceil(setting.min), max: Math.floor(setting.max) })]]
          : [];
      }),
    ),
  );

describe('a bank of DIP switches', () => {
  it('stands on several types of the library', () => expect(banked.length).toBeGreaterThan(3));
  it.each(banked)('of %s, %s: says again what it was set to', (_id, _bank, type, bank) => {
    fc.assert(
      fc.property(settingsOf(type), (settings) => {
        const read = readBank(bank, type, positionsOf(bank, type, settings));
        for (const { setting } of bank.fields) expect(read[setting]).toBe(settings[setting]);
      }),
      { numRuns: numberTried(40) },
    );
  });
  it.each(banked)(
    'of %s, %s: no row means two things, and every value has a pattern of its own',
    (_i, _b, type, bank) => {
      const rows = bank.fields.flatMap((field) => field.rows);
      expect(new Set(rows).size).toBe(rows.length);
      expect(Math.max(...rows)).toBe(rowsOf(bank));
      for (const { setting, code } of bank.fields) {
        if (code === 'binary') continue;
        const known = type.settings.find(({ id }) => id === setting);
        const values = known?.kind === 'choice' ? known.options.map(({ value }) => value).sort() : [];
        expect(Object.keys(code).sort()).toEqual(values);
        expect(new Set(Object.values(code)).size).toBe(values.length);
      }
    },
  );
  it('says so where its rows mean nothing, and where a combination is not allowed', () => {
    const type = LIBRARY.find(({ id }) => id === 'controller-2-dip')!;
    const [bank] = banksOf(type);
    expect(positionsOf(bank!, type, { address: 5, 'ch1.form': 'NC' })).toEqual([
      true,
      false,
      true,
      false,
      true,
      true,
      false,
      false,
    ]);
    // No row on: no address.
    expect(readBank(bank!, type, Array(8).fill(false))).toMatchObject({ address: null, terminator: 'off' });
    expect(forbiddenIn(bank!, type, {})).toEqual([]);
    expect(forbiddenIn(bank!, type, { 'ch1.relock': 'time', 'ch2.relock': 'time' })).toEqual([0]);
  });
});
