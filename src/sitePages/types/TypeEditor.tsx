import { useState } from 'react';
import { typeProblems, type DeviceType } from '#core/devices/index';
import { asDeviceType } from '#core/devices/asDeviceType';
import { deviceTypeSchema } from '#core/devices/deviceTypeSchema';
import { say } from '#words/sitePages/types/TypeEditor';
import { Button } from '../../ui/Button';
import { BankRows } from './BankRows';
import { RolesEditor } from './RolesEditor';
import { TestBench } from './TestBench';
import { TypeDoes } from './TypeDoes';
import { TypeFacts } from './TypeFacts';
import { TypeParts } from './TypeParts';
import { TypeSettings } from './TypeSettings';
import { TypeTerminals } from './TypeTerminals';
import css from './TypeEditor.module.css';

interface Props {
  readonly draft: DeviceType;
  onChange(type: DeviceType): void;
  onSave(type: DeviceType): void;
  onClose(): void;
}

/** A device type on the bench: its terminals, the parts between them, what it does, and a test circuit beside it. */
export function TypeEditor({ draft, onChange, onSave, onClose }: Props) {
  const set = (patch: Partial<DeviceType>) => onChange({ ...draft, ...patch });
  const [refused, setRefused] = useState<string | null>(null);
  const pins = draft.terminals.map(({ id }) => id);
  const save = () => {
    const parsed = deviceTypeSchema.safeParse(JSON.parse(JSON.stringify(draft)));
    if (!parsed.success) {
      const [issue] = parsed.error.issues;
      setRefused(`${issue?.path.join('.') ?? ''}: ${issue?.message ?? ''}`);
      return;
    }
    setRefused(null);
    onSave(asDeviceType(parsed.data));
  };
  return (
    <div className={css['editor']}>
      <div className={css['form']}>
        <TypeFacts draft={draft} set={set} onChange={onChange} />
        <TypeTerminals draft={draft} set={set} />
        <TypeParts draft={draft} set={set} />
        <TypeSettings draft={draft} set={set} />
        <BankRows
          type={draft}
          onChange={(banks) => {
            const { banks: _old, ...rest } = draft;
            onChange(banks.length > 0 ? { ...rest, banks } : rest);
          }}
        />
        <TypeDoes draft={draft} set={set} onChange={onChange} />

        <RolesEditor roles={draft.roles} pins={pins} onChange={(roles) => set({ roles })} />

        <div className={css['acts']}>
          <Button look="main" disabled={typeProblems(draft).length > 0} onClick={save}>
            {say.saveAsVersion(draft.version)}
          </Button>
          <Button onClick={onClose}>{say.leaveIt}</Button>
          {refused && (
            <p role="alert" className={css['refused']}>
              {say.notSavedYouEntered(refused)}
            </p>
          )}
        </div>
      </div>
      <TestBench type={draft} />
    </div>
  );
}
