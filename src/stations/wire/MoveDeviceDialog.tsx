import { useState } from 'react';
import { moveDevice } from '#core/door/moveDevice';
import { doorsInOrder, wiresOn, type Device } from '#core/plan/index';
import { say } from '#words/stations/wire/MoveDeviceDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField } from '../../ui/Field';
import { useDispatch, usePlan } from '../../store/context';
import css from './ExchangeDialog.module.css';

const SITE = '';

/** Puts a device at another door: its wires stay on it. */
export function MoveDeviceDialog({
  device,
  open,
  onOpenChange,
}: {
  device: Device;
  open: boolean;
  onOpenChange(open: boolean): void;
}) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [to, setTo] = useState<string | null>(null);
  const wires = wiresOn(plan, device.id).length;
  const where = to === null ? '' : to === SITE ? say.theSite : to;
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={say.move(device.tag)}
      description={say.settingsMemoryGoAlong(wires)}
    >
      <form
        className={css['form']}
        onSubmit={(event) => {
          event.preventDefault();
          if (to === null) return;
          const { edit, tag } = moveDevice(plan, device.id, to === SITE ? null : to);
          const said = say.isAtNow(device.tag, where, tag);
          if (dispatch(edit, say.moveTo(device.tag, where), said)) onOpenChange(false);
        }}
      >
        <SelectField
          label={say.to}
          value={to ?? 'none'}
          onChange={(event) => setTo(event.target.value === 'none' ? null : event.target.value)}
          autoFocus
        >
          <option value="none">{say.chooseADoor}</option>
          {device.door !== null && <option value={SITE}>{say.siteBelongsNoDoor}</option>}
          {doorsInOrder(plan)
            .filter(({ id }) => id !== device.door)
            .map(({ id, name }) => (
              <option key={id} value={id}>
                {id} {name}
              </option>
            ))}
        </SelectField>
        <Button type="submit" look="main" disabled={to === null}>
          {say.moveIt}
        </Button>
      </form>
    </Dialog>
  );
}
