import { DAY_MINUTES } from '../fields/index';

/** A stretch of one day in minutes after midnight, its end not part of it. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

export const ALL_DAY: readonly Span[] = [{ from: 0, to: DAY_MINUTES }];

/** The same minutes in order, as few stretches as can say them. */
export function joined(spans: readonly Span[]): readonly Span[] {
  if (spans.length < 2) return spans;
  const merged: Span[] = [];
  for (const span of [...spans].sort((a, b) => a.from - b.from)) {
    const last = merged.at(-1);
    if (last && span.from <= last.to)
      merged[merged.length - 1] = { from: last.from, to: Math.max(last.to, span.to) };
    else merged.push(span);
  }
  return merged;
}

export const covers = (spans: readonly Span[], minute: number): boolean =>
  spans.some(({ from, to }) => from <= minute && minute < to);

/** Minutes that are in both. */
export const both = (one: readonly Span[], other: readonly Span[]): readonly Span[] =>
  joined(
    one.flatMap((a) =>
      other.flatMap((b): Span[] => {
        const [from, to] = [Math.max(a.from, b.from), Math.min(a.to, b.to)];
        return from < to ? [{ from, to }] : [];
      }),
    ),
  );

/** Minutes of the one that are not in the other. */
export function without(one: readonly Span[], other: readonly Span[]): readonly Span[] {
  const gaps: Span[] = [];
  let at = 0;
  for (const { from, to } of joined(other)) {
    if (at < from) gaps.push({ from: at, to: from });
    at = to;
  }
  if (at < DAY_MINUTES) gaps.push({ from: at, to: DAY_MINUTES });
  return both(one, gaps);
}
