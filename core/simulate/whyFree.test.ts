import { describe, expect, it } from 'vitest';
import { magnetDoor, strikeDoor } from '../specimens/doors';
import { atRest, buildWorld, stimulate, whyFree, type Stimulus } from './index';

const magnet = buildWorld(magnetDoor(), 'D01');
const strike = buildWorld(strikeDoor(), 'D01');
const after = (world: typeof magnet, ...acts: Stimulus[]) =>
  acts.reduce((state, act) => stimulate(world, state, act).state, atRest(world));
const why = (world: typeof magnet, ...acts: Stimulus[]) => {
  const found = whyFree(world, after(world, ...acts));
  return (
    found && { by: found.by.map(({ kind, id }) => `${kind} ${id ?? ''}`.trim()), together: found.together }
  );
};
const glass = { kind: 'breakGlass', device: 'D01/EB1' } as const;

describe('whyFree', () => {
  it('says nothing of a door that is held', () => {
    expect(why(magnet)).toBeNull();
    expect(why(strike)).toBeNull();
    expect(why(magnet, { kind: 'mains', on: false })).toBeNull();
  });
  it.each<[string, Stimulus[], string[]]>([
    ['a broken glass', [glass], ['break-glass D01/EB1']],
    ['a fire', [{ kind: 'fire' }], ['fire']],
    ['all power gone', [{ kind: 'dead', on: true }], ['power']],
    ['a wire that is cut', [{ kind: 'cut', conductor: 'D01/W01' }], ['cut D01/W01']],
  ])('names %s, alone', (_what, acts, by) => expect(why(magnet, ...acts)).toEqual({ by, together: false }));
  it('names both of two that keep it free together', () => {
    expect(why(magnet, glass, { kind: 'fire' })).toEqual({
      by: ['break-glass D01/EB1', 'fire'],
      together: true,
    });
  });
  it('passes over what stands and does not keep it free', () => {
    expect(why(magnet, { kind: 'mains', on: false }, glass)).toEqual({
      by: ['break-glass D01/EB1'],
      together: false,
    });
  });
  it('tells when a timed release ends, and that nothing else keeps it free', () => {
    const state = after(magnet, { kind: 'credential', valid: true });
    const found = whyFree(magnet, state)!;
    expect(found.by).toEqual([]);
    expect(found.until! - state.now).toBeGreaterThan(1000);
    expect(found.until! - state.now).toBeLessThan(30_000);
  });
});
