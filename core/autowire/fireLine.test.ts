import { describe, expect, it } from 'vitest';
import { checkContext, runChecks } from '../checks/index';
import { traceLoops } from '../loops/index';
import { conductorsOf, emptyPlan, type Plan, type Schools } from '../plan/index';
import { prove, worstOf } from '../prove/index';
import { atRest, buildWorld, doorHold, lockStatuses, stimulate } from '../simulate/index';
import { MAGNET_BRIEF, mustApply, wiredDoor } from '../specimens/doors';
import { metres } from '../units/index';
import { autowire } from './index';

/** Three lobby doors; the second and the third have no fire relay, and hang on the first one's. */
function lobbies(schools: Partial<Schools>): Plan {
  let plan = emptyPlan('s', 'Three lobbies');
  for (const id of ['D01', 'D02', 'D03']) plan = wiredDoor('lobby-pull', MAGNET_BRIEF, plan, id);
  for (const id of ['D02', 'D03']) {
    const own = { ...plan.doors[id]!.schools, ...schools };
    plan = mustApply(
      plan,
      { kind: 'removeDevice', id: `${id}/F1` },
      { kind: 'setDoor', id, patch: { schools: own } },
    );
  }
  for (const id of ['D01', 'D02', 'D03']) plan = mustApply(plan, autowire(plan, id, metres(12)).edit);
  return plan;
}

const DOORS = ['D01', 'D02', 'D03'];
const hold = (plan: Plan, door: string, fire: boolean) => {
  const world = buildWorld(plan, door);
  const rest = atRest(world);
  return doorHold(lockStatuses(world, (fire ? stimulate(world, rest, { kind: 'fire' }).state : rest).point));
};
const ends = (plan: Plan, door: string) =>
  conductorsOf(plan, door).map(({ from, to }) => [from, to].sort().join(' '));
const bad = (plan: Plan, door: string) =>
  runChecks(checkContext(plan, door))
    .filter(({ severity }) => severity === 'stop' || severity === 'fix')
    .map(({ code, values }) => [code, values['terminal']]);

const home = lobbies({ fireReach: 'home-run' });
const chain = lobbies({ fireReach: 'daisy-chain' });

describe('the fire line of another door', () => {
  it('comes by a pair from the relay itself, or on from the door before', () => {
    expect(ends(home, 'D03')).toContain('D01/F1.C D03/PS1.FI');
    expect(ends(chain, 'D02')).toContain('D01/PS1.FI D02/PS1.FI');
    expect(ends(chain, 'D03')).toContain('D02/PS1.FI D03/PS1.FI');
    expect(ends(chain, 'D03').some((one) => one.includes('D01/'))).toBe(false);
  });
  it('runs as far as the doors are apart, in a cable of its own', () => {
    const pair = conductorsOf(chain, 'D03').filter(({ from, to }) =>
      [from, to].some((end) => end.startsWith('D02/')),
    );
    expect(pair).toHaveLength(2);
    for (const { length, cable } of pair) expect([length, cable !== '']).toEqual([12, true]);
  });
  it.each([
    ['home run', home],
    ['daisy chain', chain],
  ])('%s: every door is held at rest, released by the fire, and proven', (_, plan) => {
    for (const door of DOORS) {
      expect([door, hold(plan, door, false), hold(plan, door, true)]).toEqual([door, 'held', 'free']);
      const world = buildWorld(plan, door);
      const rows = prove(plan, world, atRest(world)).rows;
      expect(rows.map(({ situation }) => situation)).toContain('fire-burnt');
      expect(rows.filter((row) => worstOf(row) !== 'pass').map(({ situation }) => situation)).toEqual([]);
    }
  });
  it('is laid once: wiring a door again changes nothing, and no neighbour counts as its supply', () => {
    for (const plan of [home, chain]) {
      for (const door of DOORS) {
        const { added, removed, adjusted } = autowire(plan, door, metres(12));
        expect([door, added, removed, adjusted]).toEqual([door, [], [], []]);
        const { parts, budget } = checkContext(plan, door);
        expect(parts.supplies.map(({ device }) => device.id)).toEqual([`${door}/PS1`]);
        expect(parts.decider?.device.id).toBe(`${door}/K1`);
        expect(budget.supplies.map(({ device }) => device)).toEqual([`${door}/PS1`]);
      }
    }
  });
  it('chain: nothing to put right; home run: the third pair asks for a joint at the relay', () => {
    for (const door of DOORS) expect(bad(chain, door)).toEqual([]);
    expect(bad(home, 'D02').map(([code]) => code)).toEqual(['terminal-full', 'terminal-full']);
    let plan = home;
    for (let joints = 0; joints < 2; joints += 1) {
      const full = runChecks(checkContext(plan, 'D02')).find(({ code }) => code === 'terminal-full');
      plan = mustApply(plan, full!.remedy!);
    }
    for (const door of DOORS) {
      expect(bad(plan, door)).toEqual([]);
      expect([door, hold(plan, door, false), hold(plan, door, true)]).toEqual([door, 'held', 'free']);
    }
  });
  it('is a loop of the door that it reaches, and no wire is left over', () => {
    for (const plan of [home, chain]) {
      for (const door of DOORS) {
        const loops = traceLoops(plan, door);
        expect([door, loops.filter(({ kind }) => kind === 'other')]).toEqual([door, []]);
      }
      const line = traceLoops(plan, 'D03').find(
        (loop) => loop.shape === 'round' && loop.source.top === 'D03/PS1.FI',
      );
      expect(line).toMatchObject({ complete: true, load: { device: 'D01/F1' } });
    }
  });
  it('cut after the second door, releases the third and those behind it in a chain, and it alone on a home run', () => {
    const without = (plan: Plan, one: string) => {
      const wire = Object.values(plan.conductors).find(({ from, to }) => [from, to].sort().join(' ') === one);
      return mustApply(plan, { kind: 'disconnect', id: wire!.id });
    };
    const first = without(chain, 'D01/PS1.FI D02/PS1.FI');
    expect(DOORS.map((door) => hold(first, door, false))).toEqual(['held', 'free', 'free']);
    const own = without(home, 'D01/F1.C D02/PS1.FI');
    expect(DOORS.map((door) => hold(own, door, false))).toEqual(['held', 'free', 'held']);
  });
  it('is not counted where no wire brings it: the fire is not proven then', () => {
    const cut = conductorsOf(home, 'D02').filter(({ from, to }) =>
      [from, to].some((end) => end.startsWith('D01/')),
    );
    const plan = mustApply(home, ...cut.map(({ id }) => ({ kind: 'disconnect', id }) as const));
    const codes = runChecks(checkContext(plan, 'D02')).map(({ code }) => code);
    expect(codes).toContain('no-fire-release');
  });
});
