import Plus from 'lucide-react/icons/plus';
import X from 'lucide-react/icons/x';
import { useEffect, useState } from 'react';
import type { Span } from '#core/access/index';
import { say } from '#words/parts/access/SpansField';
import { Button } from '../../ui/Button';
import { minutesOf, timeValue } from '../moments/minutes';
import css from './Access.module.css';

interface TimesProps {
  readonly label: string;
  readonly span: Span;
  /** Whether one may end before it begins: it goes on past midnight then. */
  readonly overnight?: boolean;
  onChange(span: Span): void;
}

/** From when to when. Kept as soon as both make sense; what does not is said, and nothing is changed. */
export function TimesField({ label, span, overnight = false, onChange }: TimesProps) {
  const [draft, setDraft] = useState<readonly [string, string]>([timeValue(span.from), timeValue(span.to)]);
  useEffect(() => setDraft([timeValue(span.from), timeValue(span.to)]), [span.from, span.to]);
  const [from, to] = draft.map(minutesOf);
  // Midnight at the end of a stretch is the end of the day.
  const end = to === 0 && (!overnight || from !== 0) ? 1440 : to;
  const wrong =
    from === null || from === undefined || end === null || end === undefined || (!overnight && end <= from);
  const change = (next: readonly [string, string]) => {
    setDraft(next);
    const [begin, finish] = next.map(minutesOf);
    if (begin === null || begin === undefined || finish === null || finish === undefined) return;
    const last = finish === 0 ? 1440 : finish;
    if (!overnight && last <= begin) return;
    onChange({ from: begin, to: last });
  };
  return (
    <span className={css['times']}>
      <input
        type="time"
        aria-label={say.from(label)}
        aria-invalid={wrong || undefined}
        value={draft[0]}
        onChange={(event) => change([event.target.value, draft[1]])}
      />
      <span aria-hidden>–</span>
      <input
        type="time"
        aria-label={say.to(label)}
        aria-invalid={wrong || undefined}
        value={draft[1]}
        onChange={(event) => change([draft[0], event.target.value])}
      />
      {wrong && <em role="alert">{say.mustEndAfterBegins}</em>}
      {!wrong && overnight && from !== undefined && end !== undefined && end! <= from! && (
        <em>{say.nextDay}</em>
      )}
    </span>
  );
}

interface Props {
  readonly label: string;
  readonly spans: readonly Span[];
  readonly none: string;
  onChange(spans: readonly Span[]): void;
}

/** Stretches of one day; without one, the day is shut. */
export function SpansField({ label, spans, none, onChange }: Props) {
  return (
    <span className={css['spans']}>
      {spans.length === 0 && <em>{none}</em>}
      {spans.map((span, index) => (
        <span key={index} className={css['spanOne']}>
          <TimesField
            label={`${label}, ${index + 1}`}
            span={span}
            onChange={(next) => onChange(spans.map((one, at) => (at === index ? next : one)))}
          />
          <Button
            size="s"
            look="quiet"
            aria-label={say.remove(label, index + 1)}
            icon={<X aria-hidden />}
            onClick={() => onChange(spans.filter((_, at) => at !== index))}
          />
        </span>
      ))}
      <Button
        size="s"
        look="quiet"
        icon={<Plus aria-hidden />}
        onClick={() => onChange([...spans, { from: 540, to: 1020 }])}
      >
        {say.hours}
      </Button>
    </span>
  );
}
