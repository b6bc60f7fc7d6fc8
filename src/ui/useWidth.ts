import { useLayoutEffect, useRef, useState, type RefObject } from 'react';

/** Width of an element, kept up to date; `initial` until it is known (on the server, and for the first paint). */
export function useWidth<T extends HTMLElement>(initial: number): [RefObject<T | null>, number] {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(initial);
  useIsoLayoutEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry && entry.contentRect.width > 0) setWidth(Math.floor(entry.contentRect.width));
    });
    setWidth(Math.floor(element.getBoundingClientRect().width) || initial);
    observer.observe(element);
    return () => observer.disconnect();
  }, [initial]);
  return [ref, width];
}

/** Layout effects do nothing on the server, and React says so; there it is left out. */
const useIsoLayoutEffect = typeof window === 'undefined' ? () => {} : useLayoutEffect;
