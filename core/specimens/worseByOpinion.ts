import { opinionsOf } from '../independent/opinion';
import type { DoorId, Plan } from '../plan/index';

/** Situations in which a door must stay shut to bare hands outside, unless something there is wrong already. */
const SHUT: ReadonlySet<string> = new Set([
  'rest',
  'mains-off',
  'power-back',
  'controller-dead',
  'other-door',
]);

/**
 * What a change makes worse by the independent reading, which knows nothing of proof or checks: situations in which the door stands open to
 * bare hands that was shut, or in which people inside had a way out, or left freely, and no longer do.
 */
export function worseByOpinion(before: Plan, after: Plan, door: DoorId): string[] {
  const was = opinionsOf(before, door);
  return [...opinionsOf(after, door)].flatMap(([asked, now]): string[] => {
    const then = was.get(asked);
    if (!then || !now) return [];
    return [
      ...(SHUT.has(asked) && now.opensOutside && !then.opensOutside ? [`${asked}: opens`] : []),
      ...(then.wayOut && !now.wayOut ? [`${asked}: no way out`] : []),
      ...(asked === 'fire' && then.freeInside && !now.freeInside ? [`${asked}: held`] : []),
    ];
  });
}
