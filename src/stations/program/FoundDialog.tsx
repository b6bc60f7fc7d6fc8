import { useState } from 'react';
import { factoryMemory, parseFoundMemory, type KeypadLanguage, type Memory } from '#core/keypads/index';
import type { Device } from '#core/plan/index';
import { FOUND_PROBLEMS } from '#words/keypad';
import { say } from '#words/stations/program/FoundDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { wallNow } from '../../parts/moments/today';
import css from './FoundDialog.module.css';

interface Props {
  readonly keypad: Device;
  readonly language: KeypadLanguage;
  /** Null where nobody has recorded anything of it. */
  readonly recorded: Memory | null;
  onKeep(found: Memory): void;
  onClose(): void;
}

/** What somebody found in a keypad, entered line by line, with what would be recorded before it is. */
export function FoundDialog({ keypad, language, recorded, onKeep, onClose }: Props) {
  const [text, setText] = useState('');
  // Where nobody has looked yet, what no line names is not said to be empty.
  const whole = recorded !== null && recorded.rest === undefined;
  const [all, setAll] = useState(whole);
  const before = recorded ?? factoryMemory(language);
  const { memory, taken, refused } = parseFoundMemory(language, before, text, {
    how: 'found',
    on: wallNow().day,
  });
  const { rest: _before, ...looked } = memory;
  const found: Memory = all ? looked : { ...looked, rest: 'unknown' };
  return (
    <Dialog
      open
      onOpenChange={(open) => !open && onClose()}
      title={say.whatWasFoundIn(keypad.tag)}
      description={language.slots ? say.lineSlotNumberThen : say.codeCardLineAdded}
    >
      <div className={css['form']}>
        <label className={css['text']}>
          <span>{say.asFound}</span>
          <textarea
            rows={7}
            spellCheck={false}
            placeholder={language.slots ? '003 4711\n004 71-2002\n007 -\n008 ?' : '4711\n71-2002'}
            value={text}
            onChange={({ target }) => setText(target.value)}
          />
        </label>
        {refused.length > 0 && (
          <ul className={css['refused']} role="status">
            {refused.map(({ line, text: said, problem }) => (
              <li key={line}>
                {say.line(line)} <span className="figures">{said}</span>: {FOUND_PROBLEMS[problem]}.
              </li>
            ))}
          </ul>
        )}
        <label className={css['all']}>
          <input type="checkbox" checked={all} onChange={({ target }) => setAll(target.checked)} />
          {say.everyLookedNoLine(Boolean(language.slots))}
        </label>
        <Button look="main" disabled={taken === 0 && all === whole} onClick={() => onKeep(found)}>
          {taken === 0 ? say.record : say.record2(taken)}
        </Button>
      </div>
    </Dialog>
  );
}
