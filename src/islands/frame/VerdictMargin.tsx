import { useState } from 'react';
import type { Finding } from '#core/checks/index';
import type { DoorVerdict } from '#core/verdict/index';
import {
  BASIS_NAMES,
  FAMILY_NAMES,
  findingReason,
  findingTitle,
  LAW,
  remedyName,
  SEVERITY_NAMES,
  STATION_NAMES,
} from '#words/findings/index';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { useHighlight, useNavigate } from '../navigation';
import { useDispatch } from '../store/context';
import css from './VerdictMargin.module.css';

function Note({ finding, door }: { finding: Finding; door: string }) {
  const [why, setWhy] = useState(false);
  const dispatch = useDispatch();
  const go = useNavigate();
  const { point } = useHighlight();
  const subject = finding.at.find(({ kind }) => kind !== 'door')?.id ?? null;
  const { remedy } = finding;
  const title = findingTitle(finding);
  return (
    <article
      className={cx(css['note'], css[finding.severity])}
      data-finding={finding.code}
      tabIndex={-1}
      onMouseEnter={() => point(subject)}
      onMouseLeave={() => point(null)}
      onFocus={() => point(subject)}
      onBlur={() => point(null)}
    >
      <h3>
        <span className="hush">{SEVERITY_NAMES[finding.severity]}: </span>
        {title}
      </h3>
      <p>{findingReason(finding)}</p>
      {(remedy || finding.severity !== 'sound') && (
        <p className={css['acts']}>
          {remedy && (
            <Button
              size="s"
              look={finding.severity === 'stop' ? 'stop' : 'main'}
              onClick={() => dispatch(remedy, title.toLowerCase())}
            >
              {remedyName(finding)}
            </Button>
          )}
          <button type="button" className={css['why']} aria-expanded={why} onClick={() => setWhy(!why)}>
            Why
          </button>
        </p>
      )}
      {finding.behind && (
        <p className={css['basis']}>Shows once the other finding in its way is put right.</p>
      )}
      {why && (
        <p className={css['basis']}>
          {SEVERITY_NAMES[finding.severity]} · {FAMILY_NAMES[finding.family]} · {BASIS_NAMES[finding.basis]}.{' '}
          <button
            type="button"
            className={css['why']}
            onClick={() => go({ kind: 'door', door, station: finding.station })}
          >
            Settle it at {STATION_NAMES[finding.station]}
          </button>
        </p>
      )}
    </article>
  );
}

/** Verdicts as margin notes: worst first, what is sound last, and who really decides at the foot. */
export function VerdictMargin({
  verdict,
  failure,
  door,
  version,
}: {
  verdict: DoorVerdict | null;
  /** Why there is no verdict, where none can be had. */
  failure: string | null;
  door: string;
  version: number;
}) {
  const findings = verdict?.findings ?? [];
  const open = findings.filter(({ severity }) => severity === 'stop' || severity === 'fix').length;
  return (
    <section className={css['margin']} aria-label="Verdicts" data-verdict-version={version}>
      <h2>
        Verdicts
        <span className={open > 0 || failure !== null ? css['bad'] : css['good']}>
          {failure !== null
            ? 'Not judged'
            : !verdict
              ? ''
              : open > 0
                ? `${open} to settle`
                : verdict.summary.begun
                  ? 'Nothing to settle'
                  : ''}
        </span>
      </h2>
      <div className={css['list']}>
        {findings.map((finding, index) => (
          <Note
            key={`${finding.code}-${finding.at[0]?.id ?? index}-${index}`}
            finding={finding}
            door={door}
          />
        ))}
        {failure !== null && (
          <p className={css['none']} role="alert">
            This door could not be judged: {failure}. Nothing is known about it, least of all that it is
            sound. Other doors are not touched.
          </p>
        )}
        {verdict && findings.length === 0 && (
          <p className={css['none']}>Nothing to say yet: brief the door, then choose its hardware.</p>
        )}
      </div>
      <p className={css['law']}>{LAW}</p>
    </section>
  );
}
