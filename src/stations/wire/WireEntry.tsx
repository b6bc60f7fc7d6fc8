import { useEffect, useId, useRef, useState } from 'react';
import { completeWireLine, parseWireLine, type DoorId } from '#core/plan/index';
import { lineFaultWords } from '#words/rowProblems';
import { say } from '#words/stations/wire/WireEntry';
import { Button } from '../../ui/Button';
import { Kbd } from '../../ui/Kbd';
import { usePlan, useUnit } from '../../store/context';
import { ReadSoFar } from './ReadSoFar';
import type { Wiring } from '../../parts/useWiring';
import css from './WireEntry.module.css';

/** Completions that are shown at a time. */
const MOST = 9;

/** The line to type a wire: completion under the caret, Tab or Enter takes it, a clear word on what cannot be read. */
export function WireEntry({
  door,
  wiring,
  focusCount,
}: {
  door: DoorId;
  wiring: Wiring;
  focusCount: number;
}) {
  const plan = usePlan();
  const unit = useUnit();
  const input = useRef<HTMLInputElement>(null);
  const id = useId();
  const [active, setActive] = useState(-1);
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const { draft, setDraft } = wiring;

  useEffect(() => {
    if (focusCount > 0) input.current?.focus();
  }, [focusCount]);

  const isRead = draft.trim() !== '' && !fault;
  // The line below it, or above it on a phone, must not push it under the bench.
  useEffect(() => {
    if (isRead && document.activeElement === input.current)
      input.current?.scrollIntoView({ block: 'nearest' });
  }, [isRead]);

  const caret = input.current?.selectionStart ?? draft.length;
  const all = open ? completeWireLine(plan, door, draft, Math.min(caret, draft.length)) : [];
  const choices = all.slice(0, MOST);
  const more = all.length - choices.length;

  const take = (choice: string) => {
    const head = draft.slice(0, caret).replace(/\S*$/, choice);
    const finished = !choice.endsWith('.');
    setDraft(head + (finished ? ' ' : '') + draft.slice(caret).trimStart());
    setActive(-1);
    setFault(null);
  };

  const submit = () => {
    const result = parseWireLine(plan, door, draft);
    if (!result.ok) {
      setFault(lineFaultWords(result.fault));
      input.current?.setSelectionRange(result.fault.start, result.fault.end);
      return;
    }
    if (!wiring.lay(result.line)) return;
    setDraft('');
    setFault(null);
  };

  const keys = (event: React.KeyboardEvent) => {
    const chosen = choices[active];
    if (event.key === 'ArrowDown' && choices.length > 0) setActive((active + 1) % choices.length);
    else if (event.key === 'ArrowUp' && choices.length > 0)
      setActive((active - 1 + choices.length) % choices.length);
    else if (event.key === 'Tab' && !event.shiftKey && choices.length > 0 && draft.trim() !== '' && open)
      take(chosen ?? choices[0] ?? '');
    else if (event.key === 'Enter' && chosen) take(chosen);
    else if (event.key === 'Enter') submit();
    else if (event.key === 'Escape') {
      if (open && choices.length > 0) setOpen(false);
      else input.current?.blur();
    } else return;
    event.preventDefault();
  };

  return (
    <div className={css['entry']}>
      <label htmlFor={id} className={css['label']}>
        {say.newWire} <Kbd>w</Kbd>
      </label>
      <div className={css['line']}>
        <input
          ref={input}
          id={id}
          className={css['input']}
          value={draft}
          placeholder={say.ps1VK1Com1}
          role="combobox"
          aria-expanded={choices.length > 0}
          aria-controls={`${id}-list`}
          aria-autocomplete="list"
          aria-activedescendant={active >= 0 ? `${id}-${active}` : undefined}
          aria-invalid={fault ? true : undefined}
          aria-describedby={fault ? `${id}-fault` : isRead ? `${id}-read` : undefined}
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => {
            setDraft(event.target.value);
            setOpen(true);
            setActive(-1);
            setFault(null);
          }}
          onFocus={() => setOpen(true)}
          onBlur={() => setOpen(false)}
          onKeyDown={keys}
        />
        <ul
          id={`${id}-list`}
          role="listbox"
          aria-label={say.completions}
          className={css['choices']}
          hidden={choices.length === 0}
        >
          {choices.map((choice, index) => (
            <li
              key={choice}
              id={`${id}-${index}`}
              role="option"
              aria-selected={index === active}
              onMouseDown={(event) => {
                event.preventDefault();
                take(choice);
              }}
            >
              {choice}
            </li>
          ))}
          {more > 0 && (
            <li role="presentation" className={css['more']}>
              {say.andMoreTypeOn(more)}
            </li>
          )}
        </ul>
      </div>
      <Button size="m" look="main" onClick={submit} disabled={draft.trim() === ''}>
        {say.layIt}
      </Button>
      {fault && (
        <p id={`${id}-fault`} role="alert" className={css['fault']}>
          {fault}
        </p>
      )}
      {isRead && <ReadSoFar id={`${id}-read`} plan={plan} door={door} unit={unit} text={draft} />}
      {!fault && wiring.chosenTerminal && <p className={css['hint']}>{say.nowChooseSecondTerminal}</p>}
    </div>
  );
}
