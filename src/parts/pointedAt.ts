import { useEffect, useRef } from 'react';

/** What a link points at on its page: `#wire=D03/W07`, `#check=card`, `#situation=fire`, `#reading=…`. */
export type PointedKind = 'wire' | 'check' | 'situation' | 'reading';
export interface PointedAt {
  readonly kind: PointedKind;
  readonly id: string;
}
const KINDS: readonly string[] = ['wire', 'check', 'situation', 'reading'] satisfies PointedKind[];

/** The part of an address behind its `#`; null for one that points at nothing. */
export function parsePointed(hash: string): PointedAt | null {
  const [, kind, id] = /^#([a-z]+)=(.+)$/.exec(hash) ?? [];
  if (!kind || !id || !KINDS.includes(kind)) return null;
  try {
    return { kind: kind as PointedKind, id: decodeURIComponent(id) };
  } catch {
    return null;
  }
}

export const pointedHash = ({ kind, id }: PointedAt): string => `#${kind}=${encodeURIComponent(id)}`;

/** What is marked so can be pointed at. */
export const pointable = (kind: PointedKind, id: string) => ({ 'data-at': `${kind}:${id}` });

/** How long a page may take until what is pointed at is there, ms. */
const PATIENCE_MS = 6000;
/** Looks at it in a row after which it stays. */
const HELD = 8;

/** The reading that the address points at, now and whenever it changes. */
export function usePointedReading(onReading: (id: string) => void, of: string): void {
  const latest = useRef(onReading);
  latest.current = onReading;
  useEffect(() => {
    const go = () => {
      const at = parsePointed(location.hash);
      if (at?.kind === 'reading') latest.current(at.id);
    };
    go();
    window.addEventListener('hashchange', go);
    return () => window.removeEventListener('hashchange', go);
  }, [of]);
}

/** Goes to what the address points at, now and whenever it changes; a wire is handed to `onWire`, which knows how to show it. */
export function usePointedAt(onWire: (id: string) => void, of: string): void {
  useEffect(() => {
    let timer = 0;
    const go = () => {
      window.clearInterval(timer);
      const at = parsePointed(location.hash);
      if (!at) return;
      if (at.kind === 'wire') return onWire(at.id);
      const until = performance.now() + PATIENCE_MS;
      let held = 0;
      timer = window.setInterval(() => {
        const found = document.querySelector<HTMLElement>(`[data-at="${CSS.escape(`${at.kind}:${at.id}`)}"]`);
        const { activeElement } = document;
        // A page that is still being put together may draw it anew; somebody who has gone on is left alone.
        // What stands in a dialog is found once the dialog has taken the focus.
        const inDialog = found?.closest('[role="dialog"]')?.contains(activeElement);
        const free =
          activeElement === document.body ||
          activeElement === found ||
          inDialog ||
          activeElement?.matches('main h1');
        if (performance.now() > until || held >= HELD || !free) return window.clearInterval(timer);
        if (!found) return;
        if (activeElement === found) {
          held += 1;
          return;
        }
        held = 0;
        document.querySelectorAll('[data-pointed]').forEach((one) => one.removeAttribute('data-pointed'));
        found.dataset['pointed'] = '';
        if (!found.hasAttribute('tabindex')) found.tabIndex = -1;
        found.focus({ preventScroll: true });
        found.scrollIntoView({ block: 'center' });
      }, 60);
    };
    go();
    window.addEventListener('hashchange', go);
    return () => {
      window.clearInterval(timer);
      window.removeEventListener('hashchange', go);
    };
    // `of` names the page: on another one the address is looked at again.
  }, [of]);
}
