import { useEffect, useRef, useState } from 'react';
import type { Finding } from '#core/checks/index';
import { findingKey, toPutRight } from '#core/checks/findingKey';
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
  WHAT_HAPPENS,
} from '#words/findings/index';
import { unexplainedWords } from '#words/causes';
import { say } from '#words/app/frame/VerdictMargin';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { useHighlight, useNavigate } from '../../parts/navigation';
import { useDispatch } from '../../store/context';
import { useIncomplete } from '../../parts/rescue';
import type { Causes } from '../../store/useCauses';
import type { CauseCard as Card } from './CauseCard';
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
            {say.why}
          </button>
        </p>
      )}
      {finding.behind && <p className={css['basis']}>{say.showsOnceOtherFinding}</p>}
      {why && (
        <p className={css['basis']}>
          {finding.severity !== 'sound' && `${WHAT_HAPPENS[finding.family]} `}
          {SEVERITY_NAMES[finding.severity]} · {FAMILY_NAMES[finding.family]} · {BASIS_NAMES[finding.basis]}.{' '}
          <button
            type="button"
            className={css['why']}
            onClick={() => go({ kind: 'door', door, station: finding.station })}
          >
            {say.settleItAt(STATION_NAMES[finding.station])}
          </button>
        </p>
      )}
    </article>
  );
}

/** A note stays itself while others around it come and go: whoever reads it, or stands on its button, goes on. */
const noteKey = (finding: Finding, index: number, shown: readonly Finding[]): string => {
  const key = findingKey(finding);
  const before = shown.slice(0, index).filter((one) => findingKey(one) === key).length;
  return before === 0 ? key : `${key} ${before}`;
};

/** How the search for causes stands, where that is worth a line. */
function CauseSearch({ causes }: { causes: Causes }) {
  const words =
    causes.kind === 'stumbled'
      ? say.searchCausesStoppedUnexpectedly
      : causes.kind === 'found'
        ? unexplainedWords(causes.report)
        : '';
  return (
    <p className={css['search']} role="status">
      {words}
    </p>
  );
}

/** Verdicts as margin notes: worst first, what is sound last, and who really decides at the foot. */
export function VerdictMargin({
  verdict,
  causes,
  failure,
  door,
  version,
}: {
  verdict: DoorVerdict | null;
  causes: Causes;
  /** Why there is no verdict, where none can be had. */
  failure: string | null;
  door: string;
  version: number;
}) {
  const incomplete = useIncomplete();
  const findings = verdict?.findings ?? [];
  const open = findings.filter(toPutRight).length;
  // The card is fetched while the search runs: a door with nothing against it needs none.
  const [CauseCard, setCard] = useState<typeof Card | null>(null);
  const wanted = causes.kind !== 'none';
  useEffect(() => {
    if (wanted) void import('./CauseCard').then((it) => setCard(() => it.CauseCard));
  }, [wanted]);
  const found = causes.kind === 'found' && CauseCard ? causes.report : null;
  // What a cause brings about stands on its card; the rest stands by itself.
  const explained = new Set(found?.causes.flatMap(({ clears }) => clears));
  const isExplained = (finding: Finding) =>
    toPutRight(finding) && (explained.has(findingKey(finding)) || (finding.behind && explained.size > 0));
  // Whoever reads a note when it is folded into its cause goes on reading there.
  const within = useRef(false);
  const takeFocus = () => within.current && document.activeElement === document.body;
  const all = explained.size + (found?.unexplained.length ?? 0);
  return (
    <section className={css['margin']} aria-label={say.verdicts} data-verdict-version={version}>
      <h2>
        {say.verdicts}
        <span className={open > 0 || failure !== null ? css['bad'] : css['good']}>
          {failure !== null
            ? say.notJudged
            : !verdict
              ? ''
              : open > 0
                ? found && found.causes.length > 0
                  ? say.toSettle(found.causes.length, open)
                  : say.toSettle2(open, causes.kind === 'looking')
                : verdict.summary.begun
                  ? say.nothingToSettle
                  : ''}
        </span>
      </h2>
      <div
        data-focus-home
        tabIndex={-1}
        className={css['list']}
        onFocus={() => (within.current = true)}
        onBlur={({ relatedTarget }) => (within.current = relatedTarget === null && within.current)}
      >
        {CauseCard &&
          found?.causes.map((cause, index) => (
            <CauseCard
              key={index}
              cause={cause}
              door={door}
              all={all}
              {...(index === 0 ? { takeFocus } : {})}
              consequences={findings.filter(
                (one) => toPutRight(one) && cause.clears.includes(findingKey(one)),
              )}
            />
          ))}
        <CauseSearch causes={causes} />
        {findings
          .filter((finding) => !isExplained(finding))
          .map((finding, index, shown) => (
            <Note key={noteKey(finding, index, shown)} finding={finding} door={door} />
          ))}
        {failure !== null && (
          <p className={css['none']} role="alert">
            {say.doorCouldNotJudged(failure)}
            {!incomplete && say.otherDoorsAreNotTouched}
          </p>
        )}
        {verdict && findings.length === 0 && <p className={css['none']}>{say.nothingSayYetBrief}</p>}
      </div>
      <p className={css['law']}>{LAW}</p>
    </section>
  );
}
