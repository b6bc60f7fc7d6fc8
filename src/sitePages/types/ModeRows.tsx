import Plus from 'lucide-react/icons/plus';
import { AT_DOOR, DEEDS, KEPT_TIMES, type Deed } from '#core/leaflet/index';
import type { Leaflet } from '#core/plan/index';
import { DEED_WORDS, TIME_WORDS } from '#words/language';
import { Button } from '../../ui/Button';
import { StrokesField } from './StrokesField';
import { RemoveButton } from './TypeRows';
import css from './LanguageEditor.module.css';

/** A state of a keypad, or a list of a terminal's menu, with its functions. */

type Mode = Leaflet['modes'][number];
type Command = Mode['commands'][number];

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
