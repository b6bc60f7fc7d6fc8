import { describe, expect, it } from 'vitest';
import { mustApply, magnetDoor } from '../specimens/doors';
import { vestibule } from '../specimens/vestibule';
import { advance, atRest, buildWorld, neighboursOf, stimulate, type SimState, type Stimulus } from './index';

const world = buildWorld(vestibule(), 'D01');
const play = (from: SimState, ...acts: Stimulus[]): SimState =>
  acts.reduce((state, act) => stimulate(world, state, act).state, from);
const card = (device: string): Stimulus => ({ kind: 'credential', valid: true, device });
const both = { open: { kind: 'otherDoors', open: true }, shut: { kind: 'otherDoors', open: false } } as const;

describe('the other doors of a circuit', () => {
  const others = neighboursOf(world);
  const rest = atRest(world);

  it('are those whose wires meet this door’s, with what interlocks them and how exits are set', () => {
    expect(others).toMatchObject({ doors: ['D02'], interlocked: true, exitsPass: true });
    const strict = mustApply(vestibule(), {
      kind: 'setSetting',
      device: 'K1',
      setting: 'exits',
      value: 'wait',
    });
    expect(neighboursOf(buildWorld(strict, 'D01')).exitsPass).toBe(false);
    expect(neighboursOf(buildWorld(magnetDoor(), 'D01'))).toMatchObject({ doors: [], interlocked: false });
  });

  it('are let go by their own card, and this door by its own alone', () => {
    expect([others.isFree(rest), others.isOpen(rest)]).toEqual([false, false]);
    const released = play(rest, card('D02/R1'));
    expect(others.isFree(released)).toBe(true);
    expect(others.isFree(play(released, card('D01/R1')))).toBe(true);
    expect(others.isOpen(play(released, both.open))).toBe(true);
    expect(others.isOpen(play(released, both.open, both.shut))).toBe(false);
  });

  it('are known to stand open by a controller that is started again meanwhile', () => {
    const open = play(
      rest,
      both.open,
      { kind: 'hang', devices: ['K1'] },
      { kind: 'restart', devices: ['K1'] },
    );
    const own = neighboursOf(buildWorld(vestibule(), 'D02'));
    expect(own.doors).toEqual(['D01']);
    // The card is refused: the other leaf stands open, and the controller read its contact anew.
    expect(play(open, card('D01/R1')).states).toEqual(open.states);
    // Shut, and the room's own wait over, the same card lets the door go.
    const shut = play(open, both.shut);
    const later = advance(world, shut, shut.now + 60_000).state;
    expect(play(later, card('D01/R1')).states).not.toEqual(later.states);
  });
});
