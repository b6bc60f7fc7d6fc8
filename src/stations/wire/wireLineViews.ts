import { lazily } from '../../parts/lazily';
import { whenStanding } from '../../parts/standing';

/** What a wire is typed and changed with: fetched behind the drawing, which is what people look at first. */
export const WireEntry = lazily(async () => {
  await whenStanding();
  return (await import('./WireEntry')).WireEntry;
});
export const WireBar = lazily(async () => (await import('./WireBar')).WireBar);
