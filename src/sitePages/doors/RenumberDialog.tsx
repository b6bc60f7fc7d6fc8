import { useState } from 'react';
import { renumberDoor } from '#core/door/renumberDoor';
import { applyEdit, findIn, type Door } from '#core/plan/index';
import { refusalWords } from '#words/problems';
import { say } from '#words/sitePages/doors/RenumberDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';
import { useDispatch, usePlan, useStore } from '../../store/context';
import css from './Doors.module.css';

/** Another number for a door: everything of it goes along. */
export function RenumberDialog({
  door,
  open,
  onOpenChange,
}: {
  door: Door;
  open: boolean;
  onOpenChange(open: boolean): void;
}) {
  const plan = usePlan();
  const store = useStore();
  const dispatch = useDispatch();
  const [text, setText] = useState(door.id);
  const wish = text.trim();
  // Once it is done there is no door under the old number any more.
  const there = findIn(plan.doors, door.id) !== undefined;
  const edit = wish === '' || wish === door.id || !there ? null : renumberDoor(plan, door.id, wish);
  const why =
    edit === null
      ? null
      : findIn(plan.doors, wish)
        ? say.thereIsADoorAlready(wish)
        : store.fits(edit)
          ? null
          : problemOf(edit);
  function problemOf(asked: NonNullable<typeof edit>): string {
    const result = applyEdit(plan, asked);
    return result.ok ? say.numberMadeLettersDigits : refusalWords(result.refusal);
  }
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={say.anotherNumberFor(door.id)}
      description={say.devicesWiresCablesPeople}
    >
      <form
        className={css['form']}
        onSubmit={(event) => {
          event.preventDefault();
          if (edit === null || why !== null) return;
          if (dispatch(edit, say.renumber(door.id), say.isNow(door.id, wish))) onOpenChange(false);
        }}
      >
        <TextField
          label={say.number}
          value={text}
          maxLength={60}
          error={why}
          onChange={(event) => setText(event.target.value)}
          autoFocus
        />
        <Button type="submit" look="main" disabled={edit === null || why !== null}>
          {say.renumber2}
        </Button>
      </form>
    </Dialog>
  );
}
