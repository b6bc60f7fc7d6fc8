import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS, newDevice } from '../brief/index';
import type { DeviceType } from '../devices/index';
import { conductorsOf, doorsInOrder, type Edit, type Plan } from '../plan/index';
import { atRest, buildWorld, doorHold, lockStatuses, readsOf, stimulate } from '../simulate/index';
import { magnetDoor, mustApply, MAGNET_BRIEF, wiredDoor } from '../specimens/doors';
import { sharedFireSupply, siteRelay } from '../specimens/fireSites';
import { door } from '../specimens/ruleEdits';
import { siteOf } from '../specimens/site';
import { terminalOf } from '../specimens/terminalOf';
import { metres, mm2 } from '../units/index';
import { isFireRelay, reachesLock, reachesLockAnew } from './fireReleases';
import { fireReleases } from './index';

const tags = (plan: Plan, id: string) => fireReleases(buildWorld(plan, id)).map(({ device }) => device.id);
const holdInFire = (plan: Plan, id: string, relay?: string) => {
  const world = buildWorld(plan, id);
  const rest = atRest(world);
  const fire = stimulate(world, rest, { kind: 'fire', ...(relay ? { device: relay } : {}) }).state;
  return doorHold(lockStatuses(world, fire.point));
};

describe('the fire relays of a door', () => {
  it('are its own in every hardware set that has one, and nobody else’s', () => {
    for (const { id } of HARDWARE_SETS) {
      const plan = door(id);
      const own = Object.values(plan.devices)
        .filter(({ type }) => type.startsWith('fire-relay'))
        .map((device) => device.id);
      expect([id, tags(plan, 'D01')]).toEqual([id, own]);
    }
  });
  it('are the site’s, for every door that a pole of it breaks', () => {
    const plan = siteRelay();
    for (const id of ['D01', 'D02']) {
      expect(tags(plan, id)).toEqual(['F1']);
      expect(holdInFire(plan, id)).toBe('free');
      expect(holdInFire(plan, id, 'F1')).toBe('free');
    }
  });
  it('are another door’s, where it drops the supply that feeds this one', () => {
    const plan = sharedFireSupply();
    expect(tags(plan, 'D02')).toEqual(['D01/F1']);
    expect(holdInFire(plan, 'D02', 'D01/F1')).toBe('free');
  });
  it('are not another door’s for a common 0 V alone', () => {
    let plan = wiredDoor('magnet-controller', MAGNET_BRIEF, magnetDoor(), 'D02');
    plan = mustApply(
      plan,
      { kind: 'removeDevice', id: 'D02/F1' },
      {
        kind: 'connect',
        conductor: {
          id: 'D02/W80',
          door: 'D02',
          number: 'W80',
          from: terminalOf('D01/PS1.0V'),
          to: terminalOf('D02/PS1.0V'),
          colour: 'BK',
          gauge: mm2(1),
          length: metres(4),
          cable: '',
          origin: 'hand',
          assumed: [],
        },
      },
    );
    expect(tags(plan, 'D02')).toEqual([]);
    expect(tags(plan, 'D01')).toEqual(['D01/F1']);
  });
  it('are not another door’s because its lock lets go and the supply of both breathes', () => {
    const four = siteOf({ doors: 4, perSupply: 4, sets: ['magnet-controller'] });
    const soft = Object.values(four.types).map((type): [string, DeviceType] => [
      type.id,
      { ...type, parts: type.parts.map((part) => (part.kind === 'source' ? { ...part, ohms: 0.4 } : part)) },
    ]);
    const shared: Plan = { ...four, types: Object.fromEntries(soft) };
    const past: Edit = {
      kind: 'connect',
      conductor: {
        ...conductorsOf(shared, 'D002')[0]!,
        id: 'D002/W80',
        number: 'W80',
        from: terminalOf('D001/PS1.+V'),
        to: terminalOf('D002/K1.COM1'),
        length: metres(40),
      },
    };
    const plan = mustApply(shared, { kind: 'removeDevice', id: 'D002/F1' }, past);
    const world = buildWorld(plan, 'D002');
    const rest = atRest(world);
    const alarm = stimulate(world, rest, { kind: 'fire', device: 'D001/F1' }).state;
    const [before, after] = [rest, alarm].map(({ point }) => lockStatuses(world, point)[0]?.amps ?? 0);
    // More than a leak, and still nothing is let go.
    expect(Math.abs(after! - before!)).toBeGreaterThan(1e-3);
    expect(tags(plan, 'D002')).toEqual([]);
    expect(tags(plan, 'D003')).toEqual(['D003/F1']);
  });
  it('are told in the same order whoever asks first, and none for a door alone', () => {
    const world = buildWorld(siteRelay(), 'D01');
    expect(fireReleases(world)).toBe(fireReleases(world, atRest(world)));
    const bare = mustApply(magnetDoor(), { kind: 'removeDevice', id: 'D01/F1' });
    expect(tags(bare, 'D01')).toEqual([]);
    const unwired = mustApply(bare, { kind: 'addDevice', device: newDevice(bare, 'D01', 'fire-relay') });
    expect(tags(unwired, 'D01')).toEqual(['D01/F1']);
  });
  it('are found by one settled circuit as by playing every alarm, with any wire off', () => {
    const sites = [
      siteRelay(),
      sharedFireSupply(),
      siteOf({ doors: 4, perSupply: 4 }),
      siteOf({ doors: 4, perSupply: 4, ample: false }),
    ];
    let tried = 0;
    fc.assert(
      fc.property(fc.constantFrom(...sites), fc.nat(400), fc.boolean(), (site, at, whole) => {
        const wires = Object.keys(site.conductors);
        const plan = whole ? site : mustApply(site, { kind: 'disconnect', id: wires[at % wires.length]! });
        for (const { id } of doorsInOrder(plan)) {
          const world = buildWorld(plan, id);
          const rest = atRest(world);
          const reads = readsOf(world, rest.point);
          for (const relay of world.inhabitants.filter(isFireRelay)) {
            tried += 1;
            expect([relay.device.id, reachesLock(world, rest, reads, relay)]).toEqual([
              relay.device.id,
              reachesLockAnew(world, rest, relay),
            ]);
          }
        }
      }),
      { numRuns: 60 },
    );
    expect(tried).toBeGreaterThan(100);
  });
});
