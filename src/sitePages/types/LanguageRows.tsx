import { useState } from 'react';
import type { LanguageProblem } from '#core/keypads/index';
import { LIGHTS, REPLY_IDS } from '#core/leaflet/index';
import type { Leaflet } from '#core/plan/index';
import { REPLY_NAMES } from '#words/keypad';
import { say } from '#words/sitePages/types/LanguageRows';
import { TextField } from '../../ui/Field';
import * as texts from '../../parts/leaflet/leafletTexts';
import { RemoveButton } from './TypeRows';
import css from './LanguageEditor.module.css';

/** Rows of the editor of languages: examples, answers, and texts that stand for something else. */

type Example = Leaflet['examples'][number];

/** A text that stands for something else; kept once it can be read. */
export function Typed<T>({
  label,
  hint,
  value,
  read,
  error,
  onRead,
}: {
  label: string;
  hint?: string;
  value: string;
  read(text: string): T | null;
  error: string | null;
  onRead(value: T): void;
}) {
  const [text, setText] = useState<string | null>(null);
  const shown = text ?? value;
  return (
    <TextField
      label={label}
      {...(hint ? { hint } : {})}
      value={shown}
      error={read(shown) === null ? say.thisCannotBeRead : error}
      onChange={(event) => {
        setText(event.target.value);
        const found = read(event.target.value);
        if (found !== null) onRead(found);
      }}
      onBlur={() => read(shown) !== null && setText(null)}
    />
  );
}

export function NumberField({
  label,
  unit,
  value,
  onChange,
}: {
  label: string;
  unit?: string;
  value: number;
  onChange(value: number): void;
}) {
  return (
    <TextField
      label={label}
      type="number"
      min={0}
      {...(unit ? { unit } : {})}
      value={String(value)}
      onChange={(event) => onChange(Math.max(0, Math.round(Number(event.target.value) || 0)))}
    />
  );
}

export function ExampleRow({
  index,
  example,
  problem,
  outcome,
  onChange,
  onRemove,
}: {
  index: number;
  example: Example;
  problem: string | null;
  outcome: LanguageProblem | 'right' | null;
  onChange(patch: Partial<Example>): void;
  onRemove(): void;
}) {
  const [held, setHeld] = useState<string | null>(null);
  const shown = held ?? texts.holdsText(example.holds);
  const unread = texts.holdsOf(shown) === null;
  return (
    <div
      className={css['line']}
      data-outcome={outcome === null ? undefined : outcome === 'right' ? 'right' : 'wrong'}
    >
      <input
        aria-label={say.keysOfExample(index + 1)}
        className={css['exampleKeys']}
        value={example.strokes}
        spellCheck={false}
        placeholder="* 0 1234 # 1 003 # 4711 #"
        aria-invalid={problem ? true : undefined}
        onChange={(event) => onChange({ strokes: event.target.value })}
      />
      <select
        aria-label={say.answerOfExample(index + 1)}
        value={example.answer}
        onChange={(event) => onChange({ answer: event.target.value as Example['answer'] })}
      >
        {REPLY_IDS.filter((id) => id !== 'key').map((id) => (
          <option key={id} value={id}>
            {REPLY_NAMES[id]}
          </option>
        ))}
      </select>
      <input
        aria-label={say.whatIsHeldAfterExample(index + 1)}
        value={shown}
        placeholder="3: 4711"
        aria-invalid={unread || undefined}
        onChange={(event) => {
          setHeld(event.target.value);
          const holds = texts.holdsOf(event.target.value);
          if (holds) onChange({ holds });
        }}
        onBlur={() => !unread && setHeld(null)}
      />
      <span className={css['outcome']}>
        {outcome === 'right' ? say.comesOut : outcome === null ? '' : say.otherwise}
      </span>
      <RemoveButton label={say.removeExample(index + 1)} onClick={onRemove} />
    </div>
  );
}

export function Answers({
  name,
  reply,
  onChange,
}: {
  name: string;
  reply: Leaflet['replies']['stored'];
  onChange(reply: Leaflet['replies']['stored']): void;
}) {
  return (
    <div className={css['line']}>
      <span>{name}</span>
      <input
        type="number"
        min={0}
        max={9}
        aria-label={say.beeps(name)}
        value={reply.beeps}
        onChange={(event) =>
          onChange({ ...reply, beeps: Math.min(9, Math.max(0, Math.round(Number(event.target.value) || 0))) })
        }
      />
      <select
        aria-label={say.howItBeeps(name)}
        value={reply.long ? 'long' : 'short'}
        onChange={(event) => onChange({ ...reply, long: event.target.value === 'long' })}
      >
        <option value="short">{say.short}</option>
        <option value="long">{say.long}</option>
      </select>
      <select
        aria-label={say.light(name)}
        value={reply.light}
        onChange={(event) => onChange({ ...reply, light: event.target.value as typeof reply.light })}
      >
        {LIGHTS.map((light) => (
          <option key={light} value={light}>
            {light}
          </option>
        ))}
      </select>
    </div>
  );
}
