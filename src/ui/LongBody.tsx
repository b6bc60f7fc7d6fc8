import { useVirtualizer } from '@tanstack/react-virtual';
import { Fragment, useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';

/** Rows up to which a table is simply drawn. */
const PLAIN = 100;
/** Rows drawn before anything is known of the screen: on the server, and for the first paint. */
const FIRST = 60;
/** Height of a row before any has been measured. */
const ROW_PX = 35;
const OVERSCAN = 15;

interface Props<Row> {
  readonly rows: readonly Row[];
  keyOf(row: Row): string;
  /** A `tr`. */
  children(row: Row, index: number): ReactNode;
}

/**
 * The body of a table of any length: beyond a hundred rows only those near the screen are drawn, with room for the others above
 * and below. On paper all of them are.
 */
export function LongBody<Row>(props: Props<Row>) {
  const printing = usePrinting();
  const { rows, keyOf, children } = props;
  if (rows.length > PLAIN && !printing) return <Windowed {...props} />;
  return (
    <tbody>
      {rows.map((row, index) => (
        <Fragment key={keyOf(row)}>{children(row, index)}</Fragment>
      ))}
    </tbody>
  );
}

function Windowed<Row>({ rows, keyOf, children }: Props<Row>) {
  const body = useRef<HTMLTableSectionElement>(null);
  const [place, setPlace] = useState<Place | null>(null);
  useIsoLayoutEffect(() => {
    const measure = () => setPlace((old) => (body.current ? placeOf(body.current, old) : old));
    measure();
    // Turned or zoomed, rows break into other lines.
    globalThis.addEventListener('resize', measure);
    return () => globalThis.removeEventListener('resize', measure);
  }, []);
  const rowPx = place?.rowPx ?? ROW_PX;
  const window = useVirtualizer({
    count: rows.length,
    getScrollElement: () => place?.scroller ?? null,
    estimateSize: () => rowPx,
    getItemKey: (index) => keyOf(rows[index]!),
    overscan: OVERSCAN,
    scrollMargin: place?.top ?? 0,
  });
  const items = place ? window.getVirtualItems() : [];
  const [first, last] = [items[0], items.at(-1)];
  const from = first?.index ?? 0;
  const until = last ? last.index + 1 : Math.min(FIRST, rows.length);
  const above = first ? first.start - (place?.top ?? 0) : 0;
  const below = last ? window.getTotalSize() - (last.end - (place?.top ?? 0)) : (rows.length - until) * rowPx;
  return (
    <tbody ref={body}>
      <Room px={above} />
      {rows.slice(from, until).map((row, index) => (
        <Fragment key={keyOf(row)}>{children(row, from + index)}</Fragment>
      ))}
      <Room px={below} />
    </tbody>
  );
}

const Room = ({ px }: { px: number }) =>
  px > 0 ? (
    <tr aria-hidden>
      <td style={{ height: px, padding: 0, border: 0 }} />
    </tr>
  ) : null;

/** Where the rows begin in what scrolls them, and how high one is on the screen that it is. */
interface Place {
  readonly scroller: HTMLElement;
  readonly top: number;
  readonly rowPx: number;
}

function placeOf(body: HTMLElement, old: Place | null): Place {
  const scroller = old?.scroller ?? scrollerOf(body);
  const top = body.getBoundingClientRect().top - scroller.getBoundingClientRect().top + scroller.scrollTop;
  const drawn = [...body.querySelectorAll<HTMLElement>(':scope > tr:not([aria-hidden])')];
  const height = drawn.reduce((sum, row) => sum + row.offsetHeight, 0);
  return { scroller, top, rowPx: drawn.length > 0 ? height / drawn.length : ROW_PX };
}

/** Whatever scrolls this element: the nearest that may, else the page. */
function scrollerOf(element: HTMLElement): HTMLElement {
  for (let at = element.parentElement; at; at = at.parentElement)
    if (/auto|scroll/.test(getComputedStyle(at).overflowY) && at.scrollHeight > at.clientHeight) return at;
  return document.documentElement;
}

/** Layout effects do nothing on the server, and React says so; there it is left out. */
const useIsoLayoutEffect = typeof window === 'undefined' ? () => {} : useLayoutEffect;

/** True while the page is being printed. */
function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false);
  useEffect(() => {
    const [before, after] = [() => setPrinting(true), () => setPrinting(false)];
    window.addEventListener('beforeprint', before);
    window.addEventListener('afterprint', after);
    return () => {
      window.removeEventListener('beforeprint', before);
      window.removeEventListener('afterprint', after);
    };
  }, []);
  return printing;
}
