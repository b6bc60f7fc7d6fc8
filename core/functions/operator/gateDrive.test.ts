import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findType, does } from '../../devices/index';
import { LIBRARY } from '../../devices/library/index';
import { loneDevice } from '../../specimens/loneDevice';
import { react } from '../answers';
import type { Signal } from '../signal';
import type { Memory } from '../../simulate/simState';

const type = findType('operator-slide')!;
const self = { device: loneDevice(type), type };

/** A gate as a yardman sees it, tick by tick: where the leaf is, and what the drive has in mind. */
class Yard {
  leaf: 'shut' | 'open' = 'shut';
  private memory: Memory = {};
  private due: { name: string; at: number }[] = [];
  private now = 0;

  private take(signal: Signal): void {
    const reaction = react(self, this.memory, signal);
    this.memory = reaction.memory ?? this.memory;
    this.due = this.due.filter(({ name }) => !reaction.cancel?.includes(name));
    for (const { name, after } of reaction.timers ?? []) this.due.push({ name, at: this.now + after });
    if (reaction.door) this.leaf = reaction.door === 'open' ? 'open' : 'shut';
  }
  /** A loop that is closed, or opened, at its terminals. */
  input(name: 'open' | 'close' | 'stop' | 'safety', reading: 'open' | 'closed'): void {
    const before = reading === 'open' ? 'closed' : 'open';
    this.take({ kind: 'input', input: name, reading, before });
    this.run(0);
  }
  run(ms: number): void {
    const until = this.now + ms;
    for (;;) {
      const next = this.due.filter(({ at }) => at <= until).sort((a, b) => a.at - b.at)[0];
      if (!next) break;
      this.due = this.due.filter((one) => one !== next);
      this.now = next.at;
      this.take({ kind: 'timer', name: next.name });
    }
    this.now = until;
  }
  get quiet(): boolean {
    return this.due.length === 0;
  }
}
const opened = (): Yard => {
  const yard = new Yard();
  yard.input('open', 'closed');
  yard.run(1000);
  expect(yard.leaf).toBe('open');
  return yard;
};

describe('a gate drive', () => {
  it('opens when asked, and shuts by itself after its time', () => {
    const yard = opened();
    yard.run(120_000);
    expect([yard.leaf, yard.quiet]).toEqual(['shut', true]);
  });
  it('begins to shut at once on CLOSE, and is shut when the leaf has gone its way', () => {
    const yard = opened();
    yard.run(120);
    yard.input('close', 'closed');
    expect(yard.leaf).toBe('open');
    yard.run(20_000);
    expect([yard.leaf, yard.quiet]).toEqual(['shut', true]);
  });
  it('stays where it is once STOP is cut, until the loop is whole and somebody asks again', () => {
    const yard = opened();
    yard.input('stop', 'open');
    yard.run(600_000);
    expect([yard.leaf, yard.quiet]).toEqual(['open', true]);
    yard.input('open', 'closed');
    yard.run(600_000);
    expect([yard.leaf, yard.quiet]).toEqual(['open', true]);
    yard.input('stop', 'closed');
    yard.input('open', 'closed');
    yard.run(600_000);
    expect(yard.leaf).toBe('shut');
  });
  it('does not begin to shut while something is in the way', () => {
    const yard = opened();
    yard.input('safety', 'open');
    yard.run(600_000);
    expect([yard.leaf, yard.quiet]).toEqual(['open', false]);
    yard.input('safety', 'closed');
    yard.run(600_000);
    expect([yard.leaf, yard.quiet]).toEqual(['shut', true]);
  });
  it('turns round when something is in the way of a leaf that shuts', () => {
    const yard = opened();
    yard.input('close', 'closed');
    yard.input('safety', 'open');
    yard.run(1);
    expect(yard.leaf).toBe('open');
  });
  it('comes to rest whatever is pressed, and then stands shut or was stopped', () => {
    const act = fc.record({
      name: fc.constantFrom('open' as const, 'close' as const, 'stop' as const, 'safety' as const),
      reading: fc.constantFrom('open' as const, 'closed' as const),
      wait: fc.integer({ min: 0, max: 90_000 }),
    });
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        const yard = new Yard();
        for (const { name, reading, wait } of acts) {
          yard.input(name, reading);
          yard.run(wait);
        }
        yard.input('safety', 'closed');
        yard.run(1_000_000);
        expect(yard.quiet).toBe(true);
        const stopped = acts.some(({ name, reading }) => name === 'stop' && reading === 'open');
        if (!stopped) expect(yard.leaf).toBe('shut');
      }),
    );
  });
  it('is in the library for slides, leaves and barriers, each with its four commands', () => {
    const drives = LIBRARY.filter((one) => does(one, 'operator') && one.ip === 'IP44');
    expect(drives.length).toBe(4);
    for (const { terminals } of drives)
      expect(terminals.map(({ id }) => id)).toEqual(
        expect.arrayContaining(['OPEN', 'CLOSE', 'STOP', 'SAFE']),
      );
  });
});
