import { describe, expect, it, vi } from 'vitest';
import { applyEdit, doorsInOrder, type Edit, type Plan } from '#core/plan/index';
import { judge, summarise } from '#core/verdict/index';
import { quillhaven } from '#demo/quillhaven';
import { mustApply } from '../../../core/specimens/doors';
import { random } from '../../../core/specimens/random';
import { siteOf } from '../../../core/specimens/site';
import { judgeSites } from './judgeSites';
import { makeJudges, type Judges } from './judges';
import type { Answer, Ask } from './protocol';
import { inPlace } from './shared';

const soon = 30_000;

/** Waits until every door is summed up. */
async function settled(judges: Judges, plan: Plan): Promise<void> {
  while (judges.summaries(plan).length < Object.keys(plan.doors).length) await judges.more(plan, soon);
}
const expected = (plan: Plan) => doorsInOrder(plan).map(({ id }) => summarise(plan, id));
const rename = (door: string, name: string): Edit => ({ kind: 'setDoor', id: door, patch: { name } });

/** Judges whose work is done by hand, one piece at a time, so that any order of events can be made. */
function byHand() {
  const work: (() => void)[] = [];
  const asks: Ask[] = [];
  let deliver: (message: Answer) => void = () => {};
  const judges = makeJudges((answer) => {
    deliver = answer;
    const take = judgeSites(answer, (piece) => work.push(piece));
    const ask = (message: Ask) => {
      asks.push(message);
      take(message);
    };
    return { ask, isReady: () => true };
  });
  return { judges, asks, work, step: () => work.shift()?.(), deliver: (message: Answer) => deliver(message) };
}

/** One that never says anything. */
const SILENT = { ask: () => {}, isReady: () => true };

describe('judges', () => {
  it('come to know every door of a site as it is judged by itself', async () => {
    const plan = quillhaven();
    const judges = makeJudges(inPlace);
    expect(judges.summaries(plan)).toEqual([]);
    await settled(judges, plan);
    expect(judges.summaries(plan)).toEqual(expected(plan));
  });
  it('give a verdict before any summary, and keep it', async () => {
    const plan = siteOf({ doors: 3 });
    const { judges, asks } = byHand();
    await expect(judges.verdict(plan, 'D002', soon)).resolves.toEqual(judge(plan, 'D002'));
    await judges.verdict(plan, 'D002', soon);
    expect(asks.filter(({ kind }) => kind === 'door')).toHaveLength(1);
    // A verdict is a summary too.
    expect(judges.summaries(plan).map(({ door }) => door)).toEqual(['D002']);
  });
  it('give no verdict of a door that is not there, and none that takes too long', async () => {
    const plan = siteOf({ doors: 1 });
    const silent = makeJudges(() => SILENT);
    await expect(silent.verdict(plan, 'D001', 5)).resolves.toBeNull();
    await expect(silent.verdict(plan, 'nowhere', soon)).resolves.toBeNull();
    await silent.more(plan, 5);
  });
  it('do not keep a page waiting while they have not begun', async () => {
    const asleep = makeJudges(() => ({ ask: () => {}, isReady: () => false }));
    const anHour = 3_600_000;
    await expect(asleep.verdict(siteOf({ doors: 1 }), 'D001', anHour)).resolves.toBeNull();
  });
  it('ask again only for the doors that a change reaches', async () => {
    const plan = siteOf({ doors: 4 });
    const judges = makeJudges(inPlace);
    await settled(judges, plan);
    const after = mustApply(plan, rename('D003', 'Attic'));
    expect(judges.summaries(after).map(({ door }) => door)).toEqual(['D001', 'D002', 'D004']);
    await settled(judges, after);
    expect(judges.summaries(after)).toEqual(expected(after));
  });
  it('send a site once, and later what became of it', () => {
    const plan = siteOf({ doors: 2 });
    const { judges, asks } = byHand();
    judges.summaries(plan);
    judges.summaries(plan);
    judges.summaries(mustApply(plan, rename('D001', 'Attic')));
    const sites = asks.flatMap((ask) => (ask.kind === 'site' ? [ask] : []));
    expect(sites.map(({ change }) => Object.keys(change))).toEqual([['plan'], ['delta']]);
    expect(sites[1]?.doors).toEqual(['D001']);
  });
  it('drop what was worked out before a change that reaches the door, and take what it does not', () => {
    const plan = siteOf({ doors: 2 });
    const { judges, deliver } = byHand();
    judges.summaries(plan);
    const after = mustApply(plan, rename('D001', 'Attic'));
    judges.summaries(after);
    const site = plan.site.id;
    for (const door of ['D001', 'D002'])
      deliver({ kind: 'summary', site, state: 1, summary: summarise(plan, door) });
    expect(judges.summaries(after).map(({ door }) => door)).toEqual(['D002']);
    deliver({ kind: 'summary', site, state: 2, summary: summarise(after, 'D001') });
    expect(judges.summaries(after)).toEqual(expected(after));
    // Of a site that nobody asked about there is nothing to say.
    deliver({ kind: 'summary', site: 'other', state: 1, summary: summarise(plan, 'D001') });
  });
  it('tell whoever waits for a door as it was that it is another now', async () => {
    const plan = siteOf({ doors: 2 });
    const silent = makeJudges(() => SILENT);
    const [one, two] = [silent.verdict(plan, 'D001', soon), silent.verdict(plan, 'D002', 20)];
    silent.summaries(mustApply(plan, rename('D001', 'Attic')));
    await expect(one).resolves.toBeNull();
    await expect(two).resolves.toBeNull();
  });
  it('wake whoever waits for more', async () => {
    const plan = siteOf({ doors: 1 });
    const { judges, step } = byHand();
    judges.summaries(plan);
    const woken = vi.fn();
    const waiting = judges.more(plan, soon).then(woken);
    expect(woken).not.toHaveBeenCalled();
    step();
    await waiting;
    expect(judges.summaries(plan)).toHaveLength(1);
  });
  it('forget a site that is gone, and know another under its name', async () => {
    const plan = siteOf({ doors: 2 });
    const judges = makeJudges(inPlace);
    await settled(judges, plan);
    judges.forget(plan.site.id);
    const other = siteOf({ doors: 1, sets: ['gate-keypad'] });
    expect(other.site.id).toBe(plan.site.id);
    await settled(judges, other);
    expect(judges.summaries(other)).toEqual(expected(other));
  });
  it('end where judging the plan by itself ends, over any run of changes and pauses', async () => {
    const next = random(41);
    for (let run = 0; run < 6; run += 1) {
      const { judges, work, step } = byHand();
      let plan = siteOf({ doors: 4, ...(run % 2 ? { perSupply: 2 } : {}) });
      for (let n = 0; n < 8; n += 1) {
        judges.summaries(plan);
        for (let pause = Math.floor(next() * 4); pause > 0; pause -= 1) step();
        const wires = Object.keys(plan.conductors);
        const edit: Edit =
          next() < 0.3
            ? rename(`D00${1 + Math.floor(next() * 4)}`, `n${n}`)
            : { kind: 'disconnect', id: wires[Math.floor(next() * wires.length)]! };
        const result = applyEdit(plan, edit);
        if (result.ok) plan = result.plan;
      }
      judges.summaries(plan);
      while (work.length > 0) step();
      expect(judges.summaries(plan)).toEqual(expected(plan));
    }
  });
});
