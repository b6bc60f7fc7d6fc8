import { editWords, typedWords } from '#words/edits';
import { whyWords } from '#words/saving';
import { say } from '#words/app/frame/AsideDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { useSite, useStore } from '../../store/context';
import css from './SaveStatus.module.css';

/** What could not be kept, with why: it stays here until somebody decides. */
export function AsideDialog({ onClose }: { onClose(): void }) {
  const store = useStore();
  const { aside } = useSite();
  return (
    <Dialog
      open={aside.length > 0}
      onOpenChange={(open) => !open && onClose()}
      title={say.changesCouldNotSaved}
      description={say.eachKeptTabUntil}
    >
      <ul className={css['list']}>
        {aside.map(({ id, edit, why }) => {
          // What would be refused again is only offered for keeping elsewhere: its text stands here.
          const fits = store.fits(edit);
          const typed = typedWords(edit);
          return (
            <li key={id}>
              <b>{editWords(edit)}</b>
              <p>{whyWords(why)}</p>
              {typed.length > 0 && (
                <ul className={css['typed']} tabIndex={0} aria-label={say.whatWasTyped}>
                  {typed.map((line, index) => (
                    <li key={index}>{line}</li>
                  ))}
                </ul>
              )}
              {!fits && <p className={css['hint']}>{say.siteStandsWouldRefused}</p>}
              <p className={css['acts']}>
                <Button size="s" look={fits ? 'main' : 'plain'} onClick={() => store.tryAgain(id)}>
                  {say.tryAgain}
                </Button>
                <Button size="s" look={fits ? 'quiet' : 'plain'} onClick={() => store.letGo(id)}>
                  {say.letItGo}
                </Button>
              </p>
            </li>
          );
        })}
      </ul>
    </Dialog>
  );
}
