import fc from 'fast-check';
import { expect, it } from 'vitest';
import { gone, ONE_EACH } from './people';

it('nobody is lost or made up, whoever goes through and however often', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom('inside' as const, 'outside' as const)), (ways) => {
      let now = ONE_EACH;
      for (const from of ways) {
        const next = gone(now, from);
        expect(next.inside + next.outside).toBe(2);
        expect(Math.min(next.inside, next.outside)).toBeGreaterThanOrEqual(0);
        expect(next[from]).toBe(Math.max(0, now[from] - 1));
        now = next;
      }
    }),
  );
});
