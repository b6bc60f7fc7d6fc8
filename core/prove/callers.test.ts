import { describe, expect, it } from 'vitest';
import type { Plan } from '../plan/index';
import { atRest, buildWorld, doorHold, lockStatuses, stimulate } from '../simulate/index';
import { MAGNET_BRIEF, magnetDoor, mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { intercomPlan } from '../specimens/intercom';
import { exits } from '../door/index';
import { callers, fireReleases } from './index';

const tags = (plan: Plan, door = 'D01') =>
  callers(buildWorld(plan, door)).map(({ device, key }) =>
    key === null ? device.tag : `${device.tag} ${key}`,
  );

describe('callers', () => {
  it('are a bell button and a handset’s key, and nothing where a door has neither', () => {
    expect(tags(magnetDoor())).toEqual([]);
    expect(tags(wiredDoor('dock-intercom', STRIKE_BRIEF))).toEqual(['H1']);
    expect(tags(wiredDoor('gate-keypad', MAGNET_BRIEF))).toEqual(['B1']);
  });
  it('are the keys of an answering station that belong to the door’s own station, wherever it stands', () => {
    const plan = intercomPlan();
    for (const door of ['D01', 'D02']) {
      const own = Object.values(plan.devices).find(
        (device) => device.door === door && device.type === 'intercom-door-station',
      )!;
      // Two answering stations, one key each that is this door’s.
      expect(tags(plan, door)).toEqual(Array(2).fill(`AS1 ${own.settings['channel']}`));
    }
  });
  it('of the one door do not open the other', () => {
    const plan = intercomPlan();
    for (const door of ['D01', 'D02']) {
      const world = buildWorld(plan, door);
      const rest = atRest(world);
      const hold = (key: string) => {
        const station = callers(world)[0]!.device.id;
        const pressed = stimulate(world, rest, { kind: 'press', device: station, key }).state;
        return doorHold(lockStatuses(world, pressed.point));
      };
      const own = callers(world)[0]!.key!;
      const other = callers(buildWorld(plan, door === 'D01' ? 'D02' : 'D01'))[0]!.key!;
      expect([door, hold(own), hold(other)]).toEqual([door, 'free', 'held']);
    }
  });
});

describe('exits and fire releases', () => {
  it('an exit device that stands outside is no way out', () => {
    const plan = magnetDoor();
    const outside = mustApply(plan, { kind: 'setDevice', id: 'D01/X1', patch: { place: 'outside' } });
    expect(exits(buildWorld(plan, 'D01')).map(({ device }) => device.tag)).toEqual(['X1']);
    expect(exits(buildWorld(outside, 'D01'))).toEqual([]);
  });
  it('a door’s own fire relay is its release, wired or not; the proof tells whether it releases', () => {
    expect(fireReleases(buildWorld(magnetDoor(), 'D01')).map(({ device }) => device.tag)).toEqual(['F1']);
    const without = mustApply(magnetDoor(), { kind: 'removeDevice', id: 'D01/F1' });
    expect(fireReleases(buildWorld(without, 'D01'))).toEqual([]);
  });
});
