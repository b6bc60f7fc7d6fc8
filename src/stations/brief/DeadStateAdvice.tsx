import { useState } from 'react';
import { recommendDeadState, type DeadStateOption } from '#core/brief/index';
import { type Door } from '#core/plan/index';
import { QUESTIONS, REASONS } from '#words/brief';
import { STATE_NAMES, STATE_SENTENCES } from '#words/deadStates';
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
    <section className={css['advice']} aria-label="Dead state">
      <h2>Dead state</h2>
      {advice.ok ? (
        <>
          {advice.options.map((option) => (
            <Option key={option.state} door={door} option={option} />
          ))}
          {door.deadState && (
            <Button look="main" onClick={() => go({ kind: 'door', door: door.id, station: 'wire' })}>
              Choose hardware
            </Button>
          )}
        </>
      ) : (
        <p className={css['open']}>
          Still open:{' '}
          {advice.missing
            .map((question) => QUESTIONS[question].label.replace('?', '').toLowerCase())
            .join('; ')}
          .
        </p>
      )}
    </section>
  );
}

const LABELS = { recommended: 'Recommended', reason: 'Possible' } as const;

function Option({ door, option }: { door: Door; option: DeadStateOption }) {
  const dispatch = useDispatch();
  const [reason, setReason] = useState('');
  const [asking, setAsking] = useState(false);
  const chosen = door.deadState?.state === option.state;
  const choose = (overrideReason: string | null) => {
    const deadState = { state: option.state, overrideReason, by: storedName() };
    if (dispatch({ kind: 'setDoor', id: door.id, patch: { deadState } }, `choose ${option.state}`))
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
              ? 'Chosen: stop'
              : 'Stop'
            : chosen
              ? 'Chosen'
              : LABELS[option.allowed]}
        </span>
      </header>
      <ul>
        {option.reasons.map((one) => (
          <li key={one}>{REASONS[one]}</li>
        ))}
      </ul>
      {chosen && door.deadState?.overrideReason && (
        <p className={css['kept']}>Reason kept: {door.deadState.overrideReason}</p>
      )}
      {!chosen && option.allowed === 'recommended' && (
        <Button look="main" onClick={() => choose(null)}>
          Choose {option.state}
        </Button>
      )}
      {!chosen && option.allowed === 'reason' && !asking && (
        <Button onClick={() => setAsking(true)}>Choose it all the same…</Button>
      )}
      {option.allowed === 'stop' && (
        <p className={css['never']}>This must not be built. Fit a lever or bar first.</p>
      )}
      {asking && !chosen && (
        <form
          className={css['reason']}
          onSubmit={(event) => {
            event.preventDefault();
            if (reason.trim().length >= 5) choose(reason.trim());
          }}
        >
          <TextField
            label="Why against the recommendation?"
            hint="It is kept with the door and stands in the pack."
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            error={reason !== '' && reason.trim().length < 5 ? 'A few words at least.' : null}
            autoFocus
          />
          <Button type="submit" disabled={reason.trim().length < 5}>
            Choose {option.state} and keep the reason
          </Button>
        </form>
      )}
    </article>
  );
}
