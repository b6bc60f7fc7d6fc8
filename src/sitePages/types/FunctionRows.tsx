import type { DeviceFunction, DeviceType, FunctionKind } from '#core/devices/index';
import { blankChannel, blankFunction } from '#core/functions/index';
import { FUNCTION_LABELS } from '#words/devices';
import { say } from '#words/sitePages/types/FunctionRows';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { SelectField } from '../../ui/Field';
import { RemoveButton } from './TypeRows';
import { ValueFields, type Choices } from './ValueFields';
import css from './TypeEditor.module.css';

/** As many doors as one device may decide for. */
const MOST_CHANNELS = 16;

interface RowProps {
  readonly of: DeviceFunction;
  readonly index: number;
  readonly choices: Choices;
  onChange(next: DeviceFunction): void;
  onRemove(): void;
}

function FunctionRow({ of, index, choices, onChange, onRemove }: RowProps) {
  return (
    <div
      className={cx(css['row'], css['function'])}
      role="group"
      aria-label={say.functionWord(FUNCTION_LABELS[of.kind])}
    >
      <span className={css['kind']}>{FUNCTION_LABELS[of.kind]}</span>
      <ValueFields
        value={of}
        path={`function${index}`}
        choices={choices}
        skip={['kind']}
        onChange={onChange}
      />
      {of.kind === 'decides' && (
        <>
          <Button
            size="s"
            disabled={of.channels.length >= MOST_CHANNELS}
            onClick={() =>
              onChange({ ...of, channels: [...of.channels, blankChannel(of.channels.length + 1)] })
            }
          >
            {say.oneMoreDoor}
          </Button>
          <Button
            size="s"
            disabled={of.channels.length <= 1}
            onClick={() => onChange({ ...of, channels: of.channels.slice(0, -1) })}
          >
            {say.oneDoorLess}
          </Button>
        </>
      )}
      <RemoveButton label={say.remove(FUNCTION_LABELS[of.kind])} onClick={onRemove} />
    </div>
  );
}

interface Props {
  readonly type: DeviceType;
  readonly choices: Choices;
  readonly board: string;
  onChange(functions: readonly DeviceFunction[]): void;
}

/** What a device does over time: any number of things at once. */
export function FunctionRows({ type: { functions, parts }, choices, board, onChange }: Props) {
  // What a function reads is a part; roles and parts name terminals by the same words.
  const inputs = parts.filter(({ kind }) => kind === 'input').map(({ id }) => id);
  const named: Choices = (key) => (/^(input|close|stop|safety)$/.test(key) ? inputs : choices(key));
  return (
    <>
      {functions.map((one, index) => (
        <FunctionRow
          key={index}
          of={one}
          index={index}
          choices={named}
          onChange={(next) => onChange(functions.map((old, i) => (i === index ? next : old)))}
          onRemove={() => onChange(functions.filter((_, i) => i !== index))}
        />
      ))}
      {functions.length === 0 && <p className={css['hint']}>{say.nothingItselfOnlyConducts}</p>}
      <SelectField
        label={say.addWhatItDoes}
        bare
        value=""
        onChange={(event) =>
          onChange([...functions, blankFunction(event.target.value as FunctionKind, board)])
        }
      >
        <option value="">{say.addWhatItDoes2}</option>
        {(Object.keys(FUNCTION_LABELS) as FunctionKind[]).map((kind) => (
          <option key={kind} value={kind}>
            {FUNCTION_LABELS[kind]}
          </option>
        ))}
      </SelectField>
    </>
  );
}
