import { lazy, Suspense, useEffect, useState } from 'react';
import { useSite } from '../store/context';
import type { FindDialog } from './frame/FindDialog';
import type { TypedAhead } from './frame/typedAhead';

const UndoDialog = lazy(async () => ({ default: (await import('./frame/UndoDialog')).UndoDialog }));
const ShortcutsDialog = lazy(async () => ({
  default: (await import('./frame/SmallDialogs')).ShortcutsDialog,
}));
const NameDialog = lazy(async () => ({ default: (await import('./frame/SmallDialogs')).NameDialog }));
const SessionsDialog = lazy(async () => ({
  default: (await import('./frame/SessionsDialog')).SessionsDialog,
}));
/** Which of the dialogs about the whole page is open. */
export type OpenDialog = 'find' | 'keys' | 'name' | 'sessions' | null;

interface Props {
  readonly open: OpenDialog;
  onOpen(dialog: OpenDialog): void;
  readonly door: string | null;
  takeTyped(): TypedAhead;
}

/** The dialogs that stand above every view, each fetched when it is first needed. */
export function SiteDialogs({ open, onOpen, door, takeTyped }: Props) {
  const { ready, asking } = useSite();
  const finding = open === 'find';
  const [Find, setFind] = useState<typeof FindDialog | null>(null);
  // Fetched as soon as edits can be made; what is typed before it is there is kept for it.
  useEffect(() => {
    if (ready || finding) void import('./frame/FindDialog').then((it) => setFind(() => it.FindDialog));
  }, [ready, finding]);
  const close = () => onOpen(null);
  return (
    <>
      {Find && (
        <Find
          open={finding}
          onOpenChange={(on) => onOpen(on ? 'find' : null)}
          door={door}
          takeTyped={takeTyped}
          onKeys={() => onOpen('keys')}
        />
      )}
      <Suspense>
        {open === 'keys' && <ShortcutsDialog open onOpenChange={close} />}
        {open === 'name' && <NameDialog open onOpenChange={close} />}
        {open === 'sessions' && <SessionsDialog onClose={close} />}
        {asking && <UndoDialog />}
      </Suspense>
    </>
  );
}
