import { useState } from 'react';
import { say } from '#words/stations/test/MeterDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';
import { storeMeter, type Meter } from '../../parts/settings';
import css from './Readings.module.css';

/** Which meter readings are taken with: it stands with each of them from now on. */
export function MeterDialog({
  meter,
  open,
  onOpenChange,
  onKeep,
}: {
  meter: Meter;
  open: boolean;
  onOpenChange(open: boolean): void;
  onKeep(meter: Meter): void;
}) {
  const [draft, setDraft] = useState(meter);
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={say.meter}
      description={say.keptBrowserEveryReading}
    >
      <form
        className={css['form']}
        onSubmit={(event) => {
          event.preventDefault();
          const kept = { meter: draft.meter.trim(), serial: draft.serial.trim() };
          storeMeter(kept);
          onKeep(kept);
          onOpenChange(false);
        }}
      >
        <TextField
          label={say.meter}
          hint={say.kindNameStands}
          value={draft.meter}
          maxLength={120}
          autoFocus
          onChange={(event) => setDraft({ ...draft, meter: event.target.value })}
        />
        <TextField
          label={say.serialNumber}
          value={draft.serial}
          maxLength={120}
          onChange={(event) => setDraft({ ...draft, serial: event.target.value })}
        />
        <Button type="submit" look="main">
          {say.keepIt}
        </Button>
      </form>
    </Dialog>
  );
}
