import { describe, expect, it } from 'vitest';
import { fireReleases, sameTrials } from '../prove/index';
import { advance, atRest, buildWorld } from '../simulate/index';
import { door } from '../specimens/ruleEdits';
import { answersFrom } from './outcome';
import { triedAnew } from './sweepAnew';
import {
  breakNow,
  brokenWorld,
  defectOf,
  faultsOf,
  groupOf,
  heldStill,
  isWorseGroup,
  pairsOf,
  sweep,
  UNTIL_QUIET_MS,
  worthOf,
} from './index';

const worldOf = (set: string) => {
  const world = buildWorld(door(set), 'D01');
  const rest = atRest(world);
  return { world, rest, sound: [...sweep(world, rest, faultsOf(world))], alarms: [...rest.alarms] };
};

describe('what a part that protects is worth', () => {
  it.each(['strike-keypad-safe', 'magnet-controller'])(
    'at a %s door is what the slow way says, fault for fault',
    (set) => {
      const { world, rest, sound, alarms } = worldOf(set);
      fireReleases(world, rest);
      const was = new Map(sound.map((one) => [JSON.stringify(one.fault), groupOf(one, alarms)]));
      for (const { device, covers } of worthOf(world, sound)) {
        const still = heldStill(world, device);
        sameTrials(world, still);
        const quiet = atRest(still);
        const answers = answersFrom(still, quiet);
        const said = new Map(covers.map(({ fault, group }) => [JSON.stringify(fault), group]));
        for (const { fault } of sound) {
          const mine = JSON.stringify(fault);
          if (mine.includes(device)) continue;
          const broken = brokenWorld(still, defectOf(still.netlist, fault));
          sameTrials(still, broken);
          const group = groupOf(triedAnew(broken, quiet, answers, fault), alarms);
          expect([device, mine, said.get(mine) ?? null]).toEqual([
            device,
            mine,
            isWorseGroup(group, was.get(mine)!) ? group : null,
          ]);
        }
      }
    },
  );

  it('a break glass covers for a controller that is dead; a second pole of nothing covers for nothing', () => {
    const { world, sound } = worldOf('magnet-controller');
    const glass = [...worthOf(world, sound)].find(({ device }) => device === 'D01/EB1');
    const dead = glass?.covers.find(({ fault }) => fault.kind === 'device-dead' && fault.device === 'D01/X1');
    expect(dead?.group).toBe('trapped');
  });
});

describe('pairs of faults', () => {
  it('are those that the slow way finds, of whatever nobody notices first', () => {
    const { world, rest, sound, alarms } = worldOf('strike-keypad-safe');
    const single = new Map(sound.map((one) => [JSON.stringify(one.fault), groupOf(one, alarms)]));
    const steps = [...pairsOf(world, sound)];
    const fast = new Set(
      steps.flatMap(({ found }) =>
        found.map(({ first, second, group }) => JSON.stringify([first, second, group])),
      ),
    );
    expect(steps.at(-1)).toMatchObject({ done: sound.length, of: sound.length });
    fireReleases(world, rest);
    const slow = new Set<string>();
    sound.forEach(({ fault: first }, index) => {
      const one = single.get(JSON.stringify(first))!;
      if (one !== 'harmless' && one !== 'open-unnoticed') return;
      const broken = brokenWorld(world, defectOf(world.netlist, first));
      sameTrials(world, broken);
      const begins = breakNow(broken, rest, first);
      const quiet = { ...advance(broken, begins, begins.now + UNTIL_QUIET_MS).state, queue: [] };
      const answers = answersFrom(broken, quiet);
      for (const { fault: second } of sound.slice(index + 1)) {
        const both = brokenWorld(broken, defectOf(broken.netlist, second));
        sameTrials(broken, both);
        const group = groupOf(triedAnew(both, quiet, answers, second), alarms);
        if (isWorseGroup(group, one) && isWorseGroup(group, single.get(JSON.stringify(second))!))
          slow.add(JSON.stringify([first, second, group]));
      }
    });
    expect([...fast].sort()).toEqual([...slow].sort());
    expect(fast.size).toBeGreaterThan(3);
  });
});
