import { useState } from 'react';
import type { Door } from '#core/plan/index';
import type { Cell, Expectation, Side, SituationId } from '#core/prove/index';
import { expectationWords } from '#words/situations';
import { situationName } from '#words/situationNames';
import { say } from '#words/stations/prove/WantedForm';
import { Button } from '../../ui/Button';
import { ChoiceField, TextField } from '../../ui/Field';
import { storedName } from '../../parts/settings';
import { useDispatch } from '../../store/context';
import css from './ProveStation.module.css';

interface Props {
  readonly door: Door;
  readonly situation: SituationId;
  readonly side: Side;
  readonly cell: Cell;
  onDone(): void;
}

const WISHES: readonly Expectation[] = ['must', 'must-freely', 'must-not', 'may'];

/** Wants of one situation something else than follows from the brief; it needs a reason, and is kept with the door. */
export function WantedForm({ door, situation, side, cell, onDone }: Props) {
  const dispatch = useDispatch();
  const [wanted, setWanted] = useState<Expectation>(cell.expectation);
  const [reason, setReason] = useState(cell.adjusted?.reason ?? '');
  const [error, setError] = useState<string>();
  const others = door.expectations.filter((one) => one.situation !== situation || one.side !== side);
  const keep = (expectations: Door['expectations'], label: string) => {
    if (dispatch({ kind: 'setDoor', id: door.id, patch: { expectations } }, label)) onDone();
  };
  const name = say.from(situationName(situation), side);
  return (
    <form
      className={css['wanted']}
      aria-label={say.whatIsWanted(name)}
      onSubmit={(event) => {
        event.preventDefault();
        if (reason.trim() === '') setError(say.sayWhyStandsBeside);
        else
          keep(
            [...others, { situation, side, wanted, reason: reason.trim(), by: storedName() }],
            say.wantSomethingElseSituation,
          );
      }}
    >
      <ChoiceField<Expectation>
        label={say.whatMustBeSo}
        value={wanted}
        options={WISHES.map((value) => ({ value, label: expectationWords(value, side) }))}
        onChange={setWanted}
      />
      <TextField
        label={say.why}
        hint={say.askingLessWayOut}
        error={error}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
      />
      <div className={css['acts']}>
        <Button type="submit" look="main">
          {say.keep}
        </Button>
        {cell.adjusted && (
          <Button onClick={() => keep(others, say.wantFollowsBrief)}>{say.asTheBriefLeadsTo}</Button>
        )}
        <Button look="quiet" onClick={onDone}>
          {say.cancel}
        </Button>
      </div>
    </form>
  );
}
