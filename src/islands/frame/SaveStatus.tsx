import { useState } from 'react';
import { admit } from '#core/admission/index';
import { editWords, typedWords, whyWords } from '#words/index';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { Dialog } from '../../ui/Dialog';
import { useSite, useStore } from '../store/context';
import type { SaveStatus as Status } from '../store/siteStore';
import css from './SaveStatus.module.css';

const WORDS: Record<Status, string> = {
  saved: 'Saved',
  saving: 'Saving…',
  offline: 'Not saved: no server',
  trouble: 'Not saved: trouble there',
  'signed-out': 'Not saved: sign in',
  gone: 'Not saved: site gone',
};
const UNWELL: ReadonlySet<Status> = new Set(['offline', 'trouble', 'signed-out', 'gone']);

/** Whether what was typed is kept, and what could not be: it stays here until somebody decides. */
export function SaveStatus() {
  const store = useStore();
  const { plan, status, aside } = useSite();
  const [open, setOpen] = useState(false);
  return (
    <>
      <span className={cx(css['save'], UNWELL.has(status) && css['unwell'])} role="status">
        {/* What stands aside says enough: the bar has no room for both. */}
        {aside.length > 0 && !UNWELL.has(status) ? '' : WORDS[status]}
      </span>
      {status === 'signed-out' && (
        <a className={css['chip']} href="/sign-in" target="_blank" rel="noreferrer">
          Sign in
        </a>
      )}
      {aside.length > 0 && (
        <button type="button" className={css['chip']} onClick={() => setOpen(true)}>
          Not saved: {aside.length}
        </button>
      )}
      <Dialog
        open={open && aside.length > 0}
        onOpenChange={setOpen}
        title="Changes that could not be saved"
        description="Each is kept in this tab until you try it again or let it go. Everything else was saved."
      >
        <ul className={css['list']}>
          {aside.map(({ id, edit, why }) => {
            // What would be refused again is only offered for keeping elsewhere: its text stands here.
            const fits = open && admit(plan, edit).ok;
            const typed = typedWords(edit);
            return (
              <li key={id}>
                <b>{editWords(edit)}</b>
                <p>{whyWords(why)}</p>
                {typed.length > 0 && (
                  <ul className={css['typed']} tabIndex={0} aria-label="What was typed">
                    {typed.map((line, index) => (
                      <li key={index}>{line}</li>
                    ))}
                  </ul>
                )}
                {!fits && (
                  <p className={css['hint']}>
                    As the site stands it would be refused again. Put right what it names first, or note the
                    text down and let it go.
                  </p>
                )}
                <p className={css['acts']}>
                  <Button size="s" look={fits ? 'main' : 'plain'} onClick={() => store.tryAgain(id)}>
                    Try again
                  </Button>
                  <Button size="s" look={fits ? 'quiet' : 'plain'} onClick={() => store.letGo(id)}>
                    Let it go
                  </Button>
                </p>
              </li>
            );
          })}
        </ul>
      </Dialog>
    </>
  );
}
