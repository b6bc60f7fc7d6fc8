import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findType, functionsOf, type DeviceType, type Followed } from '../../devices/index';
import { FOLLOWED } from './followed';
import { LIBRARY } from '../../devices/library/index';
import { STRIKE_BRIEF } from '../../specimens/doors';
import { installed } from '../../specimens/installation';
import { loneDevice } from '../../specimens/loneDevice';
import { set } from '../../specimens/ruleEdits';
import { mustApply, wireBetween } from '../../specimens/doors';
import { react } from '../answers';
import type { Signal } from '../signal';
import { atRest, buildWorld, stimulate, type SimState } from '../../simulate/index';
import { numberTried } from '../../../scripts/testSlice';

const full = findType('controller-1-full')!;
const following = (follows: Followed): DeviceType => ({
  ...full,
  functions: full.functions.map((one) => (one.kind === 'output' ? { ...one, follows } : one)),
});

/** A model of one board: what happened to it, told by hand. */
function model(signals: readonly Signal[]) {
  let [unlocked, forced, tamper, held] = [false, false, false, false];
  let lost = false;
  for (const signal of signals) {
    if (signal.kind === 'credential') unlocked ||= signal.valid;
    if (signal.kind === 'timer' && signal.name === 'c0.relock') unlocked = false;
    if (signal.kind === 'timer' && signal.name === 'c0.held') held = true;
    if (signal.kind === 'input' && signal.input === 'tamper') tamper = signal.reading !== 'closed';
    if (signal.kind === 'input' && signal.input === 'dc') {
      if (signal.reading === 'open' && signal.before === 'closed' && !unlocked) forced = true;
      if (signal.reading === 'closed') [forced, held, unlocked] = [false, false, false];
    }
    if (signal.kind === 'network') lost = !signal.on;
    if (signal.kind === 'power' && !signal.on)
      [unlocked, forced, tamper, held] = [false, false, false, false];
  }
  // A board that stops lets go of everything; that its network is lost it learns again at once.
  const link = lost && signals.at(-1)?.kind !== 'power';
  return { unlocked, forced, tamper, held, link, alarm: forced || tamper || held };
}

const input = (name: string, reading: 'open' | 'closed'): Signal => ({
  kind: 'input',
  input: name,
  reading,
  before: reading === 'open' ? 'closed' : 'open',
});
const SIGNALS: readonly Signal[] = [
  { kind: 'credential', channel: 0, valid: true },
  { kind: 'credential', channel: 0, valid: false },
  { kind: 'timer', name: 'c0.relock' },
  { kind: 'timer', name: 'c0.held' },
  input('tamper', 'open'),
  input('tamper', 'closed'),
  input('dc', 'open'),
  input('dc', 'closed'),
  { kind: 'power', on: false },
  { kind: 'network', on: false },
  { kind: 'network', on: true },
];

describe('an output', () => {
  const levels = FOLLOWED.filter((one) => one !== 'granted' && one !== 'refused');
  it.each(levels)('that follows “%s” is on just as long as that is so', (follows) => {
    const type = following(follows);
    const device = { ...loneDevice(type), settings: { tamper: 'on' } };
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...SIGNALS), { maxLength: 14 }), (signals) => {
        let [memory, on] = [{}, false] as [Readonly<Record<string, number | boolean | string>>, boolean];
        signals.forEach((signal, index) => {
          const reaction = react({ device, type }, memory, signal);
          memory = reaction.memory ?? memory;
          on = reaction.set?.['alarmOut'] ?? on;
          const expected = model(signals.slice(0, index + 1)) as Record<string, boolean>;
          expect([index, on]).toEqual([index, expected[follows]]);
        });
      }),
      { numRuns: numberTried(200) },
    );
  });
  it('that answers a card does so for a moment, and for no other answer', () => {
    for (const [follows, valid] of [
      ['granted', true],
      ['refused', false],
    ] as const) {
      const type = following(follows);
      const self = { device: loneDevice(type), type };
      const said = (ok: boolean) => react(self, {}, { kind: 'credential', channel: 0, valid: ok });
      expect(said(valid).set).toMatchObject({ alarmOut: true, auxOut: true });
      expect(said(!valid).set?.['alarmOut']).toBeUndefined();
      expect(said(valid).timers).toContainEqual({ name: 'end.alarmOut', after: 1000 });
      expect(react(self, {}, { kind: 'timer', name: 'end.alarmOut' }).set).toEqual({ alarmOut: false });
    }
  });
  it('follows what its setting says, and every setting of the library says something that it can follow', () => {
    const known = new Set<string>([...FOLLOWED, 'none']);
    for (const type of LIBRARY)
      for (const { follows } of functionsOf(type, 'output')) {
        if (typeof follows === 'string') continue;
        const setting = type.settings.find(({ id }) => id === follows.setting);
        expect(setting?.kind === 'choice' && setting.options.every(({ value }) => known.has(value))).toBe(
          true,
        );
      }
  });
});

describe('a tamper loop', () => {
  // The lid is wired by Aldaba, and the loop set to be used.
  const watched = installed({
    name: 'Store',
    brief: STRIKE_BRIEF,
    devices: ['supply-12v-5a', 'controller-1-full', 'reader-wiegand', 'strike-fail-secure', 'tamper-switch'],
  });
  const unused = mustApply(watched, set('K1', 'tamper', 'off'));
  const alarms = (state: SimState) => [...state.alarms];
  it('that is not used says nothing, whatever its input reads', () => {
    const world = buildWorld(unused, 'D01');
    const lifted = stimulate(world, atRest(world), { kind: 'press', device: 'D01/T1' }).state;
    expect([atRest(world), lifted].map(alarms)).toEqual([[], []]);
  });
  it('is quiet with every lid on, raises its alarm with one off, and ends with it on again', () => {
    const world = buildWorld(watched, 'D01');
    const rest = atRest(world);
    const lifted = stimulate(world, rest, { kind: 'press', device: 'D01/T1' }).state;
    const back = stimulate(world, lifted, { kind: 'press', device: 'D01/T1' }).state;
    expect([rest, lifted, back].map(alarms)).toEqual([[], ['tamper'], []]);
    expect(lifted.states.has('D01/K1:alarmOut')).toBe(true);
    expect(back.states.has('D01/K1:alarmOut')).toBe(false);
  });
  it('says so too where a wire of it is cut', () => {
    const world = buildWorld(watched, 'D01');
    const conductor = wireBetween(watched, 'K1.TMP', 'T1.a');
    const cut = stimulate(world, atRest(world), { kind: 'cut', conductor }).state;
    expect(alarms(cut)).toEqual(['tamper']);
  });
});
