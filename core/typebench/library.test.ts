import { describe, expect, it } from 'vitest';
import { does, settingValue, type DeviceType } from '../devices/index';
import { LIBRARY } from '../devices/library/index';
import { benchTest, usualVoltage, type BenchResult } from './index';

const bench = (type: DeviceType, over: object = {}): BenchResult =>
  benchTest(type, {}, { ...usualVoltage(type), ...over });
const fed = LIBRARY.filter((type) => bench(type).parts.some(({ volts }) => volts !== null));
const sources = LIBRARY.filter((type) => type.parts.some((part) => part.kind === 'source'));
const switching = LIBRARY.filter(
  (type) => bench(type).contacts.length > 0 && bench(type).contacts.some(({ worked }) => worked !== null),
);
const locks = LIBRARY.filter((type) => type.lock);

describe('every type in its smallest working circuit', () => {
  it('is of a kind that some circuit below proves', () => {
    const proven = new Set([...fed, ...sources, ...switching, ...locks].map(({ id }) => id));
    const rest = LIBRARY.filter(({ id }) => !proven.has(id)).map(({ id }) => id);
    // Parts that only join, bridge or end a line: proven where lines are (joints, fuses, suppression, buses).
    const joints = ['joint', 'joint-2', 'joint-3', 'joint-8', 'earth-bar'];
    const passive = [...joints, 'flyback-diode', 'varistor-18v', 'varistor-38v', 'surge-arrester'];
    const fuses = ['fuse-inline', 'fuse-block-4', 'fuse-block-8'];
    const resistors = ['eol-2k2', 'eol-4k7', 'eol-10k'];
    expect(rest.sort()).toEqual([...passive, ...fuses, ...resistors].sort());
  });

  it.each(fed.map((type) => [type.id, type] as const))(
    '%s works at its usual voltage, undamaged',
    (_, type) => {
      const { parts, amps } = bench(type);
      const used = parts.filter(({ volts }) => volts !== null && Math.abs(volts) > 1);
      expect(used.length).toBeGreaterThan(0);
      for (const part of used) expect(part).toMatchObject({ working: true, damage: null });
      if (!sources.includes(type)) expect(amps).toBeGreaterThan(0.001);
    },
  );

  it.each(fed.filter((type) => !sources.includes(type)).map((type) => [type.id, type] as const))(
    '%s does nothing at a fifth of its voltage',
    (_, type) => {
      const { volts } = usualVoltage(type);
      const { parts, lock } = bench(type, { volts: volts / 5 });
      for (const part of parts) if (part.kind !== 'load') expect(part.working).toBe(false);
      if (lock && type.lock?.kind === 'magnet') expect(lock).not.toBe('held');
    },
  );

  it.each(fed.filter((type) => !sources.includes(type)).map((type) => [type.id, type] as const))(
    '%s is recorded as damaged far above its voltage',
    (_, type) => {
      const { parts } = bench(type, { volts: 230 });
      expect(parts.some(({ damage }) => damage === 'over-voltage')).toBe(true);
    },
  );

  const polarised = fed.filter(
    (type) =>
      !sources.includes(type) &&
      type.parts.some((p) => p.kind === 'electronic' && (p.current ?? 'dc') === 'dc'),
  );
  it.each(polarised.map((type) => [type.id, type] as const))(
    '%s reversed is recorded, and does not run',
    (_, type) => {
      const { parts } = bench(type, { reversed: true });
      const boards = parts.filter(({ kind, volts }) => kind === 'electronic' && volts !== null);
      expect(boards.some(({ damage }) => damage === 'reversed')).toBe(true);
      expect(boards.every(({ working }) => !working)).toBe(true);
    },
  );

  const direct = fed.filter((type) =>
    type.parts.some(
      (p) => 'current' in p || p.kind === 'electronic' || p.kind === 'coil' || p.kind === 'load',
    ),
  );
  it.each(direct.filter((type) => !sources.includes(type)).map((type) => [type.id, type] as const))(
    '%s bears alternating current only where it is made for it',
    (_, type) => {
      const { parts } = bench(type, { current: 'ac' });
      const made = type.parts.every((p) => !('current' in p) || p.current === 'both' || p.current === 'ac');
      const any = type.parts.some((p) => 'current' in p);
      const wrong = parts.some(({ damage }) => damage === 'wrong-current');
      expect(wrong).toBe(!(made && any));
    },
  );
});

describe('every lock', () => {
  it.each(locks.map((type) => [type.id, type] as const))(
    '%s answers to power by its dead state',
    (_, type) => {
      const powered = bench(type);
      const unpowered = bench(type, { volts: 0.001 });
      expect(powered.dead).not.toBeNull();
      expect(powered.lock).toBe(powered.dead === 'fail-safe' ? 'held' : 'free');
      expect(unpowered.lock).toBe(powered.dead === 'fail-safe' ? 'free' : 'held');
    },
  );
  it('answers to its voltage jumper', () => {
    for (const type of locks.filter((one) => one.settings.some(({ id }) => id === 'voltage'))) {
      const at24 = benchTest(type, { voltage: '24' }, { volts: 24, current: 'dc' });
      expect([type.id, at24.lock]).toEqual([type.id, at24.dead === 'fail-safe' ? 'held' : 'free']);
      const wrong = benchTest(type, { voltage: '12' }, { volts: 27.3, current: 'dc' });
      expect(wrong.parts.some(({ damage }) => damage === 'over-voltage')).toBe(true);
    }
  });
});

describe('every contact', () => {
  it.each(switching.map((type) => [type.id, type] as const))(
    '%s moves when its device is worked',
    (_, type) => {
      const { contacts } = bench(type);
      expect(contacts.some(({ rest, worked }) => rest !== worked)).toBe(true);
      for (const part of type.parts) {
        if (part.kind !== 'contact' || !contacts.some((one) => one.part === part.id)) continue;
        const seen = contacts.find((one) => one.part === part.id);
        const coil = type.parts.some((one) => one.kind === 'coil' && one.id === part.state);
        if (!coil && !part.unless && !does(type, 'fireInput'))
          expect([part.id, seen?.rest]).toEqual([part.id, part.form === 'NC']);
      }
    },
  );
});

describe('every source', () => {
  it.each(sources.map((type) => [type.id, type] as const))(
    '%s gives a voltage that its family is for',
    (_, type) => {
      const source = type.parts.find((part) => part.kind === 'source');
      expect(source?.kind === 'source' && source.volts).toBeGreaterThan(5);
      if (source?.kind === 'source' && source.battery) {
        expect(source.battery.cutOffVolts).toBeLessThan(source.battery.fullVolts);
        expect(settingValue(type, {}, 'battery')).toBeDefined();
      }
    },
  );
});
