import { describe, expect, it } from 'vitest';
import { quillhaven } from '#demo/quillhaven';
import { neighbourhood } from '#core/door/index';
import { doorsInOrder } from '#core/plan/index';
import { everything } from '../../../core/specimens/everything';
import { definition } from '../pack';
import { makeOffice, MOST_WAITING, type Worker } from './office';
import { perform } from './perform';
import type { Outcome, Task } from './protocol';

const file = (text: string): Task => ({ kind: 'read-file', text });
const outcome = (text: string): Outcome => ({ ok: true, value: text as never });

/** Workers that finish when they are told to; `begun` counts them, `ended` those that were ended in the middle. */
function stage() {
  const open: { text: string; done(outcome: Outcome): void; crash(): void }[] = [];
  const counts = { begun: 0, ended: 0 };
  const begin = (): Worker => {
    counts.begun += 1;
    return {
      perform: (task) =>
        new Promise((done, crash) =>
          open.push({
            text: task.kind === 'read-file' ? task.text : '',
            done,
            crash: () => crash(new Error('the thread ended')),
          }),
        ),
      end: () => (counts.ended += 1),
    };
  };
  const finish = (text: string) => open.find((one) => one.text === text)!.done(outcome(text));
  return { begin, open, counts, finish };
}
const waits = async (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const settled = () => waits(1);
function aborted() {
  const controller = new AbortController();
  return { signal: controller.signal, abort: () => controller.abort() };
}

describe('an office', () => {
  it('does one task after the other, and says how many come before each', async () => {
    const { begin, open, counts, finish } = stage();
    const office = makeOffice(begin);
    const [a, b, c] = ['a', 'b', 'c'].map((key) => office.run(file(key), { key }));
    expect(['a', 'b', 'c', 'd'].map((key) => office.ahead(key))).toEqual([0, 1, 2, null]);
    expect(open.map(({ text }) => text)).toEqual(['a']);
    finish('a');
    expect(await a).toBe('a');
    expect([office.ahead('a'), office.ahead('b'), office.ahead('c')]).toEqual([null, 0, 1]);
    finish('b');
    await b;
    finish('c');
    expect([await c, counts]).toEqual(['c', { begun: 1, ended: 0 }]);
  });
  it('takes no more than may wait, and says so', async () => {
    const { begin } = stage();
    const office = makeOffice(begin);
    const { signal, abort } = aborted();
    const all = Array.from({ length: MOST_WAITING + 1 }, (_, n) =>
      office.run(file(`w${n}`), { signal }).catch((error: unknown) => error),
    );
    await expect(office.run(file('late'))).rejects.toMatchObject({ status: 503, code: 'queue-full' });
    abort();
    expect(await Promise.all(all)).toEqual(all.map(() => expect.objectContaining({ code: 'taken-back' })));
  });
  it('counts the time of a task from its own begin, whatever was taken back before it', async () => {
    const { begin, finish, counts } = stage();
    const office = makeOffice(begin, 60);
    const { signal, abort } = aborted();
    const a = office.run(file('a'), { signal }).catch((error: unknown) => error);
    await waits(40);
    abort();
    const b = office.run(file('b'));
    await waits(40);
    finish('b');
    expect(await b).toBe('b');
    expect(await a).toMatchObject({ code: 'taken-back' });
    expect(counts).toEqual({ begun: 2, ended: 1 });
  });
  it('drops what nobody waits for any more, wherever it is', async () => {
    const { begin, open, counts, finish } = stage();
    const office = makeOffice(begin);
    const [first, second] = [new AbortController(), new AbortController()];
    const a = office.run(file('a'), { signal: first.signal }).catch((error: unknown) => error);
    const b = office.run(file('b'), { signal: second.signal }).catch((error: unknown) => error);
    const c = office.run(file('c'));
    second.abort();
    expect(await b).toMatchObject({ code: 'taken-back' });
    first.abort();
    expect(await a).toMatchObject({ code: 'taken-back' });
    expect([open.map(({ text }) => text), counts]).toEqual([['a', 'c'], { begun: 2, ended: 1 }]);
    // What the ended worker still says is nobody's answer.
    finish('a');
    finish('c');
    expect(await c).toBe('c');
    const before = new AbortController();
    before.abort();
    await expect(office.run(file('d'), { signal: before.signal })).rejects.toMatchObject({
      code: 'taken-back',
    });
  });
  it('outlives a worker that ends, and a task that takes too long', async () => {
    const { begin, open, counts, finish } = stage();
    const office = makeOffice(begin, 30);
    const a = office.run(file('a')).catch((error: unknown) => error);
    const b = office.run(file('b')).catch((error: unknown) => error);
    open[0]!.crash();
    expect(await a).toMatchObject({ message: 'the thread ended' });
    expect(await b).toMatchObject({ status: 503, code: 'too-long' });
    const c = office.run(file('c'));
    finish('c');
    expect([await c, counts]).toEqual(['c', { begun: 3, ended: 1 }]);
    await settled();
  });
});

describe('a task', () => {
  it('that is refused says why, as it would have in place', async () => {
    expect(await perform(file('{'))).toMatchObject({ ok: false, refused: { status: 400, code: 'bad-json' } });
    const plan = quillhaven();
    const pack = { kind: 'pack', plan, door: 'D99', printedAt: new Date(0), codes: false } as never;
    expect(await perform(pack)).toMatchObject({ ok: false, refused: { status: 404 } });
  });
  it('prints of what a door feels the same as of the whole site', () => {
    for (const plan of [quillhaven(), everything()])
      for (const door of doorsInOrder(plan)) {
        const at = new Date(0);
        const text = (of: typeof plan) => JSON.stringify(definition(of, door, at));
        expect([door.id, text(neighbourhood(plan, door.id)) === text(plan)]).toEqual([door.id, true]);
      }
  }, 60_000);
});
