import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { functionOf, type DeviceType } from '../../devices/index';
import { react } from '../answers';
import type { Reaction } from '../signal';
import type { Memory } from '../../simulate/simState';
import type { Inhabitant } from '../../simulate/world';
import { supplies } from '../../devices/library/supplies';
import { loneDevice } from '../../specimens/loneDevice';
import { numberTried } from '../../../scripts/testSlice';

const timedType = supplies.find(({ id }) => id === 'supply-12v-timed')!;
const withSense = (exitSense: 'edge' | 'level'): DeviceType => {
  const timer = functionOf(timedType, 'timer')!;
  return { ...timedType, functions: [{ ...timer, channel: { ...timer.channel, exitSense } }] };
};
const SECONDS = 5;

/** A slow twin: a relay, an input and a clock, told by hand and let run tick by tick. */
class Bench {
  relay = false;
  private memory: Memory = {};
  private due: number | null = null;
  private now = 0;
  private reading: 'open' | 'closed' | 'dead' = 'dead';
  constructor(private readonly self: Inhabitant) {}

  private take(reaction: Reaction): void {
    this.relay = reaction.set?.['relay'] ?? this.relay;
    this.memory = reaction.memory ?? this.memory;
    if (reaction.cancel?.includes('c0.relock')) this.due = null;
    for (const { name, after } of reaction.timers ?? [])
      if (name === 'c0.relock') this.due = this.now + after;
  }
  input(reading: 'open' | 'closed'): void {
    if (reading === this.reading) return;
    const before = this.reading;
    this.reading = reading;
    this.take(react(this.self, this.memory, { kind: 'input', input: 'push', reading, before }));
  }
  wait(ms: number): void {
    this.now += ms;
    if (this.due === null || this.due > this.now) return;
    this.due = null;
    this.take(react(this.self, this.memory, { kind: 'timer', name: 'c0.relock' }));
  }
}
const bench = (sense: 'edge' | 'level') =>
  new Bench({
    device: { ...loneDevice(timedType), settings: { 't.exit': SECONDS } },
    type: withSense(sense),
  });

describe('an exit input', () => {
  it('that answers to the level holds as long as it is asked, and at least for its time', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ closed: fc.boolean(), ms: fc.integer({ min: 100, max: 9000 }) }), {
          maxLength: 12,
        }),
        (story) => {
          const at = bench('level');
          at.input('open');
          let asked: number | null = null;
          let closed = false;
          let clock = 0;
          for (const step of story) {
            if (step.closed && !closed) asked = clock;
            closed = step.closed;
            at.input(closed ? 'closed' : 'open');
            for (let waited = 0; waited < step.ms; waited += 100) {
              at.wait(100);
              clock += 100;
              const timed = asked !== null && clock - asked < SECONDS * 1000;
              expect([clock, at.relay]).toEqual([clock, closed || timed]);
            }
          }
        },
      ),
      { numRuns: numberTried(60) },
    );
  });

  it('that answers to the edge runs its time once, and not for what was closed when the board started', () => {
    const early = bench('edge');
    early.input('closed');
    expect(early.relay).toBe(false);
    early.input('open');
    early.input('closed');
    expect(early.relay).toBe(true);
    early.wait(SECONDS * 1000);
    expect(early.relay).toBe(false);
  });

  it('that answers to the level holds at once where it is closed when the board starts', () => {
    const early = bench('level');
    early.input('closed');
    expect(early.relay).toBe(true);
    early.wait(60_000);
    expect(early.relay).toBe(true);
    early.input('open');
    expect(early.relay).toBe(false);
  });
});
