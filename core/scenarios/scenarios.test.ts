import { delayedDoor } from '../specimens/delayTraps';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Act, Edit, Plan, Scenario } from '../plan/index';
import { advance, atRest, buildWorld, paced, stimulate } from '../simulate/index';
import { magnetDoor, mustApply, strikeDoor } from '../specimens/doors';
import { vestibule } from '../specimens/vestibule';
import {
  differing,
  inOrder,
  judge,
  lanesOf,
  offered,
  play,
  SCENARIO_NAMES,
  shownAt,
  stimulusOf,
  worstTimes,
  type Offered,
  type Run,
  type ScenarioName,
} from './index';
import { numberTried } from '../../scripts/testSlice';

const at = (plan: Plan) => {
  const world = buildWorld(plan, 'D01');
  return { world, rest: atRest(world) };
};
const named = (one: Offered): Scenario => ({
  ...one,
  id: 'S',
  door: 'D01',
  name: one.of,
  order: 0,
  kept: null,
});
const set = (device: string, setting: string, value: string | number): Edit => ({
  kind: 'setSetting',
  device,
  setting,
  value,
});
/** What differs of each scenario of the library, by its name. */
function judged(plan: Plan): Partial<Record<ScenarioName, string[]>> {
  const { world, rest } = at(plan);
  return Object.fromEntries(
    offered(plan, world, rest).map((one) => [
      one.of,
      judge(world, named(one), play(world, rest, one)).map(({ kind }) => kind),
    ]),
  );
}

describe('the library', () => {
  it('is twelve at least, each offered where the door has what it is about', () => {
    expect(SCENARIO_NAMES.length).toBeGreaterThanOrEqual(12);
    const ofARoom = ['partner', 'lockdown'];
    // Of a door that keeps hours: see simulate/hours.test.
    const ofHours: readonly string[] = ['passage', 'handed', 'push'];
    expect(Object.keys(judged(magnetDoor()))).toEqual(
      SCENARIO_NAMES.filter((name) => !ofARoom.includes(name) && !ofHours.includes(name)),
    );
    expect(Object.keys(judged(vestibule()))).toEqual(
      SCENARIO_NAMES.filter((name) => !ofHours.includes(name)),
    );
    expect(Object.keys(judged(delayedDoor()))).toContain('push');
    // A keypad by itself sees no leaf, and nothing presses from inside but the lever.
    const strike = Object.keys(judged(strikeDoor()));
    expect(strike).toContain('last');
    expect(strike).not.toContain('follower');
  });
  it('comes as expected at a sound door', () => {
    for (const plan of [magnetDoor(), strikeDoor(), vestibule(), delayedDoor()])
      for (const differs of Object.values(judged(plan))) expect(differs).toEqual([]);
  });
  it.each<[ScenarioName, string[], Edit[]]>([
    ['slow', ['push'], [set('D01/K1', 'ch1.unlock', 1)]],
    ['follower', ['push', 'end'], [set('D01/K1', 'ch1.relock', 'time'), set('D01/K1', 'ch1.unlock', 60)]],
    ['delivery', ['alarm'], [set('D01/K1', 'ch1.held', 300)]],
    ['ten', ['alarm'], [set('D01/K1', 'ch1.held', 6)]],
    ['late', ['push', 'end'], [{ kind: 'removeDevice', id: 'D01/PS1' }]],
  ])('%s finds what it is about: %s', (name, expected, edits) => {
    const sound = at(magnetDoor());
    const one = offered(magnetDoor(), sound.world, sound.rest).find(({ of }) => of === name)!;
    const plan = edits.reduce((sum, edit) => mustApply(sum, edit), magnetDoor());
    const { world, rest } = at(plan);
    const kinds = new Set(judge(world, named(one), play(world, rest, one)).map(({ kind }) => kind));
    expect([...kinds].filter((kind) => expected.includes(kind)).length).toBeGreaterThan(0);
  });
  it('tells that nobody gets out', () => {
    const door = strikeDoor();
    const brief = { ...door.doors['D01']!.brief, mechanicalEgress: false };
    expect(judged(mustApply(door, { kind: 'setDoor', id: 'D01', patch: { brief } })).hung).toContain(
      'trapped',
    );
  });
});

describe('play', () => {
  const { world, rest } = at(magnetDoor());
  const does = fc.constantFrom<Act>(
    { does: 'credential', at: 0, valid: true, device: null, output: 0 },
    { does: 'press', at: 0, device: 'D01/X1', key: null },
    { does: 'open', at: 0, from: 'outside', expect: null },
    { does: 'open', at: 0, from: 'force', expect: null },
    { does: 'close', at: 0 },
    { does: 'break-glass', at: 0, device: 'D01/EB1' },
    { does: 'reset-glass', at: 0, device: 'D01/EB1' },
    { does: 'mains-off', at: 0 },
    { does: 'mains-on', at: 0 },
    { does: 'fire', at: 0 },
    { does: 'fire-reset', at: 0 },
  );
  const acts = fc.array(
    fc.tuple(does, fc.integer({ min: 0, max: 60_000 })).map(([act, ms]) => ({ ...act, at: ms })),
    { maxLength: 8 },
  );
  it('shows at every moment what the door does then, worked out anew', () => {
    const lanes = lanesOf(world);
    fc.assert(
      fc.property(acts, fc.integer({ min: 0, max: 80_000 }), (list, ms) => {
        const { tracks } = play(world, rest, { acts: list, until: 80_000 });
        let state = rest;
        for (const { act } of inOrder(list).filter((one) => one.act.at <= ms))
          state = stimulate(world, advance(world, state, act.at).state, stimulusOf(act)).state;
        state = advance(world, state, ms).state;
        expect(tracks.map(({ lane, runs }) => [lane.id, shownAt(runs, ms)])).toEqual(
          lanes.map((lane) => [lane.id, lane.show(state)]),
        );
      }),
      { numRuns: numberTried(60) },
    );
  });
  it('gives runs that begin at nought, follow in time and each differ from the one before', () => {
    fc.assert(
      fc.property(acts, (list) => {
        for (const { runs } of play(world, rest, { acts: list, until: 70_000 }).tracks) {
          expect(runs[0]?.at).toBe(0);
          runs.slice(1).forEach((run, index) => {
            expect(run.at).toBeGreaterThan(runs[index]!.at);
            expect(run.is).not.toBe(runs[index]!.is);
          });
        }
      }),
      { numRuns: numberTried(40) },
    );
  });
  it('comes as it was kept, until something is changed, and says from when to when it differs', () => {
    const [one] = offered(magnetDoor(), world, rest);
    const { tracks } = play(world, rest, one!);
    const kept = Object.fromEntries(tracks.map(({ lane, runs }) => [lane.id, runs]));
    const scenario = { ...named(one!), kept };
    expect(judge(world, scenario, play(world, rest, scenario))).toEqual([]);
    const slower = at(mustApply(magnetDoor(), set('D01/K1', 'ch1.unlock', 9)));
    const differs = judge(slower.world, scenario, play(slower.world, slower.rest, scenario));
    expect(differs).toContainEqual({
      kind: 'lane',
      lane: 'lock',
      at: 5000,
      to: 9000,
      expected: 'held',
      is: 'free',
    });
  });
});

describe('differing', () => {
  const runs = fc
    .array(fc.tuple(fc.integer({ min: 1, max: 40 }), fc.constantFrom('a', 'b', 'c')), { maxLength: 6 })
    .map((list): Run[] => {
      let when = 0;
      return [{ at: 0, is: 'a' }, ...list.map(([gap, is]) => ({ at: (when += gap * 200), is }))];
    });
  it('is what looking at every tenth of a second finds', () => {
    fc.assert(
      fc.property(runs, runs, (one, two) => {
        const until = 30_000;
        const found = differing(one, two, until);
        for (let ms = 0; ms < until; ms += 100)
          expect(found.some((s) => s.at <= ms && ms < s.to)).toBe(shownAt(one, ms) !== shownAt(two, ms));
      }),
      { numRuns: numberTried(100) },
    );
  });
});

describe('worstTimes', () => {
  const scenario = (acts: Act[], until: number): Scenario => ({
    id: 'S',
    door: 'D01',
    name: 'x',
    order: 0,
    acts,
    until,
    expects: { forced: null, held: null, tamper: null, end: null, wayOut: true },
    kept: null,
  });
  const card: Act = { does: 'credential', at: 0, valid: true, device: null, output: 0 };
  it('finds the timer that is too fast for somebody who comes just in time', () => {
    const { world, rest } = at(magnetDoor());
    const comes = (ms: number): Act => ({ does: 'open', at: ms, from: 'outside', expect: 'opens' });
    // Five seconds, two in a hundred fast: 4.9 s.
    expect(worstTimes(world, rest, scenario([card, comes(4950)], 12_000))).toEqual({
      off: [{ device: 'D01/K1', share: -0.02 }],
      differs: [{ kind: 'push', at: 4950, expected: 'opens' }],
    });
    expect(worstTimes(world, rest, scenario([card, comes(4850)], 12_000))).toBeNull();
    // What is wrong with timers as they are set is not put down to their tolerance.
    expect(worstTimes(world, rest, scenario([card, comes(5500)], 12_000))).toBeNull();
  });
  it('changes nothing where no timer is off', () => {
    const { world, rest } = at(magnetDoor());
    const one = offered(magnetDoor(), world, rest)[0]!;
    const same = paced(world, new Map([['D01/K1', 1]]));
    expect(play(same, rest, one).tracks).toEqual(play(world, rest, one).tracks);
  });
});
