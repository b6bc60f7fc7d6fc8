import Plus from 'lucide-react/icons/plus';
import { useState } from 'react';
import type { LanguageProblem } from '#core/keypads/index';
import { AT_DOOR, DEEDS, KEPT_TIMES, LIGHTS, REPLY_IDS, type Deed } from '#core/leaflet/index';
import type { Leaflet } from '#core/plan/index';
import { REPLY_NAMES } from '#words/keypad';
import { DEED_WORDS, TIME_WORDS } from '#words/language';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import * as texts from './leafletTexts';
import { StrokesField } from './StrokesField';
import { RemoveButton } from './TypeRows';
import css from './LanguageEditor.module.css';

/** Rows of the editor of languages: states with their functions, examples, answers. */

type Mode = Leaflet['modes'][number];
type Command = Mode['commands'][number];
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
      error={read(shown) === null ? 'This cannot be read.' : error}
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

export function ModeRows({
  mode,
  onScreen,
  from,
  problem,
  onChange,
  onRemove,
}: {
  mode: Mode;
  /** Whether it is a list of a menu, and what is in it has a name there. */
  onScreen: boolean;
  from: readonly string[];
  problem(path: string): string | null;
  onChange(patch: Partial<Mode>): void;
  onRemove?(): void;
}) {
  const setCommand = (at: number, patch: Partial<Command>) =>
    onChange({ commands: mode.commands.map((one, index) => (index === at ? { ...one, ...patch } : one)) });
  const isChosen = onScreen && mode.from !== AT_DOOR;
  return (
    <div className={css['mode']}>
      <div className={css['line']}>
        <input
          aria-label="Name of the state"
          className={css['modeName']}
          value={mode.id}
          maxLength={40}
          onChange={(event) => onChange({ id: event.target.value })}
        />
        <label>
          entered from{' '}
          <select value={mode.from} onChange={(event) => onChange({ from: event.target.value })}>
            {[...new Set([...from, mode.from])].map((id) => (
              <option key={id} value={id}>
                {id === AT_DOOR ? 'the door' : id}
              </option>
            ))}
          </select>
        </label>
        {onScreen && (
          <OnScreen
            label={`What the screen calls ${mode.id}`}
            value={mode.title}
            problem={problem('title')}
            onChange={(title) => onChange({ title })}
          />
        )}
        {problem('id') && <em role="alert">{problem('id')}</em>}
        {onScreen && problem('commands') && <em role="alert">{problem('commands')}</em>}
        {onRemove && <RemoveButton label={`Remove ${mode.id}`} onClick={onRemove} />}
      </div>
      {!isChosen && (
        <div className={css['line']}>
          <span>{onScreen ? 'opened, as long as nobody administers, by' : `enter ${mode.id}`}</span>
          <StrokesField
            label={`Enter ${mode.id}`}
            value={mode.enter}
            problem={problem('enter')}
            onChange={(enter) => onChange({ enter })}
          />
        </div>
      )}
      {onScreen && !isChosen && (
        <>
          {mode.as.map((way, index) => (
            <div key={index} className={css['line']}>
              <span>or, by an administrator,</span>
              <StrokesField
                label={`Way ${index + 1} for an administrator into ${mode.id}`}
                value={way}
                problem={problem(`as.${index}`)}
                onChange={(text) => onChange({ as: mode.as.map((one, at) => (at === index ? text : one)) })}
              />
              <RemoveButton
                label={`Remove way ${index + 1} into ${mode.id}`}
                onClick={() => onChange({ as: mode.as.filter((_, at) => at !== index) })}
              />
            </div>
          ))}
          <Button
            size="s"
            look="quiet"
            icon={<Plus aria-hidden />}
            onClick={() => onChange({ as: [...mode.as, mode.enter] })}
          >
            Way in for an administrator
          </Button>
        </>
      )}
      {mode.commands.map((command, index) => (
        <CommandRow
          key={index}
          index={index}
          command={command}
          onScreen={onScreen}
          problem={(path) => problem(`commands.${index}.${path}`)}
          onChange={(patch) => setCommand(index, patch)}
          onRemove={() => onChange({ commands: mode.commands.filter((_, i) => i !== index) })}
        />
      ))}
      {!onScreen && (
        <div className={css['line']}>
          <span>leave {mode.id}</span>
          <StrokesField
            label={`Leave ${mode.id}`}
            value={mode.leave}
            problem={problem('leave')}
            onChange={(leave) => onChange({ leave })}
          />
        </div>
      )}
      <Button
        size="s"
        look="quiet"
        icon={<Plus aria-hidden />}
        onClick={() =>
          onChange({
            commands: [
              ...mode.commands,
              { does: 'set-code', strokes: '', ...(onScreen ? { title: 'Code' } : {}) },
            ],
          })
        }
      >
        Function
      </Button>
    </div>
  );
}

/** What stands on the screen for a list, or for what is filled in. */
function OnScreen({
  label,
  value,
  problem,
  onChange,
}: {
  label: string;
  value: string;
  problem: string | null;
  onChange(title: string): void;
}) {
  return (
    <label>
      on the screen{' '}
      <input
        aria-label={label}
        aria-invalid={problem ? true : undefined}
        value={value}
        maxLength={40}
        onChange={(event) => onChange(event.target.value)}
      />
      {problem && <em role="alert"> {problem}</em>}
    </label>
  );
}

function CommandRow({
  index,
  command,
  onScreen,
  problem,
  onChange,
  onRemove,
}: {
  index: number;
  command: Command;
  onScreen: boolean;
  problem(path: string): string | null;
  onChange(patch: Partial<Command>): void;
  onRemove(): void;
}) {
  const works = /code|card/.test(command.does) && /^(set|add)/.test(command.does);
  return (
    <div className={css['line']}>
      <select
        aria-label={`What function ${index + 1} does`}
        value={command.does}
        onChange={(event) => onChange({ does: event.target.value as Deed })}
      >
        {DEEDS.map((deed) => (
          <option key={deed} value={deed}>
            {DEED_WORDS[deed]}
          </option>
        ))}
      </select>
      <StrokesField
        label={`Strokes of function ${index + 1}`}
        value={command.strokes}
        problem={problem('strokes')}
        onChange={(strokes) => onChange({ strokes })}
      />
      {command.does === 'set-time' && (
        <select
          aria-label={`Which time function ${index + 1} sets`}
          value={command.time ?? 'unlock'}
          onChange={(event) => onChange({ time: event.target.value as NonNullable<Command['time']> })}
        >
          {KEPT_TIMES.map((time) => (
            <option key={time} value={time}>
              {TIME_WORDS[time]}
            </option>
          ))}
        </select>
      )}
      {works && (
        <select
          aria-label={`What function ${index + 1} works`}
          value={`${command.output ?? 1} ${command.toggle ? 'toggle' : ''}`.trim()}
          onChange={(event) => {
            const [output, toggle] = event.target.value.split(' ');
            onChange({ output: Number(output), toggle: toggle === 'toggle' });
          }}
        >
          {[1, 2].flatMap((output) => [
            <option key={output} value={String(output)}>
              output {output}
            </option>,
            <option key={`${output} toggle`} value={`${output} toggle`}>
              output {output}, toggle
            </option>,
          ])}
        </select>
      )}
      {onScreen && (
        <OnScreen
          label={`What the screen calls function ${index + 1}`}
          value={command.title ?? ''}
          problem={problem('title')}
          onChange={(title) => onChange({ title })}
        />
      )}
      <RemoveButton label={`Remove function ${index + 1}`} onClick={onRemove} />
    </div>
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
        aria-label={`Keys of example ${index + 1}`}
        className={css['exampleKeys']}
        value={example.strokes}
        spellCheck={false}
        placeholder="* 0 1234 # 1 003 # 4711 #"
        aria-invalid={problem ? true : undefined}
        onChange={(event) => onChange({ strokes: event.target.value })}
      />
      <select
        aria-label={`Answer of example ${index + 1}`}
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
        aria-label={`What is held after example ${index + 1}`}
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
        {outcome === 'right' ? '✓ comes out' : outcome === null ? '' : '✕ otherwise'}
      </span>
      <RemoveButton label={`Remove example ${index + 1}`} onClick={onRemove} />
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
        aria-label={`Beeps: ${name}`}
        value={reply.beeps}
        onChange={(event) =>
          onChange({ ...reply, beeps: Math.min(9, Math.max(0, Math.round(Number(event.target.value) || 0))) })
        }
      />
      <select
        aria-label={`How it beeps: ${name}`}
        value={reply.long ? 'long' : 'short'}
        onChange={(event) => onChange({ ...reply, long: event.target.value === 'long' })}
      >
        <option value="short">short</option>
        <option value="long">long</option>
      </select>
      <select
        aria-label={`Light: ${name}`}
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
