import { watchDocument } from './locator';
import { EventsInPlace, serve } from './serve';
import { WorkerInPlace } from './worker';

/** What a browser has and a document without a screen has not. Nothing is laid out here: sizes are asked of the browser tests. */

class NoObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}
/** As wide as a laptop, with a mouse. */
const media = (query: string) => ({
  media: query,
  matches: /min-width|hover: hover|pointer: fine/.test(query),
  addEventListener: () => {},
  removeEventListener: () => {},
});

const OUT_OF_SIGHT = /^(SCRIPT|STYLE|TEMPLATE|HEAD|TITLE|META|LINK)$/;
const IN_LINE = /^(SPAN|A|B|I|EM|STRONG|SMALL|KBD|CODE|ABBR|LABEL|SUP|SUB|TIME|svg)$/;

/** How an element is shown where there is no stylesheet but the browser's own: nothing in front of it and nothing behind. */
function styleOf(element: HTMLElement, pseudo?: string | null): CSSStyleDeclaration {
  const own = element.style as CSSStyleDeclaration | undefined;
  const usual = OUT_OF_SIGHT.test(element.tagName)
    ? 'none'
    : IN_LINE.test(element.tagName)
      ? 'inline'
      : 'block';
  const display = element.hidden ? 'none' : own?.display || usual;
  const known: Record<string, unknown> = pseudo
    ? { display: 'none', content: 'none' }
    : { display, visibility: own?.visibility || 'visible', content: 'normal' };
  known['getPropertyValue'] = (name: string) => known[name] ?? '';
  return known as unknown as CSSStyleDeclaration;
}

/** Everything is as large as a screen: a list that draws a part at a time draws a screen of it. px. */
const SCREEN = 800;

let isFurnished = false;
export function furnish(): void {
  if (isFurnished) return;
  isFurnished = true;
  watchDocument();
  const place = globalThis as Record<string, unknown>;
  Object.assign(place, {
    ResizeObserver: NoObserver,
    IntersectionObserver: NoObserver,
    EventSource: EventsInPlace,
    Worker: WorkerInPlace,
    fetch: serve,
    matchMedia: media,
    getComputedStyle: styleOf,
    requestIdleCallback: (run: () => void) => setTimeout(run, 1),
    cancelIdleCallback: clearTimeout,
  });
  window.getComputedStyle = styleOf as typeof window.getComputedStyle;
  Object.assign(Element.prototype, {
    scrollIntoView: () => {},
    scrollTo: () => {},
    hasPointerCapture: () => false,
    setPointerCapture: () => {},
    releasePointerCapture: () => {},
  });
  Object.defineProperties(HTMLElement.prototype, {
    offsetHeight: { configurable: true, get: () => SCREEN },
    offsetWidth: { configurable: true, get: () => SCREEN },
  });
}
