import { useEffect, useId, useRef, useState } from 'react';
import { METRES_PER_FOOT, readQuantity, type LengthUnit } from '#core/units/index';
import { quantityFaultWords } from '#words/quantities';
import { say } from '#words/ui/LengthInput';
import { Assumed } from './Assumed';
import { cx } from './cx';
import css from './LengthInput.module.css';

interface Props {
  readonly label: string;
  /** Metres. */
  readonly length: number;
  /** Unit of a bare figure, and of what is shown; the other may be typed. */
  readonly unit: LengthUnit;
  readonly className?: string | undefined;
  /** Nobody has entered it: it is said beside it, and Enter keeps it as it is. */
  readonly assumed?: boolean;
  onKeep(metres: number): void;
}

/** A length: `12`, `12 m`, `40 ft`, `60'6"`. What cannot be read stays, with the reason, and nothing is changed. */
export function LengthInput({ label, length, unit, className, assumed = false, onKeep }: Props) {
  const shown = String(Math.round((unit === 'ft' ? length / METRES_PER_FOOT : length) * 10) / 10);
  const [draft, setDraft] = useState<string | null>(null);
  const [why, setWhy] = useState<string | null>(null);
  const id = useId();
  const message = useRef<HTMLSpanElement>(null);
  // In a table that scrolls sideways it may stand outside of what is seen.
  useEffect(() => {
    if (why !== null) message.current?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }, [why]);
  const leave = () => {
    setDraft(null);
    setWhy(null);
  };
  const keep = (said = false) => {
    if (said && assumed && (draft === null || draft.trim() === shown)) return onKeep(length);
    if (draft === null || draft.trim() === shown) return leave();
    const read = readQuantity(draft, 'm', { bare: unit });
    if (read.kind !== 'value')
      return setWhy(read.kind === 'fault' ? quantityFaultWords(read.fault, 'm') : null);
    onKeep(read.value);
    leave();
  };
  return (
    <span className={css['length']}>
      <input
        aria-label={`${label}, ${unit}${assumed ? say.assumed : ''}`}
        aria-invalid={why !== null || undefined}
        aria-describedby={why === null ? undefined : id}
        className={cx(css['input'], className)}
        inputMode="text"
        size={6}
        value={draft ?? shown}
        onChange={(event) => {
          setDraft(event.target.value);
          setWhy(null);
        }}
        onBlur={() => keep()}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep(true);
          if (event.key === 'Escape') leave();
        }}
      />
      {unit}
      {assumed && <Assumed />}
      {why !== null && (
        <span role="alert" id={id} className={css['why']} ref={message}>
          {say.stands(why, shown, unit)}
        </span>
      )}
    </span>
  );
}
