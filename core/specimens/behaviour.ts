import type { CheckContext } from '../checks/index';

/** What a door does, a line a situation: locks, ways out, alarms. */
export const behaviour = ({ proof }: Pick<CheckContext, 'proof'>): string =>
  proof.rows
    .map(({ situation, locks, cells, alarms }) => {
      const ways = cells.inside.works.map((means) => ('tag' in means ? means.tag : means.kind));
      return [situation, ...locks.map(({ hold }) => hold), ...ways, ...alarms].join(' ');
    })
    .join('\n');
