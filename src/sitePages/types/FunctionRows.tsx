import type { DeviceFunction, DeviceType, FunctionKind } from '#core/devices/index';
import { blankChannel, blankFunction } from '#core/functions/index';
import { FUNCTION_LABELS } from '#words/devices';
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
      aria-label={`Function ${FUNCTION_LABELS[of.kind]}`}
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
            One more door
          </Button>
          <Button
            size="s"
            disabled={of.channels.length <= 1}
            onClick={() => onChange({ ...of, channels: of.channels.slice(0, -1) })}
          >
            One door less
          </Button>
        </>
      )}
      <RemoveButton label={`Remove ${FUNCTION_LABELS[of.kind]}`} onClick={onRemove} />
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
      {functions.length === 0 && <p className={css['hint']}>Nothing by itself: it only conducts.</p>}
      <SelectField
        label="Add what it does"
        bare
        value=""
        onChange={(event) =>
          onChange([...functions, blankFunction(event.target.value as FunctionKind, board)])
        }
      >
        <option value="">Add what it does…</option>
        {(Object.keys(FUNCTION_LABELS) as FunctionKind[]).map((kind) => (
          <option key={kind} value={kind}>
            {FUNCTION_LABELS[kind]}
          </option>
        ))}
      </SelectField>
    </>
  );
}
