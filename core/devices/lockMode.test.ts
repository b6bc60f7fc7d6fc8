import { describe, expect, it } from 'vitest';
import { presentParts, resolveLock, resolveParam, settingValue, type DeviceType } from './index';
import { LIBRARY } from './library/index';

const type = (id: string): DeviceType => LIBRARY.find((one) => one.id === id)!;
const nothing = () => false;
const landed =
  (...pins: string[]) =>
  (pin: string) =>
    pins.includes(pin);

describe('resolveLock', () => {
  it('knows every lock of the library, and that nothing else is one', () => {
    for (const one of LIBRARY)
      expect([one.id, resolveLock(one, {}, nothing) !== null]).toEqual([one.id, one.lock !== undefined]);
  });
  it('opens a magnet when dead, whatever is wired', () => {
    for (const magnet of LIBRARY.filter(({ lock }) => lock?.kind === 'magnet'))
      expect(resolveLock(magnet, {}, nothing)?.dead).toBe('fail-safe');
  });
  it('reads a strike’s screw', () => {
    const strike = type('strike');
    expect(resolveLock(strike, { mode: 'fail-safe' }, nothing)?.dead).toBe('fail-safe');
    expect(resolveLock(strike, { mode: 'fail-secure' }, nothing)?.dead).toBe('fail-secure');
  });
  it('takes the build of a lock that has no choice', () => {
    expect(resolveLock(type('strike-fail-secure'), { mode: 'fail-safe' }, nothing)?.dead).toBe('fail-secure');
  });
  it('reads a mortise lock’s wired terminal, and decides nothing where none or both are wired', () => {
    const mortise = type('mortise-lock');
    expect(resolveLock(mortise, {}, landed('FSE'))?.dead).toBe('fail-secure');
    expect(resolveLock(mortise, {}, landed('FS'))?.dead).toBe('fail-safe');
    expect(resolveLock(mortise, {}, nothing)?.dead).toBeNull();
    expect(resolveLock(mortise, {}, landed('FS', 'FSE'))?.dead).toBeNull();
  });
  it('looks at parts that the lock has', () => {
    for (const one of LIBRARY) {
      const lock = resolveLock(one, {}, nothing);
      for (const id of lock?.parts ?? []) expect(one.parts.map((part) => part.id)).toContain(id);
    }
  });
});

describe('presentParts', () => {
  it('follows a jumper: the wet link is there or not', () => {
    const poe = type('controller-1-poe');
    const has = (output: string) => presentParts(poe, { output }).some(({ id }) => id === 'wet');
    expect([has('wet'), has('dry')]).toEqual([true, false]);
  });
  it('never leaves two parts of one id side by side', () => {
    for (const one of LIBRARY) {
      const choices = one.settings.flatMap((setting) =>
        setting.kind === 'choice' ? setting.options.map(({ value }) => ({ [setting.id]: value })) : [],
      );
      for (const settings of [{}, ...choices]) {
        const ids = presentParts(one, settings).map(({ id }) => id);
        expect([one.id, ids.length]).toEqual([one.id, new Set(ids).size]);
      }
    }
  });
});

describe('resolveParam', () => {
  it('has a value for every position of every setting of the library', () => {
    for (const one of LIBRARY) {
      for (const part of one.parts) {
        for (const value of Object.values(part)) {
          if (typeof value !== 'object' || value === null || !('values' in value)) continue;
          const param = value as { setting: string; values: Record<string, number> };
          const setting = one.settings.find(({ id }) => id === param.setting);
          if (setting?.kind !== 'choice') continue;
          for (const option of setting.options)
            expect(resolveParam(param, one, { [setting.id]: option.value })).toBeGreaterThan(0);
        }
      }
    }
  });
  it('throws where a device has a value that its type does not know', () => {
    const magnet = type('magnet-lock');
    const winding = magnet.parts.find((part) => part.kind === 'load');
    if (winding?.kind !== 'load' || typeof winding.ohms === 'number') throw new Error('no jumper');
    const { ohms } = winding;
    expect(() => resolveParam(ohms, magnet, { [ohms.setting]: 'nine' })).toThrow(/magnet-lock: no value/);
  });
  it('prefers a device’s own value to the type’s', () => {
    const strike = type('strike');
    const initial = settingValue(strike, {}, 'mode');
    expect(settingValue(strike, { mode: 'fail-safe' }, 'mode')).toBe('fail-safe');
    expect(initial).toBeDefined();
    expect(settingValue(strike, {}, 'nonsense')).toBeUndefined();
  });
});
