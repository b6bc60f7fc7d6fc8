import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { random } from '../specimens/random';
import { door, lobby } from '../specimens/ruleEdits';
import { siteOf } from '../specimens/site';
import { atRest, buildWorld, stimulate, type SimState, type Stimulus, type World } from './index';

/** What may happen to any door. */
const happenings = (world: World): Stimulus[] => [
  { kind: 'credential', valid: true },
  { kind: 'credential', valid: false },
  { kind: 'fire' },
  { kind: 'fireGone' },
  { kind: 'fireReset' },
  { kind: 'mains', on: false },
  { kind: 'mains', on: true },
  { kind: 'openDoor', from: 'inside' },
  { kind: 'openDoor', from: 'force' },
  { kind: 'closeDoor' },
  ...world.inhabitants.map(({ device }): Stimulus => ({ kind: 'press', device: device.id })),
];

/** The state without what it was worked out in. */
const plain = ({ point, ...state }: SimState) => ({ ...state, on: point.on, volts: point.volts });

describe('what was found to happen', () => {
  it.each(HARDWARE_SETS.map(({ id }) => id))('at %s is what happens in a world that knows nothing', (set) => {
    const plan = door(set);
    const next = random(set.length);
    const known = buildWorld(plan, 'D01');
    let state = atRest(known);
    for (let n = 0; n < 25; n += 1) {
      const all = happenings(known);
      const stimulus = all[Math.floor(next() * all.length)]!;
      const once = stimulate(known, state, stimulus);
      // Asked again it is the very same; asked of a new world it comes to the same.
      expect(stimulate(known, state, { ...stimulus })).toBe(once);
      const fresh = stimulate(buildWorld(plan, 'D01'), state, stimulus);
      expect(plain(fresh.state)).toEqual(plain(once.state));
      expect(fresh.effects).toEqual(once.effects);
      state = once.state;
    }
  });
  it('in one world is nothing to another', () => {
    const plan = lobby();
    const [one, two] = [buildWorld(plan, 'D01'), buildWorld(plan, 'D01')];
    const rest = atRest(one);
    const here = stimulate(one, rest, { kind: 'fire' });
    expect(stimulate(two, rest, { kind: 'fire' })).not.toBe(here);
  });
  it('leaves the state that it came from alone', () => {
    const world = buildWorld(siteOf({ doors: 3, perSupply: 3 }), 'D002');
    const rest = atRest(world);
    const before = structuredClone(plain(rest));
    for (const stimulus of happenings(world)) stimulate(world, rest, stimulus);
    expect(plain(rest)).toEqual(before);
  });
  it('gives tables that nothing has changed in as the same tables', () => {
    const world = buildWorld(lobby(), 'D01');
    const rest = atRest(world);
    const shut = stimulate(world, rest, { kind: 'closeDoor' }).state;
    expect(shut.readings).toBe(rest.readings);
    expect(shut.boards).toBe(rest.boards);
    const fire = stimulate(world, rest, { kind: 'fire' }).state;
    expect(fire.readings).not.toBe(rest.readings);
  });
});
