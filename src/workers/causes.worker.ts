import '#core/devices/library/index';
import { searchCauses } from '#core/causes/index';
import type { CausesAnswer, CausesRequest } from './protocol';

/** Looks for the causes of what stands against a door: up to some seconds, and ended from outside by a newer change. */
self.addEventListener('message', ({ data: { version, plan, door } }: MessageEvent<CausesRequest>) => {
  self.postMessage({ version, report: searchCauses(plan, door) } satisfies CausesAnswer);
});
