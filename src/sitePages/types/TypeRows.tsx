import Trash2 from 'lucide-react/icons/trash-2';
import type { Setting, Terminal } from '#core/devices/index';
import { say } from '#words/sitePages/types/TypeRows';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { ValueFields } from './ValueFields';
import css from './TypeEditor.module.css';

/** A bin at the end of a row. */
export const RemoveButton = ({ label, onClick }: { label: string; onClick(): void }) => (
  <Button size="s" look="quiet" aria-label={label} icon={<Trash2 aria-hidden />} onClick={onClick} />
);

/** One terminal as it is printed. */
export function TerminalRow({
  terminal,
  onChange,
  onRemove,
}: {
  terminal: Terminal;
  onChange(terminal: Terminal): void;
  onRemove(): void;
}) {
  const sizes = terminal.sizes ?? [0.14, 1.5];
  return (
    <div className={cx(css['row'], css['terminal'])} role="group" aria-label={say.terminal(terminal.id)}>
      <label className={css['value']}>
        <span>{say.name}</span>
        <input
          value={terminal.id}
          maxLength={12}
          onChange={(event) => onChange({ ...terminal, id: event.target.value })}
        />
      </label>
      <label className={css['value']}>
        <span>{say.conductors}</span>
        <input
          type="number"
          min={1}
          max={64}
          value={terminal.maxConductors}
          onChange={(event) => onChange({ ...terminal, maxConductors: Number(event.target.value) })}
        />
      </label>
      <label className={css['value']}>
        <span>{say.mayStayEmpty}</span>
        <input
          type="checkbox"
          checked={terminal.use === 'optional'}
          onChange={(event) => onChange({ ...terminal, use: event.target.checked ? 'optional' : 'needed' })}
        />
      </label>
      <label className={css['value']}>
        <span>{say.holdsBy}</span>
        <select
          value={terminal.form ?? 'screw'}
          onChange={(event) =>
            onChange({ ...terminal, form: event.target.value as NonNullable<Terminal['form']> })
          }
        >
          {['screw', 'lever', 'pigtail', 'plug'].map((form) => (
            <option key={form}>{form}</option>
          ))}
        </select>
      </label>
      <label className={css['value']}>
        <span>{say.fromMm}</span>
        <input
          type="number"
          step="any"
          value={sizes[0]}
          onChange={(event) => onChange({ ...terminal, sizes: [Number(event.target.value), sizes[1]] })}
        />
      </label>
      <label className={css['value']}>
        <span>{say.toMm}</span>
        <input
          type="number"
          step="any"
          value={sizes[1]}
          onChange={(event) => onChange({ ...terminal, sizes: [sizes[0], Number(event.target.value)] })}
        />
      </label>
      <label className={css['value']}>
        <span>{say.carries}</span>
        <select
          value={terminal.carries ?? 'power'}
          onChange={(event) => {
            const { carries: _old, ...rest } = terminal;
            const carries = event.target.value;
            onChange(
              carries === 'power' ? rest : { ...rest, carries: carries as NonNullable<Terminal['carries']> },
            );
          }}
        >
          {['power', 'signal', 'data', 'bus', 'audio'].map((one) => (
            <option key={one}>{one}</option>
          ))}
        </select>
      </label>
      <RemoveButton label={say.removeTerminal(terminal.id)} onClick={onRemove} />
    </div>
  );
}

/** One DIP switch, jumper or menu value. */
export function SettingRow({
  setting,
  onChange,
  onRemove,
}: {
  setting: Setting;
  onChange(setting: Setting): void;
  onRemove(): void;
}) {
  return (
    <div className={css['row']} role="group" aria-label={say.setting(setting.id)}>
      <span className={css['kind']}>{setting.kind}</span>
      <ValueFields
        value={setting}
        path={say.setting2(setting.id)}
        choices={() => null}
        skip={['kind', 'options']}
        onChange={onChange}
      />
      {setting.kind === 'choice' && (
        <label className={css['value']}>
          <span>{say.valuesByComma}</span>
          <input
            value={setting.options.map(({ value }) => value).join(',')}
            onChange={(event) =>
              onChange({
                ...setting,
                options: event.target.value.split(',').map((value) => ({
                  value: value.trim(),
                  label: setting.options.find((old) => old.value === value.trim())?.label ?? value.trim(),
                })),
              })
            }
          />
        </label>
      )}
      <RemoveButton label={say.removeSetting(setting.id)} onClick={onRemove} />
    </div>
  );
}
