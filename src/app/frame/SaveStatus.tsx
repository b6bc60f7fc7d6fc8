import { lazy, Suspense, useState } from 'react';
import { say } from '#words/app/frame/SaveStatus';
import { cx } from '../../ui/cx';
import { useSite } from '../../store/context';
import type { SaveStatus as Status } from '../../store/siteState';
import css from './SaveStatus.module.css';

const AsideDialog = lazy(async () => ({ default: (await import('./AsideDialog')).AsideDialog }));

const WORDS: Record<Status, string> = {
  saved: say.saved,
  saving: say.saving,
  offline: say.notSentYet,
  trouble: say.notSavedTroubleThere,
  'signed-out': say.notSavedSignIn,
  gone: say.notSavedSiteGone,
};
const UNWELL: ReadonlySet<Status> = new Set(['offline', 'trouble', 'signed-out', 'gone']);

/** Whether what was typed is kept, and what could not be: it stays here until somebody decides. */
export function SaveStatus() {
  const { status, aside } = useSite();
  const [open, setOpen] = useState(false);
  return (
    <>
      <span className={cx(css['save'], UNWELL.has(status) && css['unwell'])} role="status">
        {/* What stands aside says enough: the bar has no room for both. */}
        {aside.length > 0 && !UNWELL.has(status) ? '' : WORDS[status]}
      </span>
      {status === 'signed-out' && (
        <a className={css['chip']} href="/sign-in" target="_blank" rel="noreferrer">
          {say.signIn}
        </a>
      )}
      {aside.length > 0 && (
        <button type="button" className={css['chip']} onClick={() => setOpen(true)}>
          {say.notSaved(aside.length)}
        </button>
      )}
      {open && aside.length > 0 && (
        <Suspense>
          <AsideDialog onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
