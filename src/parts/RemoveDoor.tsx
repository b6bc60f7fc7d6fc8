import { conductorsOf, devicesOf, wiresOn, type Door, type DoorId, type Plan } from '#core/plan/index';
import { Button } from '../ui/Button';
import { Dialog } from '../ui/Dialog';
import { useDispatch, usePlan } from '../store/context';
import css from './RemoveDoor.module.css';

/** What goes with a door, in words: `6 devices, 18 wires and 31 readings`. */
function goesWith(plan: Plan, door: DoorId): string {
  const wires = new Set(conductorsOf(plan, door));
  for (const { id } of devicesOf(plan, door)) for (const wire of wiresOn(plan, id)) wires.add(wire);
  const readings = Object.values(plan.readings).filter((reading) => reading.door === door).length;
  const parts = [
    [devicesOf(plan, door).length, 'device'],
    [wires.size, 'wire'],
    [readings, 'reading'],
  ] as const;
  const said = parts.filter(([n]) => n > 0).map(([n, what]) => `${n} ${what}${n === 1 ? '' : 's'}`);
  return said.length > 1 ? `${said.slice(0, -1).join(', ')} and ${said.at(-1)}` : (said[0] ?? '');
}

/** Takes the door out with all that belongs to it, once somebody has read what that is. */
export function RemoveDoorDialog({
  door,
  open,
  onOpenChange,
  onRemoved,
}: {
  door: Door;
  open: boolean;
  onOpenChange(open: boolean): void;
  onRemoved?(): void;
}) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const along = goesWith(plan, door.id);
  const remove = () => {
    const said = `${door.id} removed${along ? ` with ${along}` : ''}.`;
    if (!dispatch({ kind: 'removeDoor', id: door.id }, `remove ${door.id}`, said)) return;
    onOpenChange(false);
    onRemoved?.();
  };
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={`Remove ${door.id}${door.name ? ` ${door.name}` : ''}?`}
      description={
        along
          ? `${along} of ${door.id} go with it. Undo brings everything back.`
          : 'Nothing is planned at it yet. Undo brings it back.'
      }
    >
      <p className={css['acts']}>
        <Button data-first onClick={() => onOpenChange(false)}>
          Keep it
        </Button>
        <Button look="main" onClick={remove}>
          Remove {door.id}
        </Button>
      </p>
    </Dialog>
  );
}
