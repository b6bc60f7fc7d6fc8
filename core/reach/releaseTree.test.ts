import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { HARDWARE_SETS } from '../brief/index';
import { autowire } from '../autowire/index';
import { doorsInOrder, emptyPlan, terminalId, type Plan } from '../plan/index';
import { fireReleases } from '../prove/index';
import { buildWorld } from '../simulate/index';
import { magnetDoor, MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { metres } from '../units/index';
import { layTree, releaseTree, TREE } from './index';
import { numberTried } from '../../scripts/testSlice';

const BRIEF = (set: string) =>
  HARDWARE_SETS.find(({ id }) => id === set)!.electricalEgress ? MAGNET_BRIEF : STRIKE_BRIEF;
const siteOf = (...sets: string[]): Plan =>
  sets.reduce<Plan>((plan, set, n) => wiredDoor(set, BRIEF(set), plan, `D0${n + 1}`), emptyPlan('s', 's'));

describe('the tree of what releases what', () => {
  it('has for every door of every set the relays that the proof finds, each through one part', () => {
    for (const { id } of HARDWARE_SETS) {
      const plan = siteOf(id);
      const tree = releaseTree(plan);
      const found = fireReleases(buildWorld(plan, 'D01')).map(({ device }) => device.id);
      expect(tree.doors[0]!.by.map(({ relay }) => relay)).toEqual(found);
      for (const { relay, part } of tree.doors[0]!.by) {
        expect(tree.parts.some((one) => one.id === part)).toBe(true);
        expect(tree.works.filter((one) => one.relay === relay && one.part === part)).toHaveLength(1);
      }
    }
  });

  it('names the throw that is wired, and the lock power that it stands in', () => {
    const tree = releaseTree(magnetDoor());
    expect(tree.works).toMatchObject([{ throw: 'NC', hops: 0 }]);
    expect(tree.parts).toMatchObject([{ kind: 'lock-power', door: 'D01' }]);
    expect(tree.doors).toMatchObject([{ id: 'D01', dead: 'fail-safe' }]);
    const bare = mustApply(
      magnetDoor(),
      ...Object.values(magnetDoor().conductors)
        .filter(({ from, to }) => `${from} ${to}`.includes('D01/F1.'))
        .map(({ id }) => ({ kind: 'disconnect' as const, id })),
    );
    expect(tree.doors[0]!.by).toMatchObject([{ frees: true }]);
    // A relay that is gone round frees nobody, whatever stands on the plan.
    const wire = magnetDoor().conductors['D01/W01']!;
    const [from, to] = [terminalId('D01/F1', 'C'), terminalId('D01/F1', 'NC')];
    const round = { ...wire, id: 'D01/W99', number: 'W99', from, to };
    const bridged = mustApply(magnetDoor(), { kind: 'connect', conductor: round });
    expect(releaseTree(bridged).doors[0]!.by).toMatchObject([{ frees: false }]);
    expect(releaseTree(bare).works).toMatchObject([{ throw: 'none' }]);
  });

  it('tells a fire line that goes on from door to door from a run of its own', () => {
    const set = 'lobby-pull';
    const asked = (['home-run', 'daisy-chain'] as const).map((fireReach) => {
      let plan = siteOf(set, set, set);
      for (const { id, schools } of doorsInOrder(plan).slice(1))
        plan = mustApply(
          plan,
          { kind: 'removeDevice', id: `${id}/F1` },
          { kind: 'setDoor', id, patch: { schools: { ...schools, fireReach } } },
        );
      for (const { id } of doorsInOrder(plan)) plan = mustApply(plan, autowire(plan, id, metres(10)).edit);
      return releaseTree(plan);
    });
    const hops = asked.map(({ works }) => works.map((work) => work.hops).sort());
    expect(hops).toEqual([
      [0, 0, 0],
      [0, 1, 2],
    ]);
    for (const tree of asked) {
      expect(tree.relays).toHaveLength(1);
      expect(tree.parts.every(({ kind }) => kind === 'fire-input')).toBe(true);
      expect(tree.doors.every(({ by }) => by.length === 1)).toBe(true);
    }
  });

  it('has zones with the relays that they trip, and doors that nothing releases', () => {
    const plan = mustApply(siteOf('magnet-controller', 'strike-keypad'), {
      kind: 'addZone',
      zone: { id: 'Z1', name: 'Hall', order: 0, relays: ['D01/F1'], releases: [], keeps: [] },
    });
    const tree = releaseTree(plan);
    expect(tree.relays.find(({ id }) => id === 'D01/F1')).toMatchObject({ zones: ['Z1'], latching: true });
    expect(tree.doors.find(({ id }) => id === 'D02')!.by).toEqual([]);
  });
});

describe('its picture', () => {
  it('never puts two boxes of a column over each other, and joins what belongs together', () => {
    const sets = HARDWARE_SETS.map(({ id }) => id);
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...sets), { minLength: 1, maxLength: 4 }),
        fc.array(fc.subarray([0, 1, 2, 3]), { maxLength: 3 }),
        (chosen, zones) => {
          let plan = siteOf(...chosen);
          for (const [order, doors] of zones.entries()) {
            const relays = doors.map((n) => `D0${n + 1}/F1`).filter((id) => plan.devices[id]);
            const zone = { id: `Z${order}`, name: 'Z', order, relays, releases: [], keeps: [] };
            plan = mustApply(plan, { kind: 'addZone', zone });
          }
          const tree = releaseTree(plan);
          const { boxes, edges, width, height } = layTree(tree);
          expect(boxes).toHaveLength(
            tree.zones.length + tree.relays.length + tree.parts.length + tree.doors.length,
          );
          for (const [index, one] of boxes.entries()) {
            expect(one.x + TREE.box).toBeLessThanOrEqual(width);
            expect(one.y + TREE.height).toBeLessThanOrEqual(height);
            for (const other of boxes.slice(index + 1))
              if (other.column === one.column)
                expect(Math.abs(other.y - one.y)).toBeGreaterThanOrEqual(TREE.height);
          }
          const wanted =
            tree.relays.reduce((sum, relay) => sum + relay.zones.length, 0) +
            tree.works.length +
            new Set(tree.doors.flatMap(({ id, by }) => by.map(({ part }) => `${id} ${part}`))).size;
          expect(edges).toHaveLength(wanted);
        },
      ),
      { numRuns: numberTried(12) },
    );
  });
});
