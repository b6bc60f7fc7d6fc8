import { type Conductor, deviceOf, findTypeIn, pinOf } from '../../plan/index';
import type { CheckContext } from '../context';
import { SCREEN_WANTED } from './screenWanted';
import { worksCoil } from './worksCoil';

/** What a conductor carries, by the terminals it lands on. */
export function carriedBy({ plan }: Pick<CheckContext, 'plan'>, wire: Conductor): string | null {
  // A relay's own wire may land on an intercom's common: it carries no speech for that.
  if (worksCoil(plan, wire)) return null;
  for (const end of [wire.from, wire.to]) {
    const type = findTypeIn(plan, plan.devices[deviceOf(end)]?.type ?? '');
    const carries = type?.terminals.find(({ id }) => id === pinOf(end))?.carries;
    if (carries && SCREEN_WANTED.has(carries)) return carries;
  }
  return null;
}
