import { useEffect, useRef } from 'react';
import type { Cause } from '#core/causes/index';
import type { Finding } from '#core/checks/index';
import { changeWords, repairWords, triedWords } from '#words/causes';
import { findingTitle } from '#words/findings/index';
import { say } from '#words/app/frame/CauseCard';
import { Button } from '../../ui/Button';
import { useHighlight, useNavigate } from '../../parts/navigation';
import { useProposal } from '../../parts/proposal';
import { useDispatch, usePlan } from '../../store/context';
import css from './CauseCard.module.css';

/** What a change is drawn on: a wire, or the device whose setting it is. */
const subjectOf = ({ repair }: Cause): string | null => {
  const [change] = repair.changes;
  if (change?.kind === 'move' || change?.kind === 'take-out') return change.wire;
  if (change?.kind === 'exchange') return change.one.wire;
  if (change?.kind === 'set') return change.device;
  return null;
};

/** True where wires change: a setting is not drawn on a loop. */
const isDrawn = ({ repair }: Cause): boolean =>
  repair.changes.some(({ kind }) => kind !== 'set' && kind !== 'remedy');

interface Props {
  readonly cause: Cause;
  readonly door: string;
  /** What stands against the door in all, by keys of findings and cells. */
  readonly all: number;
  /** Findings that are gone with it. */
  readonly consequences: readonly Finding[];
  /** Asked once it stands: true where the focus was on a note that it has taken the place of. */
  takeFocus?(): boolean;
}

/** One card a cause: what is wrong, what was proven of its repair, what else comes of it, and one button. */
export function CauseCard({ cause, door, all, consequences, takeFocus }: Props) {
  const card = useRef<HTMLElement>(null);
  useEffect(() => {
    if (takeFocus?.()) card.current?.focus();
    // Only when it comes: later the focus is the reader’s own.
  }, []);
  const plan = usePlan();
  const dispatch = useDispatch();
  const go = useNavigate();
  const { point } = useHighlight();
  const proposal = useProposal();
  const words = repairWords(plan, door, cause.repair);
  const shown = proposal.cause === cause;
  const subject = subjectOf(cause);
  const cells = cause.clears.filter((key) => key.startsWith('cell ')).length;
  const show = () => {
    proposal.show(shown ? null : cause);
    if (!shown) go({ kind: 'door', door, station: 'wire' });
  };
  return (
    <article
      ref={card}
      className={css['card']}
      data-cause
      data-finding="cause"
      tabIndex={-1}
      onMouseEnter={() => point(subject)}
      onMouseLeave={() => point(null)}
      onFocus={() => point(subject)}
      onBlur={() => point(null)}
    >
      {cause.repair.changes.length === 1 ? (
        <h3>
          <span className="hush">{say.cause} </span>
          {words.title}
        </h3>
      ) : (
        <>
          <h3>{say.thingsTogether(cause.repair.changes.length)}</h3>
          <ol>
            {cause.repair.changes.map((change, index) => {
              const { title, act } = changeWords(plan, door, change);
              return (
                <li key={index}>
                  {title} <em>{act}.</em>
                </li>
              );
            })}
          </ol>
        </>
      )}
      <p>{triedWords(cause, all)}</p>
      <p className={css['acts']}>
        <Button size="s" look="stop" onClick={() => dispatch(cause.repair.edit, words.act.toLowerCase())}>
          {words.act}
        </Button>
        {isDrawn(cause) && (
          <button type="button" className={css['link']} aria-pressed={shown} onClick={show}>
            {shown ? say.hideIt : say.showOnTheLoop}
          </button>
        )}
      </p>
      {(consequences.length > 0 || cells > 0) && (
        <details className={css['more']}>
          <summary>{say.ofIt(consequences.length)}</summary>
          <ul>
            {consequences.map((finding, index) => (
              <li key={index}>{findingTitle(finding)}</li>
            ))}
            {cells > 0 && <li>{say.ofTheProof(cells)}</li>}
          </ul>
        </details>
      )}
      {cause.also.map((repair, index) => {
        const other = repairWords(plan, door, repair);
        return (
          <div key={index} className={css['also']}>
            <p>
              <b>{say.alsoPossible}</b> {other.title}
            </p>
            <Button size="s" onClick={() => dispatch(repair.edit, other.act.toLowerCase())}>
              {other.act}
            </Button>
          </div>
        );
      })}
    </article>
  );
}
