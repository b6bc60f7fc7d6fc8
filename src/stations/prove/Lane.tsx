import { doorHold } from '#core/simulate/index';
import type { ProofRow } from '#core/prove/index';
import { formatSeconds } from '#core/units/index';
import { holdName } from '#words/situations';
import { say } from '#words/stations/prove/Lane';
import css from './Lane.module.css';

/** Shares of the width that the last stretch has, which does not end by itself. */
const TAIL = 0.2;

/** The lock over the time of a situation, from its beginning on, with the moment that breaks it marked. */
export function Lane({ row, breaks }: { row: ProofRow; breaks: number }) {
  const begins = { after: 0, hold: doorHold(row.locks) };
  const changes = [begins, ...row.later].filter(
    ({ hold }, index, all) => index === 0 || hold !== all[index - 1]!.hold,
  );
  const until = Math.max(breaks, changes.at(-1)!.after) / (1 - TAIL);
  const percent = (ms: number) => `${(100 * ms) / until}%`;
  const told = changes.map(({ after, hold }) => say.from(holdName(hold), formatSeconds(after))).join(', ');
  return (
    <figure className={css['lane']}>
      <figcaption className="hush">{say.theLockFromHereOn}</figcaption>
      <div className={css['track']} role="img" aria-label={say.theLock(told)}>
        {changes.map(({ after, hold }, index) => (
          <span
            key={after}
            data-hold={hold}
            style={{
              left: percent(after),
              width: percent((changes[index + 1]?.after ?? until) - after),
            }}
          >
            {holdName(hold)}
          </span>
        ))}
        <i style={{ left: percent(breaks) }} />
      </div>
      <div className={css['times']} aria-hidden>
        <span style={{ left: 0 }}>0 s</span>
        <span style={{ left: percent(breaks) }}>{formatSeconds(breaks)}</span>
      </div>
    </figure>
  );
}
