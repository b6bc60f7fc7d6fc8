import { useEffect, useState } from 'react';
import { cx } from '../../ui/cx';
import css from './Access.module.css';

interface Props {
  readonly label: string;
  readonly value: string;
  readonly most?: number;
  /** An empty text is kept too. */
  readonly empty?: boolean;
  readonly className?: string;
  onKeep(value: string): void;
}

/** A line of text that is kept when it is left, or on Enter; Escape takes back what was typed. */
export function NameField({ label, value, most = 80, empty = false, className, onKeep }: Props) {
  const [draft, setDraft] = useState(value);
  useEffect(() => setDraft(value), [value]);
  const keep = () => {
    const text = draft.trim();
    if (text === value || (text === '' && !empty)) return setDraft(value);
    onKeep(text);
  };
  return (
    <input
      aria-label={label}
      className={cx(css['name'], className)}
      value={draft}
      maxLength={most}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
        if (event.key === 'Escape') setDraft(value);
      }}
    />
  );
}
