import { describe, expect, it } from 'vitest';
import { findType, type DeviceType } from '../devices/index';
import { LIBRARY } from '../devices/library/index';
import { magnetDoor, mustApply } from '../specimens/doors';
import {
  applyEdit,
  changeType,
  findTypeIn,
  newerVersion,
  nextTypeId,
  typeBase,
  typeIn,
  type Plan,
} from './index';

const magnet = findType('magnet-lock')!;
const own = (version: number, over: Partial<DeviceType> = {}): DeviceType => ({
  ...magnet,
  id: `own-magnet@${version}`,
  version,
  ...over,
});
const plan: Plan = mustApply(
  magnetDoor(),
  { kind: 'addType', type: own(1) },
  { kind: 'setDevice', id: 'D01/L1', patch: { type: 'own-magnet@1' } },
  { kind: 'setSetting', device: 'D01/L1', setting: 'voltage', value: '24' },
);

describe('types of a site', () => {
  it('are found before the library, and never by what every object answers to', () => {
    expect(findTypeIn(plan, 'own-magnet@1')).toEqual(own(1));
    expect(findTypeIn(plan, 'magnet-lock')).toBe(magnet);
    for (const id of ['constructor', 'toString', '__proto__', ''])
      expect(findTypeIn(plan, id)).toBeUndefined();
    expect(() => typeIn(plan, { type: 'constructor' })).toThrow('unknown device type');
  });
  it('count their versions', () => {
    expect(typeBase('own-magnet@17')).toBe('own-magnet');
    expect(nextTypeId(plan, 'own-magnet')).toBe('own-magnet@2');
    const two = mustApply(plan, { kind: 'addType', type: own(2) });
    expect(newerVersion(two, 'own-magnet@1')?.id).toBe('own-magnet@2');
    expect(newerVersion(two, 'own-magnet@2')).toBeNull();
    expect(newerVersion(two, 'magnet-lock')).toBeNull();
  });
});

describe('changeType', () => {
  const device = plan.devices['D01/L1']!;
  it('takes out, by name, what the new version does not take, and undo brings it back', () => {
    const less = own(2, {
      settings: magnet.settings.map((setting) =>
        setting.kind === 'choice' && setting.id === 'voltage'
          ? { ...setting, options: setting.options.filter(({ value }) => value === '12'), initial: '12' }
          : setting,
      ),
    });
    const two = mustApply(plan, { kind: 'addType', type: less });
    // Alone the change is refused: the device would read a value that its type has not.
    expect(applyEdit(two, { kind: 'setDevice', id: device.id, patch: { type: less.id } })).toMatchObject({
      ok: false,
      refusal: { reason: 'bad-setting' },
    });
    const { edit, lost } = changeType(device, less);
    expect(lost).toEqual(['voltage']);
    const done = applyEdit(two, edit);
    if (!done.ok) throw new Error(JSON.stringify(done.refusal));
    expect(done.plan.devices[device.id]).toMatchObject({ type: less.id, settings: {} });
    expect(mustApply(done.plan, done.inverse)).toEqual(two);
  });
  it('loses nothing where the new version takes all of it', () => {
    const two = mustApply(plan, { kind: 'addType', type: own(2) });
    const { edit, lost } = changeType(device, own(2));
    expect(lost).toEqual([]);
    expect(mustApply(two, edit).devices[device.id]).toMatchObject({
      type: 'own-magnet@2',
      settings: { voltage: '24' },
    });
  });
  it('leaves no device of the library with a value that its type does not take', () => {
    for (const to of LIBRARY.filter(({ family }) => family === 'lock').slice(0, 6)) {
      const { edit } = changeType(device, to);
      const result = applyEdit(plan, edit);
      if (result.ok) expect(result.plan.devices[device.id]?.type).toBe(to.id);
      else expect(result.refusal.reason).toBe('unknown-terminal');
    }
  });
});
