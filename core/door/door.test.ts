import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { settingFor } from '../devices/index';
import { emptyPlan, type Plan } from '../plan/index';
import { buildWorld } from '../simulate/index';
import { magnetDoor, MAGNET_BRIEF, mustApply, STRIKE_BRIEF, strikeDoor, wiredDoor } from '../specimens/doors';
import { metres } from '../units/index';
import {
  cableBetween,
  deciders,
  doorDevices,
  doorParts,
  doorTimes,
  entries,
  exits,
  LEAST_SECONDS,
  lengthBetween,
  lockDeadState,
  placed,
  runOf,
} from './index';

const sets = HARDWARE_SETS.map(
  ({ id, electricalEgress }) => [id, electricalEgress ? MAGNET_BRIEF : STRIKE_BRIEF] as const,
);
const device = (plan: Plan, id: string) => plan.devices[id]!;

describe('doorParts', () => {
  it.each(sets)('sorts every device of %s by its job, and loses none', (id, brief) => {
    const plan = wiredDoor(id, brief);
    const parts = doorParts(plan, 'D01');
    expect(parts.all.map((one) => one.device.id).sort()).toEqual(Object.keys(plan.devices).sort());
    expect(parts.locks.length).toBeGreaterThan(0);
    expect(parts.supplies.length).toBeGreaterThan(0);
    expect(parts.decider).not.toBeNull();
  });
  it('knows nothing of a door that is empty, and does not fall over it', () => {
    const plan = mustApply(emptyPlan('s', 's'), {
      kind: 'addDoor',
      door: { ...magnetDoor().doors['D01']!, deadState: null },
    });
    expect(doorParts(plan, 'D01')).toMatchObject({
      locks: [],
      decider: null,
      channel: 0,
      wanted: null,
      all: [],
    });
    expect(doorParts(plan, 'D77')).toMatchObject({ door: null, all: [] });
  });
  it('gives two doors on one controller a channel each', () => {
    const one = wiredDoor('magnet-controller', MAGNET_BRIEF);
    const two = wiredDoor('magnet-controller', MAGNET_BRIEF, one, 'D02');
    const parts = [doorParts(two, 'D01'), doorParts(two, 'D02')];
    const keys = parts.map(({ decider, channel }) => `${decider?.device.id} ${channel}`);
    expect(new Set(keys).size).toBe(2);
  });
});

describe('lockDeadState', () => {
  it('is the lock’s own: a magnet’s nature, a strike’s screw', () => {
    const magnet = magnetDoor();
    expect(lockDeadState(magnet, placed(magnet, device(magnet, 'D01/L1')))).toBe('fail-safe');
    const strike = strikeDoor();
    expect(lockDeadState(strike, placed(strike, device(strike, 'D01/L1')))).toBe('fail-secure');
    expect(lockDeadState(strike, placed(strike, device(strike, 'D01/K1')))).toBeNull();
  });
});

describe('doorTimes', () => {
  it.each(sets)('of %s are kept in settings of the device that decides', (id, brief) => {
    const plan = wiredDoor(id, brief);
    const times = doorTimes(plan, 'D01');
    if (!times) throw new Error('nothing decides');
    const { type, device: at } = times.decider;
    for (const role of ['unlock', 'exit', 'relock', 'held'] as const)
      expect(times.kept[role]).toBe(settingFor(type, role, times.channel)?.id ?? null);
    const { unlock } = times.kept;
    if (unlock === null) return;
    const set = mustApply(plan, { kind: 'setSetting', device: at.id, setting: unlock, value: 12 });
    expect(doorTimes(set, 'D01')?.unlock).toBe(12);
  });
  it('suppose the least where a device does not say', () => {
    const plan = magnetDoor();
    const { decider, channel } = doorParts(plan, 'D01');
    const bare = { ...decider!, type: { ...decider!.type, settings: [] } };
    const typed: Plan = { ...plan, types: { [bare.type.id]: bare.type } };
    expect(doorTimes(typed, 'D01', { decider: bare, channel })).toMatchObject({
      unlock: LEAST_SECONDS,
      exit: LEAST_SECONDS,
      relock: null,
      held: null,
      kept: { unlock: null, held: null },
    });
  });
});

describe('doorDevices, exits, entries and deciders', () => {
  it('ask the door’s own devices, whoever else its circuit reaches', () => {
    const one = wiredDoor('magnet-controller', MAGNET_BRIEF);
    const two = wiredDoor('strike-keypad', STRIKE_BRIEF, one, 'D02');
    for (const door of ['D01', 'D02']) {
      const world = buildWorld(two, door);
      for (const self of [...exits(world), ...entries(world), ...doorDevices(world, 'breakGlass')])
        expect(self.device.door).toBe(door);
      expect(deciders(world).length).toBeGreaterThan(0);
    }
  });
  it('hold no key switch outside for a way out', () => {
    const plan = magnetDoor();
    expect(exits(buildWorld(plan, 'D01')).map((one) => one.device.tag)).toEqual(['X1']);
    const outside = mustApply(plan, { kind: 'setDevice', id: 'D01/X1', patch: { place: 'outside' } });
    expect(exits(buildWorld(outside, 'D01'))).toEqual([]);
  });
});

describe('lengthBetween, cableBetween and runOf', () => {
  const plan = magnetDoor();
  const [supply, controller, lock] = ['D01/PS1', 'D01/K1', 'D01/L1'].map((id) => device(plan, id));
  it('are short and without a cable inside an enclosure, and follow the run outside it', () => {
    expect(lengthBetween(supply, controller, metres(12))).toBeLessThan(1);
    expect(cableBetween(supply, controller)).toBe('');
    const far = lengthBetween(controller, lock, metres(12));
    expect(far).toBeGreaterThanOrEqual(12);
    expect(lengthBetween(controller, lock, metres(20))).toBe(far + 8);
    expect(cableBetween(controller, lock)).toBe('L1');
  });
  it('find the run again that a door was wired for', () => {
    expect(runOf(plan, 'D01')).toBe(12);
    expect(runOf(emptyPlan('s', 's'), 'D01')).toBeNull();
  });
});
