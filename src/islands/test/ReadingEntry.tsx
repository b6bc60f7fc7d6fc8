import { useState } from 'react';
import type { CheckItem } from '#core/commission/index';
import type { Reading } from '#core/plan/index';
import { Button } from '../../ui/Button';
import { parseReading } from './parseReading';
import css from './TestStation.module.css';

interface Props {
  readonly item: CheckItem;
  readonly reading: Reading | undefined;
  readonly label: string;
  readonly large?: boolean;
  onRecord(value: number): void;
}

/** Where one reading goes in: a figure, or yes and no. */
export function ReadingEntry({ item, reading, label, large = false, onRecord }: Props) {
  const [text, setText] = useState('');
  const [wrong, setWrong] = useState(false);
  const size = large ? 'l' : 's';
  if (item.unit === 'yes') {
    return (
      <span className={css['entry']} role="group" aria-label={label}>
        <Button size={size} aria-pressed={reading?.value === 1} onClick={() => onRecord(1)}>
          Yes
        </Button>
        <Button size={size} aria-pressed={reading?.value === 0} onClick={() => onRecord(0)}>
          No
        </Button>
      </span>
    );
  }
  const keep = () => {
    if (text.trim() === '') return;
    const value = parseReading(text);
    setWrong(value === null);
    if (value === null) return;
    onRecord(value);
    setText('');
  };
  return (
    <span className={css['entry']}>
      <input
        aria-label={`Reading: ${label}`}
        aria-invalid={wrong || undefined}
        inputMode="decimal"
        className={large ? css['largeInput'] : undefined}
        placeholder={item.unit === 'Ω' && item.high === null ? 'OL' : item.unit}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setWrong(false);
        }}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
      />
      <span>{item.unit}</span>
      {wrong && (
        <span role="alert" className={css['wrong']}>
          A figure, or OL for open.
        </span>
      )}
    </span>
  );
}
