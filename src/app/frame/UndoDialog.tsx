import { differenceWords } from '#words/edits';
import { say } from '#words/app/frame/UndoDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { useSite, useStore } from '../../store/context';
import css from './SaveStatus.module.css';

/** Before an undo replaces what somebody else has changed since, it says what that is. */
export function UndoDialog() {
  const store = useStore();
  const { asking } = useSite();
  const verb = asking?.which === 'redo' ? say.redo : say.undo;
  return (
    <Dialog
      open={asking !== null}
      onOpenChange={(open) => !open && store.leaveAsking()}
      title={`${verb} “${asking?.label ?? ''}”?`}
      description={say.sinceThenSomebodyElse}
    >
      <ul className={css['lines']}>
        {asking?.overwrites.flatMap(differenceWords).map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <p className={css['acts']}>
        <Button look="main" data-first onClick={() => store.leaveAsking()}>
          {say.leaveIt}
        </Button>
        <Button look="stop" onClick={() => (asking?.which === 'redo' ? store.redo(true) : store.undo(true))}>
          {say.allTheSame(verb)}
        </Button>
      </p>
    </Dialog>
  );
}
