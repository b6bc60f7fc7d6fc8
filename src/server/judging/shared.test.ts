import { describe, expect, it } from 'vitest';
import { doorsInOrder } from '#core/plan/index';
import { judge, summarise } from '#core/verdict/index';
import { siteOf } from '../../../core/specimens/site';
import { mustApply } from '../../../core/specimens/doors';
import { judges } from './shared';

/** The real thread, as the server begins it. */
describe('the thread that judges', () => {
  const plan = siteOf({ doors: 4 });

  it('is one a process', () => {
    expect(judges()).toBe(judges());
  });
  it('comes to the same as judging here, also after a change', async () => {
    const settled = async (at: typeof plan) => {
      while (judges().summaries(at).length < 4) await judges().more(at, 1000);
      expect(judges().summaries(at)).toEqual(doorsInOrder(at).map(({ id }) => summarise(at, id)));
    };
    await settled(plan);
    const wire = Object.keys(plan.conductors).find((id) => id.startsWith('D002/'))!;
    const after = mustApply(plan, { kind: 'disconnect', id: wire });
    await settled(after);
    await expect(judges().verdict(after, 'D002', 600_000)).resolves.toEqual(judge(after, 'D002'));
  }, 600_000);
  it('holds nobody up while it works', async () => {
    const large = { ...siteOf({ doors: 30 }), site: { ...plan.site, id: 'large' } };
    judges().summaries(large);
    await new Promise((resolve) => setTimeout(resolve, 5));
    // The thread beside this one is at it; this one is free before the first few are known.
    expect(judges().summaries(large).length).toBeLessThan(30);
    judges().forget('large');
  });
});
