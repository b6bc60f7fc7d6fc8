import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { newDevice } from '../brief/index';
import { checkContext, runChecks } from '../checks/index';
import { conductorsOf, emptyPlan, type Plan } from '../plan/index';
import { doorHold, atRest, buildWorld, lockStatuses, stimulate } from '../simulate/index';
import { mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { intercomPlan } from '../specimens/intercom';
import { intercomConflicts, intercomSets, wireIntercom } from './index';
import { numberTried } from '../../scripts/testSlice';

describe('wireIntercom', () => {
  const plan = intercomPlan();
  const set = intercomSets(plan)[0]!;

  it('wired again, changes nothing', () => {
    const again = wireIntercom(plan, set);
    expect(again.ok && [again.added.length, again.removed]).toEqual([0, 0]);
  });

  it('lets each key open its own door and no other, from either answering station', () => {
    for (const door of ['D01', 'D02']) {
      const world = buildWorld(plan, door);
      const rest = atRest(world);
      for (const station of ['D01/AS1', 'D02/AS1']) {
        for (const key of ['1', '2']) {
          const { state } = stimulate(world, rest, { kind: 'press', device: station, key });
          const open = doorHold(lockStatuses(world, state.point)) === 'free';
          expect([door, station, key, open]).toEqual([door, station, key, door === `D0${key}`]);
        }
      }
    }
  });

  it('powers the speech of every door station, with two cores or three', () => {
    for (const jumper of ['in', 'out']) {
      const changed = mustApply(plan, {
        kind: 'setSetting',
        device: 'D01/DS1',
        setting: 'jumper',
        value: jumper,
      });
      const wiring = wireIntercom(changed, intercomSets(changed)[0]!);
      if (!wiring.ok) throw new Error('conflict');
      const wired = mustApply(changed, wiring.edit);
      const state = atRest(buildWorld(wired, 'D01'));
      expect(state.boards.get('D01/DS1:speech')).toBe(true);
      expect(runChecks(checkContext(wired, 'D01')).map(({ code }) => code)).not.toContain(
        'jumper-with-three-cores',
      );
    }
  });

  it('puts release wires in a cable of their own', () => {
    const release = conductorsOf(plan, 'D01').filter(({ from, to }) => /\/Q1\.A/.test(from + to));
    const speech = conductorsOf(plan, 'D01').filter(({ from, to }) => /\/DS1\./.test(from + to));
    expect(release.length).toBe(2);
    for (const { cable } of release) expect(speech.map((wire) => wire.cable)).not.toContain(cable);
  });

  it('refuses a set that conflicts with itself, with every reason', () => {
    const twice = mustApply(
      plan,
      { kind: 'setSetting', device: 'D02/DS1', setting: 'channel', value: 1 },
      { kind: 'addDevice', device: newDevice(plan, 'D02', 'intercom-supply') },
    );
    const wiring = wireIntercom(twice, intercomSets(twice)[0]!);
    expect(!wiring.ok && wiring.conflicts.map(({ kind }) => kind).sort()).toEqual([
      'same-channel',
      'second-supply',
    ]);
  });

  it('keeps sets apart by their letter', () => {
    const apart = mustApply(plan, { kind: 'setSetting', device: 'D02/DS1', setting: 'set', value: 'B' });
    expect(intercomSets(apart).map(({ name, doorStations }) => [name, doorStations.length])).toEqual([
      ['A', 1],
      ['B', 1],
    ]);
    expect(intercomConflicts(intercomSets(apart)[1]!).map(({ kind }) => kind)).toEqual([
      'no-supply',
      'no-answering',
    ]);
  });

  it('wires any number of doors and answering stations without conflict and with every key working', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 1, max: 3 }), (doors, answering) => {
        let many: Plan = emptyPlan('s', 's');
        for (let n = 1; n <= doors; n += 1) {
          many = wiredDoor('strike-keypad', STRIKE_BRIEF, many, `D0${n}`);
          const station = newDevice(many, `D0${n}`, 'intercom-door-station', { channel: n });
          many = mustApply(many, { kind: 'addDevice', device: station });
        }
        many = mustApply(many, { kind: 'addDevice', device: newDevice(many, 'D01', 'intercom-supply') });
        for (let n = 1; n <= answering; n += 1)
          many = mustApply(many, {
            kind: 'addDevice',
            device: newDevice(many, 'D01', 'intercom-answering-station'),
          });
        const wiring = wireIntercom(many, intercomSets(many)[0]!);
        if (!wiring.ok) return false;
        const wired = mustApply(many, wiring.edit);
        const state = atRest(buildWorld(wired, 'D01'));
        return [...state.boards].every(([id, on]) => !id.endsWith(':speech') || on);
      }),
      { numRuns: numberTried(12) },
    );
  });
});
