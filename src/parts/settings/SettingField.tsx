import { useState } from 'react';
import { settingFits, type Setting } from '#core/devices/index';
import { formatsOf } from '#core/plan/index';
import { say } from '#words/parts/settings/SettingField';
import { DipSwitches } from '../../ui/DipSwitches';
import { SelectField, TextField } from '../../ui/Field';
import { usePlan } from '../../store/context';
import css from './SettingField.module.css';

interface SettingProps {
  readonly setting: Setting;
  readonly value: string | number | undefined;
  onSet(value: string | number): void;
  /** What it is called here, where that is not the setting's own label. */
  readonly name?: string;
  /** The label is for screen readers only. */
  readonly bare?: boolean;
}

/** A setting of a device, changed where it stands: a choice, a number within its range, a text of its form. */
export function SettingField({ setting, value, onSet, name, bare = false }: SettingProps) {
  const label = name ?? setting.label.charAt(0).toUpperCase() + setting.label.slice(1);
  const [draft, setDraft] = useState<string | null>(null);
  if (setting.kind === 'choice') {
    return (
      <SelectField
        label={label}
        bare={bare}
        value={String(value)}
        onChange={(event) => onSet(event.target.value)}
      >
        {setting.options.map((option) => (
          <option key={option.value} value={option.value}>
            {option.label}
          </option>
        ))}
      </SelectField>
    );
  }
  if (setting.kind === 'text' && setting.format === 'frame')
    return <FrameField label={label} bare={bare} value={String(value ?? '')} onSet={onSet} />;
  const text = draft ?? String(value ?? '');
  const wrong = draft !== null && !fits(setting, draft);
  const keep = () => {
    if (draft !== null && !wrong)
      onSet(setting.kind === 'number' ? Number(draft.replace(',', '.')) : draft.trim());
    if (!wrong) setDraft(null);
  };
  return (
    <div className={css['written']}>
      <TextField
        label={label}
        bare={bare}
        unit={setting.kind === 'number' ? setting.unit : undefined}
        inputMode={setting.kind === 'number' ? 'decimal' : 'text'}
        placeholder={setting.kind === 'text' ? setting.example : undefined}
        value={text}
        error={wrong ? wanted(setting) : null}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep();
          if (event.key === 'Escape') setDraft(null);
        }}
      />
      {setting.kind === 'number' && setting.dip && <DipSwitches value={Number(value)} bits={setting.dip} />}
    </div>
  );
}

interface FrameProps {
  readonly label: string;
  readonly bare: boolean;
  readonly value: string;
  onSet(value: string): void;
}

/** A card format: one that is known, or of the site's own; an id that nobody knows stays and is said. */
function FrameField({ label, bare, value, onSet }: FrameProps) {
  const formats = formatsOf(usePlan());
  return (
    <SelectField label={label} bare={bare} value={value} onChange={({ target }) => onSet(target.value)}>
      {!formats.some(({ id }) => id === value) && <option value={value}>{say.notKnown(value)}</option>}
      {formats.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </SelectField>
  );
}

type Written = Exclude<Setting, { kind: 'choice' }>;

function fits(setting: Written, text: string): boolean {
  if (setting.kind === 'text') return settingFits(setting, text.trim());
  return text.trim() !== '' && settingFits(setting, Number(text.replace(',', '.')));
}

const wanted = (setting: Written): string =>
  setting.kind === 'text' ? say.like(setting.example) : say.aNumberFromTo(setting.min, setting.max);
