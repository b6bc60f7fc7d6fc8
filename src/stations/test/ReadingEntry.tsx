import { useId, useState } from 'react';
import type { CheckItem } from '#core/commission/index';
import type { Reading } from '#core/plan/index';
import { OPEN_CIRCUIT, readQuantity } from '#core/units/index';
import { quantityFaultWords } from '#words/quantities';
import { say } from '#words/stations/test/ReadingEntry';
import { Button } from '../../ui/Button';
import css from './TestStation.module.css';

interface Props {
  readonly item: CheckItem;
  readonly reading: Reading | undefined;
  readonly label: string;
  readonly large?: boolean;
  /** False where it is not kept: then what was typed stays. */
  onRecord(value: number): boolean;
}

/** Where one reading goes in: a quantity as the meter shows it, open circuit by a button of its own, or yes and no. */
export function ReadingEntry({ item, reading, label, large = false, onRecord }: Props) {
  const [text, setText] = useState('');
  const [why, setWhy] = useState<string | null>(null);
  const id = useId();
  const { unit } = item;
  const size = large ? 'l' : 's';
  if (unit === 'yes') {
    return (
      <span className={css['entry']} role="group" aria-label={label}>
        <Button size={size} aria-pressed={reading?.value === 1} onClick={() => onRecord(1)}>
          {say.yes}
        </Button>
        <Button size={size} aria-pressed={reading?.value === 0} onClick={() => onRecord(0)}>
          {say.no}
        </Button>
      </span>
    );
  }
  const keep = () => {
    if (text.trim() === '') return;
    const read = readQuantity(text, unit);
    if (read.kind === 'fault') return setWhy(quantityFaultWords(read.fault, unit));
    if (!onRecord(read.kind === 'open' ? OPEN_CIRCUIT : read.value)) return;
    setText('');
    setWhy(null);
  };
  return (
    <span className={css['entry']}>
      <input
        aria-label={say.reading(label)}
        aria-invalid={why !== null || undefined}
        aria-describedby={why === null ? undefined : id}
        inputMode="decimal"
        className={large ? css['largeInput'] : undefined}
        placeholder={unit}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setWhy(null);
        }}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
      />
      <span>{unit}</span>
      {unit === 'Ω' && (
        <Button
          size={size}
          aria-label={say.openOl(label)}
          aria-pressed={(reading?.value ?? 0) >= OPEN_CIRCUIT}
          // The field would else be left first, and what stands in it looked at.
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => {
            setText('');
            setWhy(null);
            onRecord(OPEN_CIRCUIT);
          }}
        >
          {large ? say.openOl2 : 'OL'}
        </Button>
      )}
      {why !== null && (
        <span role="alert" id={id} className={css['wrong']}>
          {say.nothingWasKept(why)}
        </span>
      )}
    </span>
  );
}
