import { terminalOf } from '../specimens/terminalOf';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import type { Edit, Plan } from '../plan/index';
import { MAGNET_BRIEF, mustApply, STRIKE_BRIEF, wireBetween, wiredDoor } from '../specimens/doors';
import {
  advance,
  atRest,
  buildWorld,
  doorHold,
  lockStatuses,
  stimulate,
  type SimState,
  type Stimulus,
  type World,
} from './index';

function bench(set: string, ...edits: Edit[]): { world: World; rest: SimState; plan: Plan } {
  const egress = HARDWARE_SETS.find(({ id }) => id === set)?.electricalEgress;
  const plan = mustApply(wiredDoor(set, egress ? MAGNET_BRIEF : STRIKE_BRIEF), ...edits);
  const world = buildWorld(plan, 'D01');
  return { world, rest: atRest(world), plan };
}
const act = (world: World, state: SimState, ...stimuli: Stimulus[]) =>
  stimuli.reduce((now, stimulus) => stimulate(world, now, stimulus).state, state);
const hold = (world: World, state: SimState) => doorHold(lockStatuses(world, state.point));
const after = (world: World, state: SimState, ms: number) => advance(world, state, state.now + ms).state;
const setting = (device: string, name: string, value: string | number): Edit => ({
  kind: 'setSetting',
  device: `D01/${device}`,
  setting: name,
  value,
});

describe('a door operator', () => {
  const { world, rest } = bench('operator-strike');
  const asked = act(world, rest, { kind: 'credential', valid: true });

  it('lets the lock go at once, opens after its wait, and holds again only when shut', () => {
    expect([hold(world, rest), hold(world, asked), asked.doorOpen]).toEqual(['held', 'free', false]);
    const opening = after(world, asked, 1100);
    expect(opening.doorOpen).toBe(true);
    // On its way shut it is not shut: what watches the leaf sees it open, and the lock stays released.
    const closing = after(world, asked, 11_500);
    expect([closing.doorOpen, hold(world, closing)]).toEqual([true, 'free']);
    const shut = after(world, asked, 16_000);
    expect([shut.doorOpen, hold(world, shut)]).toEqual([false, 'held']);
  });
  it('stays for its whole time anew when it is asked again while open', () => {
    const again = act(world, after(world, asked, 9_000), { kind: 'credential', valid: true });
    expect(after(world, again, 4_000).doorOpen).toBe(true);
  });
  it('pushes in vain where the lock does not let go', () => {
    const bridged = bench('operator-strike', {
      kind: 'setConductor',
      id: wireBetween(bench('operator-strike').plan, 'F1.NC', 'O1.LC'),
      patch: { to: terminalOf('D01/O1.LNC') },
    });
    const tried = act(bridged.world, bridged.rest, { kind: 'credential', valid: true });
    const { state, effects } = advance(bridged.world, tried, tried.now + 3_000);
    expect(state.doorOpen).toBe(false);
    expect(effects.map(({ kind }) => kind)).toContain('door-refused');
  });
});

describe('a lever with a contact', () => {
  const { world, rest } = bench('strike-wet');
  it('reports and does not unlock, and its opening is no alarm', () => {
    const opened = act(world, rest, { kind: 'openDoor', from: 'inside' });
    expect([opened.doorOpen, hold(world, opened), [...opened.alarms]]).toEqual([true, 'held', []]);
  });
  it('is missed: a door that opens without it is forced', () => {
    expect([...act(world, rest, { kind: 'openDoor', from: 'force' }).alarms]).toEqual(['forced']);
  });
  it('set to unlock, moves the lock as well', () => {
    const other = bench('strike-wet', setting('K1', 'ch1.rex', 'unlocks'));
    expect(hold(other.world, act(other.world, other.rest, { kind: 'openDoor', from: 'inside' }))).toBe(
      'free',
    );
  });
});

describe('a supply with a fire input', () => {
  const { world, rest } = bench('lobby-pull');
  it('drops every lock, keeps them dropped when the line burns, and holds again by key', () => {
    const fire = act(world, rest, { kind: 'fire' });
    const burnt = act(world, fire, { kind: 'fireGone' });
    const reset = act(world, burnt, { kind: 'fireReset' });
    expect([rest, fire, burnt, reset].map((state) => hold(world, state))).toEqual([
      'held',
      'free',
      'free',
      'held',
    ]);
  });
  it('is dropped from the start where its line was never joined', () => {
    const plan = bench('lobby-pull').plan;
    const cut = bench('lobby-pull', { kind: 'disconnect', id: wireBetween(plan, 'PS1.FI', 'F1.C') });
    expect(hold(cut.world, cut.rest)).toBe('free');
  });
  it('set to follow, holds again by itself', () => {
    const other = bench(
      'lobby-pull',
      setting('PS1', 'latch', 'following'),
      setting('F1', 'latch', 'following'),
    );
    const gone = act(other.world, other.rest, { kind: 'fire' }, { kind: 'fireGone' });
    expect(hold(other.world, gone)).toBe('held');
  });
});

describe('a pull station', () => {
  it('opens the lock’s power and is told to the alarm line by its other circuit', () => {
    const { world, rest } = bench('lobby-pull');
    const pulled = act(world, rest, { kind: 'breakGlass', device: 'D01/EB1' });
    expect(hold(world, pulled)).toBe('free');
    expect([rest.readings.get('D01/M1:line'), pulled.readings.get('D01/M1:line')]).toEqual([
      'open',
      'closed',
    ]);
  });
});

describe('a terminal that only asks a timed supply', () => {
  const { world, rest } = bench('magnet-timed');
  it('opens for the supply’s own time', () => {
    const asked = act(world, rest, { kind: 'credential', valid: true });
    expect(hold(world, asked)).toBe('free');
    expect(hold(world, after(world, asked, 12_000))).toBe('held');
  });
  it('torn off the wall and its pair shorted, opens; its button inside still works when it is dead', () => {
    const dead = act(world, rest, { kind: 'fail', devices: ['D01/K1'] });
    expect(hold(world, dead)).toBe('held');
    expect(hold(world, act(world, dead, { kind: 'press', device: 'D01/X1' }))).toBe('free');
  });
});

describe('a hold-open code', () => {
  it('holds the door until it is keyed again', () => {
    const { world, rest } = bench('shear-two-outputs');
    const code: Stimulus = { kind: 'credential', valid: true, output: 1 };
    const held = act(world, rest, code);
    expect(hold(world, after(world, held, 600_000))).toBe('free');
    expect(hold(world, act(world, held, code))).toBe('held');
  });
});

describe('a supervised door contact', () => {
  const { world, rest, plan } = bench('mortise-bus');
  const reading = (state: SimState) => state.readings.get('D01/K1:dc1');
  it('reads closed, open, and trouble when its pair is cut or shorted', () => {
    expect(reading(rest)).toBe('closed');
    expect(reading(act(world, rest, { kind: 'openDoor', from: 'force' }))).toBe('open');
    const pair = wireBetween(plan, 'K1.DC1', 'E1.1');
    expect(reading(act(world, rest, { kind: 'cut', conductor: pair }))).toBe('trouble');
    const shorted = bench('mortise-bus', {
      kind: 'setConductor',
      id: pair,
      patch: { to: terminalOf('D01/L1.COM') },
    });
    expect(reading(shorted.rest)).toBe('trouble');
  });
});

describe('a handset that gives alternating current', () => {
  const { world, rest, plan } = bench('dock-intercom');
  it('opens the door through its relay, and buzzes while the key is pressed', () => {
    const pressed = act(world, rest, { kind: 'press', device: 'D01/H1' });
    expect(hold(world, pressed)).toBe('free');
    expect([rest.boards.get('D01/B1:board'), pressed.boards.get('D01/B1:board')]).toEqual([false, true]);
    expect(pressed.point.damages).toEqual([]);
  });
  it('straight onto the dry input, harms it', () => {
    const [one, two] = [wireBetween(plan, 'H1.S1', 'Q1.A1'), wireBetween(plan, 'Q1.A2', 'H1.S2')];
    const wrong = bench(
      'dock-intercom',
      { kind: 'setConductor', id: one, patch: { to: terminalOf('D01/K1.PUSH') } },
      { kind: 'setConductor', id: two, patch: { from: terminalOf('D01/K1.G') } },
    );
    const pressed = act(wrong.world, wrong.rest, { kind: 'press', device: 'D01/H1' });
    expect(pressed.point.damages.map(({ kind }) => kind)).toContain('wrong-current');
  });
});

describe('a monitored magnet', () => {
  it('reports its bond only while it holds the shut door', () => {
    const { world, rest } = bench('magnet-poe');
    const status = (state: SimState) => state.readings.get('D01/K1:status');
    expect(status(rest)).toBe('closed');
    expect(status(act(world, rest, { kind: 'credential', valid: true }))).toBe('open');
    expect(status(act(world, rest, { kind: 'openDoor', from: 'force' }))).toBe('open');
  });
});

describe('a card at the reader inside', () => {
  it('travels down its own two lines to the same door', () => {
    const { world, rest } = bench('magnet-poe');
    const inside = act(world, rest, { kind: 'credential', valid: true, device: 'D01/R2' });
    expect(hold(world, inside)).toBe('free');
  });
});
