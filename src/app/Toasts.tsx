import { useEffect } from 'react';
import { Toaster, toast } from 'sonner';
import { say } from '#words/app/Toasts';
import css from './Site.module.css';

/** Something that was said; each is an object of its own, so that the same words twice are said twice. */
export interface Told {
  readonly text: string;
  /** What takes it back. */
  readonly takeBack?: (() => void) | undefined;
}

/** Messages in the dress of the house, light and dark. */
const TOAST = { toast: css['toast'] ?? '', actionButton: css['toastAct'] ?? '' };

/** Says what was told last. Fetched with the first message. */
export function Toasts({ told }: { told: Told }) {
  useEffect(() => {
    const { text, takeBack } = told;
    toast(text, takeBack ? { action: { label: say.undo, onClick: takeBack }, duration: 12_000 } : {});
  }, [told]);
  return (
    <Toaster
      position="bottom-center"
      offset={150}
      toastOptions={{ duration: 7000, unstyled: true, classNames: TOAST }}
    />
  );
}
