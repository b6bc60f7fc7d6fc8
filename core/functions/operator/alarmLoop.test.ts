import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findType } from '../../devices/index';
import { loneDevice } from '../../specimens/loneDevice';
import { react } from '../answers';
import type { Memory, Signal } from '../signal';

const type = findType('operator-swing-full')!;
const alone = loneDevice(type);
const self = { device: { ...alone, settings: { ...alone.settings, 'op.fire': 'on' } }, type };

/** A leaf with its drive: what is done to it, and where it is. */
class Leaf {
  at: 'shut' | 'open' = 'shut';
  released = false;
  private memory: Memory = {};
  private due: { name: string; at: number }[] = [];
  private now = 0;

  private take(signal: Signal): void {
    const reaction = react(self, this.memory, signal);
    this.memory = reaction.memory ?? this.memory;
    this.due = this.due.filter(({ name }) => !reaction.cancel?.includes(name));
    for (const { name, after } of reaction.timers ?? []) this.due.push({ name, at: this.now + after });
    if (reaction.door) this.at = reaction.door === 'open' ? 'open' : 'shut';
    this.released = reaction.set?.['release'] ?? this.released;
  }
  loop(input: 'activate' | 'fire' | 'safety', reading: 'open' | 'closed'): void {
    this.take({ kind: 'input', input, reading, before: reading === 'open' ? 'closed' : 'open' });
    this.run(0);
  }
  ask(): void {
    this.loop('activate', 'closed');
    this.loop('activate', 'open');
  }
  power(on: boolean): void {
    this.take({ kind: 'power', on });
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
}
const LONG = 1_000_000;

describe('the fire loop of a drive', () => {
  it.each([0, 500, 1500, 6000, 11_500])(
    'shuts a leaf that was asked %i ms before, and holds its lock',
    (ms) => {
      const leaf = new Leaf();
      leaf.ask();
      leaf.run(ms);
      leaf.loop('fire', 'open');
      leaf.run(4001);
      expect([leaf.at, leaf.released]).toEqual(['shut', false]);
    },
  );
  it('opens to nobody while it is cut, and to anybody once it is whole', () => {
    const leaf = new Leaf();
    leaf.loop('fire', 'open');
    leaf.ask();
    leaf.run(3000);
    expect([leaf.at, leaf.released]).toEqual(['shut', false]);
    leaf.loop('fire', 'closed');
    leaf.ask();
    leaf.run(3000);
    expect(leaf.at).toBe('open');
  });
  it('waits for whoever stands there, and shuts then', () => {
    const leaf = new Leaf();
    leaf.ask();
    leaf.run(6000);
    leaf.loop('safety', 'open');
    leaf.loop('fire', 'open');
    leaf.run(60_000);
    expect(leaf.at).toBe('open');
    leaf.loop('safety', 'closed');
    leaf.run(60_000);
    expect(leaf.at).toBe('shut');
  });
  it('shuts by its spring when the power goes', () => {
    const leaf = new Leaf();
    leaf.ask();
    leaf.run(2000);
    leaf.power(false);
    leaf.run(4001);
    expect([leaf.at, leaf.released]).toEqual(['shut', false]);
  });
  it('ends shut whatever came before it, once nothing is in the way', () => {
    const act = fc.tuple(
      fc.constantFrom('ask', 'blocked', 'clear', 'alarm', 'over'),
      fc.integer({ min: 0, max: 30_000 }),
    );
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        const leaf = new Leaf();
        for (const [what, ms] of acts) {
          if (what === 'ask') leaf.ask();
          else if (what === 'blocked' || what === 'clear')
            leaf.loop('safety', what === 'blocked' ? 'open' : 'closed');
          else leaf.loop('fire', what === 'alarm' ? 'open' : 'closed');
          leaf.run(ms);
        }
        leaf.loop('safety', 'closed');
        leaf.loop('fire', 'open');
        leaf.run(LONG);
        expect([leaf.at, leaf.released]).toEqual(['shut', false]);
        leaf.ask();
        leaf.run(LONG);
        expect(leaf.at).toBe('shut');
      }),
    );
  });
});
