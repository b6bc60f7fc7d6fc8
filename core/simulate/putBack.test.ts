import { does } from '../devices/index';
import { REARM } from '../functions/index';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { HARDWARE_SETS } from '../brief/index';
import { conductorsOf } from '../plan/index';
import { MAGNET_BRIEF, STRIKE_BRIEF, wiredDoor } from '../specimens/doors';
import { advance, atRest, buildWorld, lockStatuses, stimulate, type SimState, type Stimulus } from './index';
import { numberTried } from '../../scripts/testSlice';

/** Longer than any time of any device: unlock, held-open alarm, operator, bell, boot. */
const LONG = 15 * 60_000;

const doors = HARDWARE_SETS.map(({ id, electricalEgress }) => {
  const plan = wiredDoor(id, electricalEgress ? MAGNET_BRIEF : STRIKE_BRIEF);
  const world = buildWorld(plan, 'D01');
  const presses = world.inhabitants
    // A switch and a hold-open code stay as they were left; what is pressed here springs back.
    .filter(({ type }) => does(type, 'button', 'sensor'))
    .map(({ device }): Stimulus => ({ kind: 'press', device: device.id }));
  const glasses = world.inhabitants.filter(({ type }) => does(type, 'breakGlass'));
  const wires = conductorsOf(plan, 'D01').map((wire) => wire.id);
  const act = fc.oneof(
    fc.constantFrom<Stimulus>(
      { kind: 'credential', valid: true },
      { kind: 'credential', valid: false },
      { kind: 'openDoor', from: 'inside' },
      { kind: 'openDoor', from: 'outside' },
      { kind: 'closeDoor' },
      { kind: 'fire' },
      { kind: 'fireGone' },
      { kind: 'mains', on: false },
      { kind: 'mains', on: true },
      { kind: 'dead', on: true },
      ...presses,
      ...glasses.map(({ device }): Stimulus => ({ kind: 'breakGlass', device: device.id })),
    ),
    fc.constantFrom(...wires).map((conductor): Stimulus => ({ kind: 'cut', conductor })),
  );
  const rearms = world.inhabitants.flatMap(({ device, type }): Stimulus[] =>
    does(type, 'delayedEgress') ? [{ kind: 'press', device: device.id, key: REARM }] : [],
  );
  const putBack: Stimulus[] = [
    ...wires.map((conductor): Stimulus => ({ kind: 'mend', conductor })),
    { kind: 'dead', on: false },
    { kind: 'mains', on: true },
    ...glasses.map(({ device }): Stimulus => ({ kind: 'resetGlass', device: device.id })),
    { kind: 'fireGone' },
    { kind: 'closeDoor' },
    { kind: 'fireReset' },
    ...rearms,
  ];
  return [id, { world, rest: atRest(world), act, putBack, rearms }] as const;
});

describe.each(doors)('%s', (_, { world, rest, act, putBack, rearms }) => {
  const play = (list: readonly Stimulus[], from: SimState, pause = 900) =>
    list.reduce((state, one) => {
      const { state: next } = stimulate(world, state, one);
      return advance(world, next, next.now + pause).state;
    }, from);

  it('is at rest again when everything was put back, whatever was done before', () => {
    fc.assert(
      fc.property(fc.array(act, { maxLength: 8 }), (acts) => {
        const done = play(putBack, play(acts, rest));
        const settled = advance(world, done, done.now + LONG).state;
        // A latched input wants its key once more when its line is whole again.
        const turned: readonly Stimulus[] = [{ kind: 'fireReset' }, ...rearms];
        const keyed = advance(
          world,
          turned.reduce((now, one) => stimulate(world, now, one).state, settled),
          settled.now + 2 * LONG,
        ).state;
        expect([...keyed.states].sort()).toEqual([...rest.states].sort());
        expect([...keyed.alarms]).toEqual([...rest.alarms]);
        const holds = (state: SimState) => lockStatuses(world, state.point).map(({ hold }) => hold);
        expect(holds(keyed)).toEqual(holds(rest));
        // A node that floats has no voltage, before and after.
        const rounded = ({ point }: SimState) =>
          Array.from(point.volts, (volts) => volts.toFixed(6).replace('-0.0', '0.0'));
        expect(rounded(keyed)).toEqual(rounded(rest));
      }),
      { numRuns: numberTried(25) },
    );
  });

  it('is the same after one long wait as after many short ones', () => {
    fc.assert(
      fc.property(
        fc.array(act, { maxLength: 5 }),
        fc.array(fc.integer({ min: 1, max: 9000 }), { maxLength: 6 }),
        (acts, waits) => {
          const from = play(acts, rest);
          const end = from.now + waits.reduce((sum, ms) => sum + ms, 0);
          const once = advance(world, from, end).state;
          const often = waits.reduce((state, ms) => advance(world, state, state.now + ms).state, from);
          expect(often.now).toBe(once.now);
          expect([...often.states].sort()).toEqual([...once.states].sort());
          expect(often.doorOpen).toBe(once.doorOpen);
          expect(often.point.on).toEqual(once.point.on);
        },
      ),
      { numRuns: numberTried(25) },
    );
  });
});
