import { useEffect, useRef } from 'react';

const REACHABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), [tabindex="0"]';

/**
 * The focus goes into a drawer that opens, and back to what opened it when it closes; Escape closes it. The drawers are
 * marked by `data-drawer`.
 */
export function useDrawerFocus(open: string | null, close: () => void): void {
  const closing = useRef(close);
  useEffect(() => {
    closing.current = close;
  });
  useEffect(() => {
    if (open === null) return;
    const opener = document.activeElement as HTMLElement | null;
    const drawer = document.querySelector<HTMLElement>(`[data-drawer="${open}"]`);
    drawer?.querySelector<HTMLElement>(REACHABLE)?.focus();
    const listen = (event: KeyboardEvent) => {
      // A dialog or a menu above it closes first.
      if (
        event.key === 'Escape' &&
        !event.defaultPrevented &&
        !document.querySelector('[role="dialog"], [role="menu"]')
      )
        closing.current();
    };
    window.addEventListener('keydown', listen);
    return () => {
      window.removeEventListener('keydown', listen);
      // Whoever went on elsewhere stays there.
      if (
        !document.activeElement ||
        document.activeElement === document.body ||
        drawer?.contains(document.activeElement)
      )
        opener?.focus();
    };
  }, [open]);
}
