import { format } from 'date-fns/format';
import { useState } from 'react';
import { readingsOf, type CheckItem } from '#core/commission/index';
import type { DoorId, Reading } from '#core/plan/index';
import { rangeWords, taskWords, valueWords } from '#words/checkTasks';
import { say } from '#words/stations/test/ReadingsDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';
import { storedName } from '../../parts/settings';
import { pointable, pointedHash } from '../../parts/pointedAt';
import { useDispatch, usePlan } from '../../store/context';
import css from './Readings.module.css';

/** Every reading of one check: who took it, with what, what was noted, and whether it counts. */
export function ReadingsDialog({
  door,
  item,
  open,
  onOpenChange,
}: {
  door: DoorId;
  item: CheckItem;
  open: boolean;
  onOpenChange(open: boolean): void;
}) {
  const plan = usePlan();
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={taskWords(item)}
      description={say.shouldReadReadingNever(item.unit === 'yes', rangeWords(item))}
    >
      <p>
        <a href={pointedHash({ kind: 'check', id: item.id })}>{say.linkToThisCheck}</a>
      </p>
      <ol className={css['list']}>
        {readingsOf(plan, door, item.id).map((reading) => (
          <OneReading key={reading.id} item={item} reading={reading} />
        ))}
      </ol>
    </Dialog>
  );
}

function OneReading({ item, reading }: { item: CheckItem; reading: Reading }) {
  const dispatch = useDispatch();
  const [note, setNote] = useState(reading.note);
  const [reason, setReason] = useState<string | null>(null);
  const { withdrawn } = reading;
  const set = (patch: Partial<Pick<Reading, 'note' | 'withdrawn'>>, label: string, said?: string) =>
    dispatch({ kind: 'setReading', id: reading.id, patch }, label, said);
  const withdraw = () => {
    const why = (reason ?? '').trim();
    if (why.length < 3) return;
    const by = storedName();
    if (
      set(
        { withdrawn: { by, at: new Date().toISOString(), reason: why } },
        say.withdrawAReading,
        say.readingWithdrawn,
      )
    )
      setReason(null);
  };
  return (
    <li className={withdrawn ? css['withdrawn'] : undefined} {...pointable('reading', reading.id)}>
      <p>
        <b>{valueWords(item.unit, reading.value)}</b> {reading.passed ? say.pass : say.outOfRange} ·{' '}
        {reading.by || say.noName} · {format(new Date(reading.at), 'd MMM yyyy HH:mm')} ·{' '}
        <a href={pointedHash({ kind: 'reading', id: reading.id })}>{say.link}</a>
      </p>
      {(reading.meter || reading.serial) && (
        <p className={css['with']}>
          {[reading.meter, reading.serial && say.no(reading.serial)].filter(Boolean).join(', ')}
        </p>
      )}
      {withdrawn && (
        <p className={css['why']}>
          {say.withdrawnOn(withdrawn.by, format(new Date(withdrawn.at), 'd MMM yyyy'), withdrawn.reason)}
        </p>
      )}
      <TextField
        label={say.note}
        value={note}
        maxLength={300}
        onChange={(event) => setNote(event.target.value)}
        onBlur={() => note.trim() !== reading.note && set({ note: note.trim() }, say.noteOnAReading)}
      />
      {withdrawn ? (
        <Button
          size="s"
          onClick={() => set({ withdrawn: null }, say.letAReadingCount, say.theReadingCountsAgain)}
        >
          {say.itCountsAfterAll}
        </Button>
      ) : reason === null ? (
        <Button size="s" onClick={() => setReason('')}>
          {say.withdrawIt}
        </Button>
      ) : (
        <form
          className={css['form']}
          onSubmit={(event) => {
            event.preventDefault();
            withdraw();
          }}
        >
          <TextField
            label={say.whyDoesItNotCount}
            value={reason}
            maxLength={300}
            autoFocus
            onChange={(event) => setReason(event.target.value)}
          />
          <Button type="submit" size="s" look="main" disabled={reason.trim().length < 3}>
            {say.withdrawIt2}
          </Button>
        </form>
      )}
    </li>
  );
}
