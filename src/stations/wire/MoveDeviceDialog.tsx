import { useState } from 'react';
import { moveDevice } from '#core/door/moveDevice';
import { doorsInOrder, wiresOn, type Device } from '#core/plan/index';
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
  const where = to === null ? '' : to === SITE ? 'the site' : to;
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={`Move ${device.tag}`}
      description={`Its settings, its memory and ${wires === 1 ? 'the wire' : `all ${wires} wires`} on it go along; wires keep the numbers of the door that they were laid for.`}
    >
      <form
        className={css['form']}
        onSubmit={(event) => {
          event.preventDefault();
          if (to === null) return;
          const { edit, tag } = moveDevice(plan, device.id, to === SITE ? null : to);
          const said = `${device.tag} is at ${where} now${tag === device.tag ? '' : `, as ${tag}`}.`;
          if (dispatch(edit, `move ${device.tag} to ${where}`, said)) onOpenChange(false);
        }}
      >
        <SelectField
          label="To"
          value={to ?? 'none'}
          onChange={(event) => setTo(event.target.value === 'none' ? null : event.target.value)}
          autoFocus
        >
          <option value="none">Choose a door…</option>
          {device.door !== null && <option value={SITE}>The site: it belongs to no door</option>}
          {doorsInOrder(plan)
            .filter(({ id }) => id !== device.door)
            .map(({ id, name }) => (
              <option key={id} value={id}>
                {id} {name}
              </option>
            ))}
        </SelectField>
        <Button type="submit" look="main" disabled={to === null}>
          Move it
        </Button>
      </form>
    </Dialog>
  );
}
