import { conductorsOf, devicesOf, wiresOn, type Door, type DoorId, type Plan } from '#core/plan/index';
import { say } from '#words/parts/RemoveDoor';
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
  return said.length > 1 ? say.and(said.slice(0, -1).join(', '), said.at(-1)) : (said[0] ?? '');
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
    const said = say.removed(door.id, along);
    if (!dispatch({ kind: 'removeDoor', id: door.id }, say.remove(door.id), said)) return;
    onOpenChange(false);
    onRemoved?.();
  };
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={say.remove2(door.id, door.name)}
      description={along ? say.goUndoBringsEverything(along, door.id) : say.nothingPlannedYetUndo}
    >
      <p className={css['acts']}>
        <Button data-first onClick={() => onOpenChange(false)}>
          {say.keepIt}
        </Button>
        <Button look="main" onClick={remove}>
          {say.remove3(door.id)}
        </Button>
      </p>
    </Dialog>
  );
}
