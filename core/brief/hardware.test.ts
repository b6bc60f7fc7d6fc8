import { describe, expect, it } from 'vitest';
import { findType } from '../devices/index';
import { doorParts } from '../door/index';
import { MAGNET_BRIEF, magnetDoor, mustApply, STRIKE_BRIEF } from '../specimens/doors';
import { HARDWARE_SETS, hardwareEdit, newDevice, proposeHardware } from './index';

describe('HARDWARE_SETS', () => {
  it('name device types and settings that exist, and make the dead state they promise', () => {
    for (const set of HARDWARE_SETS) {
      for (const { type, settings } of set.devices) {
        const found = findType(type);
        expect(found).toBeDefined();
        for (const key of Object.keys(settings ?? {}))
          expect(found?.settings.map(({ id }) => id)).toContain(key);
      }
    }
  });
});

describe('proposeHardware', () => {
  it('offers only sets of the dead state', () => {
    for (const state of ['fail-safe', 'fail-secure'] as const) {
      const sets = proposeHardware(MAGNET_BRIEF, state);
      expect(sets.length).toBeGreaterThan(3);
      expect(sets.every(({ deadState }) => deadState === state)).toBe(true);
    }
  });
  it('puts sets that give people a way out first where there is no lever', () => {
    const egress = proposeHardware({ ...MAGNET_BRIEF, mechanicalEgress: false }, 'fail-safe');
    expect(egress.map((set) => set.electricalEgress)).toEqual(
      egress
        .map((set) => set.electricalEgress)
        .sort()
        .reverse(),
    );
    expect(proposeHardware(STRIKE_BRIEF, 'fail-secure')[0]?.id).toBe('strike-keypad');
  });
});

describe('hardwareEdit', () => {
  it('adds to what stands there, with tags that are free', () => {
    const plan = magnetDoor();
    const set = HARDWARE_SETS.find(({ id }) => id === 'strike-keypad')!;
    const both = mustApply(plan, hardwareEdit(plan, 'D01', set));
    expect(doorParts(both, 'D01').all).toHaveLength(8 + set.devices.length);
    expect(both.devices['D01/L2']?.type).toBe('strike');
    expect(both.devices['D01/L2']?.settings).toEqual({ mode: 'fail-secure' });
  });
});

describe('newDevice', () => {
  it('never takes an id that is there, even under another tag', () => {
    const renamed = mustApply(magnetDoor(), { kind: 'setDevice', id: 'D01/L1', patch: { tag: 'LOCK' } });
    const device = newDevice(renamed, 'D01', 'strike');
    expect(device.tag).toBe('L1');
    expect(renamed.devices[device.id]).toBeUndefined();
  });
});
