import type { Moment } from '#core/access/index';
import { say } from '#words/parts/moments/MomentFields';
import { TextField } from '../../ui/Field';
import { minutesOf, timeValue } from './minutes';

/** A day and a time by the clock on the wall of the site. */
export const MomentFields = ({ at, onChange }: { at: Moment; onChange(at: Moment): void }) => (
  <>
    <TextField
      label={say.day}
      type="date"
      value={at.day}
      onChange={({ target }) => target.value !== '' && onChange({ ...at, day: target.value })}
    />
    <TextField
      label={say.time}
      type="time"
      value={timeValue(at.minute)}
      onChange={({ target }) => {
        const minute = minutesOf(target.value);
        if (minute !== null) onChange({ ...at, minute });
      }}
    />
  </>
);
