import { useEffect, useRef } from 'react';

/*
 * Where the focus goes, in one place. What somebody acts on may go away with the act: a button whose finding is settled, a
 * row that is removed, a menu that led to a dialog, a page that is left. Then the focus is put, in this order:
 *  1. after a change of the page, on what begins it (`data-start`), else on its heading;
 *  2. on the nearest thing around what went away that can hold it: the next finding, the sheet, the table's region;
 *  3. on what had it before;
 *  4. on the heading of the page.
 * A focus that stands on something that is still there is never moved.
 */

/** How many elements are remembered that had the focus before. */
const REMEMBERED = 12;
/** How long a page may take until it is there, ms. */
const TURNING_MS = 5000;

interface Held {
  readonly element: HTMLElement;
  /** What it stood in, innermost first. */
  readonly around: readonly HTMLElement[];
}

const isThere = (element: HTMLElement): boolean =>
  element.isConnected && !element.matches(':disabled') && element.getClientRects().length > 0;

const heldBy = (element: HTMLElement): Held => {
  const around: HTMLElement[] = [];
  for (let at = element.parentElement; at && at !== document.body; at = at.parentElement) around.push(at);
  return { element, around };
};

/** What of the page may be begun with: marked as such, else the heading. */
export const startOf = (root: ParentNode): HTMLElement | null => {
  const start = [...root.querySelectorAll<HTMLElement>('main [data-start]')].find(isThere);
  return start ?? root.querySelector<HTMLElement>('main h1');
};

/** The place that takes the focus over from what is gone. */
function heirOf(history: readonly Held[]): HTMLElement | null {
  const last = history.at(-1);
  for (const at of last?.around ?? []) {
    if (!at.isConnected) continue;
    if (at.matches('[data-focus-home]')) return at.querySelector<HTMLElement>('[data-finding]') ?? at;
    if (at.matches('[tabindex]') && isThere(at)) return at;
  }
  // The view itself was drawn anew.
  if (last?.around.some((at) => at.matches('main'))) return startOf(document);
  const before = [...history].reverse().find(({ element }) => isThere(element));
  return before?.element ?? startOf(document);
}

function give(element: HTMLElement | null): void {
  if (!element) return;
  if (!element.matches('a[href], button, input, select, textarea, [tabindex]')) element.tabIndex = -1;
  element.focus({ preventScroll: element.matches('h1') });
}

/** Watches over the focus of the whole page. `page` names what is shown: another name is another page. */
export function useFocusRule(page: string): void {
  const history = useRef<Held[]>([]);
  const shown = useRef(page);
  /** What had the focus when the page turned, for as long as the new one may still be on its way. */
  const turn = useRef<{ readonly held: Element | null; readonly until: number } | null>(null);
  useEffect(() => {
    if (shown.current === page) return;
    shown.current = page;
    turn.current = { held: document.activeElement, until: performance.now() + TURNING_MS };
  }, [page]);
  useEffect(() => {
    let waiting = 0;
    const remember = ({ target }: FocusEvent) => {
      if (!(target instanceof HTMLElement) || target === document.body) return;
      history.current = [...history.current.slice(1 - REMEMBERED), heldBy(target)];
    };
    const look = () => {
      waiting = 0;
      const last = history.current.at(-1);
      if (document.querySelector('[role="dialog"], [role="menu"]')) return;
      const turning = turn.current !== null && performance.now() < turn.current.until;
      if (document.activeElement !== document.body) {
        // Somebody has gone on in the new page.
        if (document.activeElement !== turn.current?.held) turn.current = null;
        return;
      }
      // Nothing was lost: somebody pressed on what cannot have it.
      if (!turning && (!last || isThere(last.element))) return;
      const start = turning ? startOf(document) : null;
      // The view of the new page is still on its way.
      if (turning && !start) return;
      turn.current = null;
      give(start ?? heirOf(history.current));
    };
    const soon = () => {
      // Whoever puts it somewhere by himself, a dialog that closes, comes first.
      waiting ||= window.setTimeout(() => requestAnimationFrame(look), 30);
    };
    const observer = new MutationObserver(soon);
    observer.observe(document.body, {
      childList: true,
      subtree: true,
      attributeFilter: ['disabled', 'hidden'],
    });
    document.addEventListener('focusin', remember);
    document.addEventListener('focusout', soon);
    return () => {
      window.clearTimeout(waiting);
      observer.disconnect();
      document.removeEventListener('focusin', remember);
      document.removeEventListener('focusout', soon);
    };
  }, []);
}
