import { describe, expect, it } from 'vitest';
import { everyNth } from '../../scripts/testSlice';
import { HARDWARE_SETS } from '../brief/index';
import { conductorsOf, terminalId, typeIn, type Edit, type Plan } from '../plan/index';
import {
  advance,
  atRest,
  buildWorld,
  stimulate,
  type SimState,
  type Stimulus,
  type World,
} from '../simulate/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { metres, mm2 } from '../units/index';
import { prove, prepared, SITUATIONS, worstOf, type Means } from './index';

const doors = HARDWARE_SETS.map(
  ({ id, electricalEgress, deadState }) =>
    [id, wiredDoor(id, electricalEgress ? MAGNET_BRIEF : STRIKE_BRIEF), deadState] as const,
);

/** What a person does who takes this way out. The lever and a door that is not held need no act before the push. */
function acts(world: World, means: Means): Stimulus[] {
  if (!('tag' in means)) return [];
  const device = world.inhabitants.find((one) => one.device.tag === means.tag && one.device.door === 'D01')!
    .device.id;
  if (means.kind === 'delayed') return [{ kind: 'press', device, key: 'push' }];
  return [{ kind: means.kind === 'exit' ? 'press' : 'breakGlass', device }];
}

/** Whether the leaf really opens: somebody acts, and pushes. A door that stands open is through already. */
function opens(
  world: World,
  state: SimState,
  from: 'inside' | 'outside',
  means: readonly Stimulus[] = [],
  wait = 0,
): boolean {
  if (state.doorOpen) return true;
  const asked = means.reduce((now, one) => stimulate(world, now, one).state, state);
  const ready = advance(world, asked, asked.now + wait).state;
  return stimulate(world, ready, { kind: 'openDoor', from }).state.doorOpen;
}

/** Every claim of a proof, tried by pushing the leaf. Returns the claims that do not hold. */
function broken(plan: Plan): string[] {
  const world = buildWorld(plan, 'D01');
  const rest = atRest(world);
  const rows = new Map(prove(plan, world, rest).rows.map((row) => [row.situation, row]));
  return SITUATIONS.flatMap((situation): string[] => {
    const state = prepared(situation, world, rest);
    const row = rows.get(situation.id);
    if (!state || !row) return [];
    const wrong: string[] = [];
    const { inside, outside } = row.cells;
    if (inside.verdict === 'pass' && inside.expectation !== 'may') {
      const ways = inside.works.filter(
        ({ kind }) =>
          inside.expectation !== 'must-freely' ||
          kind === 'lever' ||
          kind === 'unlocked' ||
          (kind === 'delayed' && situation.id === 'exit'),
      );
      if (
        !ways.some((means) =>
          opens(world, state, 'inside', acts(world, means), 'after' in means ? means.after : 0),
        )
      )
        wrong.push(`${situation.id}: said to let people out`);
    }
    if (outside.verdict === 'pass' && outside.expectation === 'must-not' && opens(world, state, 'outside'))
      wrong.push(`${situation.id}: said to be shut`);
    if (outside.verdict === 'pass' && outside.expectation === 'must' && !opens(world, state, 'outside'))
      wrong.push(`${situation.id}: said to open from outside`);
    return wrong;
  });
}

const cuts = (plan: Plan): Edit[] => conductorsOf(plan, 'D01').map(({ id }) => ({ kind: 'disconnect', id }));
/** A strand of copper across each pair of neighbouring terminals of each device. */
const bridges = (plan: Plan): Edit[] =>
  Object.values(plan.devices).flatMap((device) => {
    const pins = typeIn(plan, device).terminals.map(({ id }) => terminalId(device.id, id));
    return pins.slice(1).map((pin, index): Edit => ({
      kind: 'connect',
      conductor: {
        id: 'D01/W99',
        door: 'D01',
        number: 'W99',
        from: pins[index]!,
        to: pin,
        colour: 'PK',
        gauge: mm2(0.5),
        length: metres(0.1),
        cable: '',
        origin: 'hand',
        assumed: [],
      },
    }));
  });

describe('a proof is never kinder than the door', () => {
  it.each(doors)('%s, wired right: every row passes, and the leaf agrees', (_, plan) => {
    const world = buildWorld(plan, 'D01');
    const rows = prove(plan, world, atRest(world)).rows;
    expect(rows.filter((row) => worstOf(row) !== 'pass').map(({ situation }) => situation)).toEqual([]);
    expect(broken(plan)).toEqual([]);
  });
  it.each(doors)('%s, with each wire off in turn', (_, plan) => {
    for (const edit of everyNth(cuts(plan), 6))
      expect([edit, broken(mustApply(plan, edit))]).toEqual([edit, []]);
  });
  it.each(doors)('%s, with each two neighbouring terminals bridged in turn', (_, plan) => {
    for (const edit of everyNth(bridges(plan), 6)) {
      const conductor = edit.kind === 'connect' ? [edit.conductor.from, edit.conductor.to] : [];
      expect([conductor, broken(mustApply(plan, edit))]).toEqual([conductor, []]);
    }
  });
  it.each(doors)('%s does when dead what its dead state says', (_, plan, deadState) => {
    const world = buildWorld(plan, 'D01');
    const dead = stimulate(world, atRest(world), { kind: 'dead', on: true }).state;
    expect(opens(world, dead, 'outside')).toBe(deadState === 'fail-safe');
    expect(opens(world, dead, 'inside')).toBe(true);
  });
});
