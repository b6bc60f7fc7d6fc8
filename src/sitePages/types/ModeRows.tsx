import Plus from 'lucide-react/icons/plus';
import { AT_DOOR, DEEDS, KEPT_TIMES, type Deed } from '#core/leaflet/index';
import type { Leaflet } from '#core/plan/index';
import { DEED_WORDS, TIME_WORDS } from '#words/language';
import { say } from '#words/sitePages/types/ModeRows';
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
          aria-label={say.nameOfTheState}
          className={css['modeName']}
          value={mode.id}
          maxLength={40}
          onChange={(event) => onChange({ id: event.target.value })}
        />
        <label>
          {say.enteredFrom}{' '}
          <select value={mode.from} onChange={(event) => onChange({ from: event.target.value })}>
            {[...new Set([...from, mode.from])].map((id) => (
              <option key={id} value={id}>
                {id === AT_DOOR ? say.theDoor : id}
              </option>
            ))}
          </select>
        </label>
        {onScreen && (
          <OnScreen
            label={say.whatTheScreenCalls(mode.id)}
            value={mode.title}
            problem={problem('title')}
            onChange={(title) => onChange({ title })}
          />
        )}
        {problem('id') && <em role="alert">{problem('id')}</em>}
        {onScreen && problem('commands') && <em role="alert">{problem('commands')}</em>}
        {onRemove && <RemoveButton label={say.remove(mode.id)} onClick={onRemove} />}
      </div>
      {!isChosen && (
        <div className={css['line']}>
          <span>{onScreen ? say.openedLongNobodyAdministers : say.enter(mode.id)}</span>
          <StrokesField
            label={say.enter2(mode.id)}
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
              <span>{say.orByAnAdministrator}</span>
              <StrokesField
                label={say.wayForAnAdministratorInto(index + 1, mode.id)}
                value={way}
                problem={problem(`as.${index}`)}
                onChange={(text) => onChange({ as: mode.as.map((one, at) => (at === index ? text : one)) })}
              />
              <RemoveButton
                label={say.removeWayInto(index + 1, mode.id)}
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
            {say.wayInForAnAdministrator}
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
          <span>{say.leave(mode.id)}</span>
          <StrokesField
            label={say.leave2(mode.id)}
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
              { does: 'set-code', strokes: '', ...(onScreen ? { title: say.code } : {}) },
            ],
          })
        }
      >
        {say.functionWord}
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
      {say.onTheScreen}{' '}
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
        aria-label={say.whatFunctionDoes(index + 1)}
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
        label={say.strokesOfFunction(index + 1)}
        value={command.strokes}
        problem={problem('strokes')}
        onChange={(strokes) => onChange({ strokes })}
      />
      {command.does === 'set-time' && (
        <select
          aria-label={say.whichTimeFunctionSets(index + 1)}
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
          aria-label={say.whatFunctionWorks(index + 1)}
          value={`${command.output ?? 1} ${command.toggle ? say.toggle : ''}`.trim()}
          onChange={(event) => {
            const [output, toggle] = event.target.value.split(' ');
            onChange({ output: Number(output), toggle: toggle === 'toggle' });
          }}
        >
          {[1, 2].flatMap((output) => [
            <option key={output} value={String(output)}>
              {say.output(output)}
            </option>,
            <option key={`${output} toggle`} value={`${output} toggle`}>
              {say.outputToggle(output)}
            </option>,
          ])}
        </select>
      )}
      {onScreen && (
        <OnScreen
          label={say.whatTheScreenCallsFunction(index + 1)}
          value={command.title ?? ''}
          problem={problem('title')}
          onChange={(title) => onChange({ title })}
        />
      )}
      <RemoveButton label={say.removeFunction(index + 1)} onClick={onRemove} />
    </div>
  );
}
