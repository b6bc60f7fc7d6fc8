import { typeChanges, type DeviceType } from '#core/devices/index';
import { applyEdit, changeType, deviceOf, pinOf, typeIn, type Device } from '#core/plan/index';
import { refusalWords } from '#words/problems';
import { typeChangeWords } from '#words/devices';
import { say } from '#words/stations/wire/TypeUpdateDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { useDispatch, usePlan } from '../../store/context';
import css from './CatalogueDialog.module.css';

interface Props {
  readonly device: Device;
  readonly newer: DeviceType;
  readonly open: boolean;
  onOpenChange(open: boolean): void;
}

/** What a newer version of a device's type changes here, before it is taken. */
export function TypeUpdateDialog({ device, newer, open, onOpenChange }: Props) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const { edit, lost } = changeType(device, newer);
  const tried = open ? applyEdit(plan, edit) : null;
  const pins = new Set(newer.terminals.map(({ id }) => id));
  const hanging = Object.values(plan.conductors).filter(({ from, to }) =>
    [from, to].some((end) => deviceOf(end) === device.id && !pins.has(pinOf(end))),
  );
  const changes = typeChanges(typeIn(plan, device), newer).map(typeChangeWords);
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={say.versionOf(device.tag, newer.version, newer.name)}
    >
      <ul>
        {(changes.length > 0 ? changes : [say.nothingThatTheCircuitSees]).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {lost.length > 0 && <p>{say.backNewVersionDelivered(lost.join(', '), lost.length)}</p>}
      {tried && !tried.ok && (
        <p role="alert" className={css['fault']}>
          {refusalWords(tried.refusal)}{' '}
          {hanging.length > 0 &&
            say.moveFirstNothingWasChanged(hanging.map(({ number }) => number).join(', '))}
        </p>
      )}
      <Button
        look="main"
        disabled={tried?.ok !== true}
        onClick={() => dispatch(edit, say.update(device.tag)) && onOpenChange(false)}
      >
        {say.update2(device.tag)}
      </Button>
    </Dialog>
  );
}
