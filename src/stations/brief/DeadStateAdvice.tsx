import { useState } from 'react';
import { recommendDeadState, type DeadStateOption } from '#core/brief/index';
import { type Door } from '#core/plan/index';
import { QUESTIONS, REASONS } from '#words/brief';
import { STATE_NAMES, STATE_SENTENCES } from '#words/deadStates';
import { say } from '#words/stations/brief/DeadStateAdvice';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { DeadStateGlyph } from '../../ui/glyphs';
import { cx } from '../../ui/cx';
import { useNavigate } from '../../parts/navigation';
import { storedName } from '../../parts/settings';
import { useDispatch } from '../../store/context';
import css from './BriefStation.module.css';

export function DeadStateAdvice({ door }: { door: Door }) {
  const advice = recommendDeadState(door.brief);
  const go = useNavigate();
  return (
    <section className={css['advice']} aria-label={say.deadState}>
      <h2>{say.deadState}</h2>
      {advice.ok ? (
        <>
          {advice.options.map((option) => (
            <Option key={option.state} door={door} option={option} />
          ))}
          {door.deadState && (
            <Button look="main" onClick={() => go({ kind: 'door', door: door.id, station: 'wire' })}>
              {say.chooseHardware}
            </Button>
          )}
        </>
      ) : (
        <p className={css['open']}>
          {say.stillOpen(
            advice.missing
              .map((question) => QUESTIONS[question].label.replace('?', '').toLowerCase())
              .join('; '),
          )}
        </p>
      )}
    </section>
  );
}

const LABELS = { recommended: say.recommended, reason: say.possible } as const;

function Option({ door, option }: { door: Door; option: DeadStateOption }) {
  const dispatch = useDispatch();
  const [reason, setReason] = useState('');
  const [asking, setAsking] = useState(false);
  const chosen = door.deadState?.state === option.state;
  const choose = (overrideReason: string | null) => {
    const deadState = { state: option.state, overrideReason, by: storedName() };
    if (dispatch({ kind: 'setDoor', id: door.id, patch: { deadState } }, say.choose(option.state)))
      setAsking(false);
  };
  return (
    <article className={cx(css['option'], css[option.allowed], chosen && css['chosen'])}>
      <header>
        <DeadStateGlyph state={option.state} />
        <h3>
          {STATE_NAMES[option.state]}: {STATE_SENTENCES[option.state]}
        </h3>
        <span className={css['badge']}>
          {option.allowed === 'stop'
            ? chosen
              ? say.chosenStop
              : say.stop
            : chosen
              ? say.chosen
              : LABELS[option.allowed]}
        </span>
      </header>
      <ul>
        {option.reasons.map((one) => (
          <li key={one}>{REASONS[one]}</li>
        ))}
      </ul>
      {chosen && door.deadState?.overrideReason && (
        <p className={css['kept']}>{say.reasonKept(door.deadState.overrideReason)}</p>
      )}
      {!chosen && option.allowed === 'recommended' && (
        <Button look="main" onClick={() => choose(null)}>
          {say.choose2(option.state)}
        </Button>
      )}
      {!chosen && option.allowed === 'reason' && !asking && (
        <Button onClick={() => setAsking(true)}>{say.chooseItAllTheSame}</Button>
      )}
      {option.allowed === 'stop' && <p className={css['never']}>{say.mustNotBuiltFit}</p>}
      {asking && !chosen && (
        <form
          className={css['reason']}
          onSubmit={(event) => {
            event.preventDefault();
            if (reason.trim().length >= 5) choose(reason.trim());
          }}
        >
          <TextField
            label={say.whyAgainstTheRecommendation}
            hint={say.keptDoorStandsPack}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            error={reason !== '' && reason.trim().length < 5 ? say.aFewWordsAtLeast : null}
            autoFocus
          />
          <Button type="submit" disabled={reason.trim().length < 5}>
            {say.chooseAndKeepTheReason(option.state)}
          </Button>
        </form>
      )}
    </article>
  );
}
