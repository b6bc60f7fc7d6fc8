import { useState } from 'react';
import Plus from 'lucide-react/icons/plus';
import { positionsOf, rowsOf, type DeviceType, type DipBank, type DipField } from '#core/devices/index';
import { say } from '#words/sitePages/types/BankRows';
import { Button } from '../../ui/Button';
import { SwitchBank } from '../../ui/DipSwitches';
import { SelectField } from '../../ui/Field';
import { freeId } from './blankType';
import { RemoveButton } from './TypeRows';
import css from './TypeEditor.module.css';

/** Longest bank that is made. */
const MOST_ROWS = 32;

/** A line of numbers kept while it is typed: rows of a bank, `1 2 3`. */
function RowsField({ rows, onChange }: { rows: readonly number[]; onChange(rows: number[]): void }) {
  const [text, setText] = useState<string | null>(null);
  const read = (from: string) => [...from.matchAll(/\d+/g)].map(([digits]) => Number(digits));
  return (
    <label className={css['value']}>
      <span>{say.rowsFirstBitFirst}</span>
      <input
        className={css['list']}
        value={text ?? rows.join(' ')}
        onChange={(event) => {
          setText(event.target.value);
          const next = read(event.target.value).filter((row) => row >= 1 && row <= MOST_ROWS);
          if (next.length > 0) onChange([...new Set(next)]);
        }}
        onBlur={() => setText(null)}
      />
    </label>
  );
}

/** Patterns of a choice as it gets another number of rows: what is too long is cut, what is too short is filled with 0. */
const fitted = (code: DipField['code'], rows: readonly number[]): DipField['code'] =>
  code === 'binary'
    ? code
    : Object.fromEntries(
        Object.entries(code).map(([value, digits]) => [
          value,
          digits.slice(0, rows.length).padEnd(rows.length, '0'),
        ]),
      );

/** What a new field of a bank begins with: a number in binary, a choice with its values counted up. */
export function blankField(type: Pick<DeviceType, 'settings'>, id: string, from: number): DipField {
  const setting = type.settings.find((one) => one.id === id);
  if (setting?.kind !== 'choice') {
    const bits = setting?.kind === 'number' ? Math.max(1, Math.ceil(Math.log2(setting.max + 1))) : 1;
    return { setting: id, rows: Array.from({ length: bits }, (_, n) => from + n), code: 'binary' };
  }
  const bits = Math.max(1, Math.ceil(Math.log2(setting.options.length)));
  return {
    setting: id,
    rows: Array.from({ length: bits }, (_, n) => from + n),
    code: Object.fromEntries(
      setting.options.map(({ value }, index) => [
        value,
        Array.from({ length: bits }, (_, bit) => String(Math.floor(index / 2 ** bit) % 2)).join(''),
      ]),
    ),
  };
}

interface Props {
  readonly type: DeviceType;
  onChange(banks: readonly DipBank[]): void;
}

/** Banks of DIP switches: which rows say which setting, with the bank as it is delivered. */
export function BankRows({ type, onChange }: Props) {
  const banks = type.banks ?? [];
  const settable = type.settings.filter(({ kind }) => kind !== 'text');
  const put = (index: number, bank: DipBank) => onChange(banks.map((old, n) => (n === index ? bank : old)));
  const [first] = settable;
  return (
    <section aria-label={say.dipSwitches}>
      <h3>{say.banksDipSwitchesWhose}</h3>
      {banks.map((bank, index) => (
        <BankRow
          key={index}
          bank={bank}
          type={type}
          settable={settable}
          onChange={(next) => put(index, next)}
          onRemove={() => onChange(banks.filter((_, n) => n !== index))}
        />
      ))}
      {first ? (
        <Button
          size="s"
          icon={<Plus aria-hidden />}
          disabled={banks.length >= 8}
          onClick={() =>
            onChange([
              ...banks,
              {
                id: freeId(
                  banks.map(({ id }) => id),
                  'S1',
                ),
                fields: [blankField(type, first.id, 1)],
              },
            ])
          }
        >
          {say.bank}
        </Button>
      ) : (
        <p>{say.bankSaysSettingsAdd}</p>
      )}
    </section>
  );
}

interface RowProps {
  readonly bank: DipBank;
  readonly type: DeviceType;
  readonly settable: DeviceType['settings'];
  onChange(bank: DipBank): void;
  onRemove(): void;
}

function BankRow({ bank, type, settable, onChange, onRemove }: RowProps) {
  const put = (index: number, field: DipField) =>
    onChange({ ...bank, fields: bank.fields.map((old, n) => (n === index ? field : old)) });
  const unused = settable.find(({ id }) => bank.fields.every(({ setting }) => setting !== id));
  return (
    <div className={css['bank']} role="group" aria-label={say.bank2(bank.id)}>
      <div className={css['row']}>
        <label className={css['value']}>
          <span>{say.printedBesideIt}</span>
          <input
            value={bank.id}
            maxLength={12}
            onChange={(event) => onChange({ ...bank, id: event.target.value })}
          />
        </label>
        <SwitchBank name={say.bankAsDelivered(bank.id)} positions={positionsOf(bank, type, {})} />
        <RemoveButton label={say.removeBank(bank.id)} onClick={onRemove} />
      </div>
      {bank.fields.map((field, index) => (
        <FieldRow
          key={index}
          field={field}
          type={type}
          settable={settable}
          onChange={(next) => put(index, next)}
          onRemove={() => onChange({ ...bank, fields: bank.fields.filter((_, n) => n !== index) })}
          only={bank.fields.length === 1}
        />
      ))}
      <Button
        size="s"
        icon={<Plus aria-hidden />}
        disabled={!unused}
        onClick={() =>
          unused &&
          onChange({ ...bank, fields: [...bank.fields, blankField(type, unused.id, rowsOf(bank) + 1)] })
        }
      >
        {say.rowsForAnotherSetting}
      </Button>
      <Forbidden bank={bank} type={type} settable={settable} onChange={onChange} />
    </div>
  );
}

interface FieldProps {
  readonly field: DipField;
  readonly type: DeviceType;
  readonly settable: DeviceType['settings'];
  /** The last field of a bank stays: a bank without one means nothing. */
  readonly only: boolean;
  onChange(field: DipField): void;
  onRemove(): void;
}

function FieldRow({ field, type, settable, only, onChange, onRemove }: FieldProps) {
  const { setting, rows, code } = field;
  return (
    <div className={css['row']} role="group" aria-label={say.rowsOf(setting)}>
      <label className={css['value']}>
        <span>{say.sayWord}</span>
        <select
          value={setting}
          onChange={(event) => onChange(blankField(type, event.target.value, rows[0] ?? 1))}
        >
          {settable.map(({ id, label }) => (
            <option key={id} value={id}>
              {label || id}
            </option>
          ))}
        </select>
      </label>
      <RowsField
        rows={rows}
        onChange={(next) => onChange({ ...field, rows: next, code: fitted(code, next) })}
      />
      {code === 'binary' ? (
        <span className={css['kind']}>{say.asANumberInBinary}</span>
      ) : (
        Object.entries(code).map(([value, digits]) => (
          <label key={value} className={css['value']}>
            <span>{value}</span>
            <input
              value={digits}
              maxLength={rows.length}
              inputMode="numeric"
              aria-label={say.patternFor1ForOn(value)}
              onChange={(event) =>
                onChange({
                  ...field,
                  code: { ...code, [value]: event.target.value.replaceAll(/[^01]/g, '') },
                })
              }
            />
          </label>
        ))
      )}
      {!only && <RemoveButton label={say.removeTheRowsOf(setting)} onClick={onRemove} />}
    </div>
  );
}

type ForbiddenProps = Pick<RowProps, 'bank' | 'type' | 'settable' | 'onChange'>;

/** Pairs of values that must not stand together. */
function Forbidden({ bank, settable, onChange }: ForbiddenProps) {
  const { forbidden = [] } = bank;
  const choices = settable.flatMap((setting) =>
    setting.kind === 'choice' ? setting.options.map(({ value }) => ({ id: setting.id, value })) : [],
  );
  const keyOf = ({ id, value }: { id: string; value: string }) => `${id} = ${value}`;
  const [one, setOne] = useState('');
  const [two, setTwo] = useState('');
  const found = [one, two].map((key) => choices.find((choice) => keyOf(choice) === key));
  const [a, b] = found;
  const whole = a && b && a.id !== b.id;
  return (
    <>
      {forbidden.map((when, index) => (
        <p key={index} className={css['forbidden']}>
          {say.never(
            Object.entries(when)
              .map(([id, value]) => `${id} = ${value}`)
              .join(' with '),
          )}
          <RemoveButton
            label={say.allowItAgain}
            onClick={() => onChange({ ...bank, forbidden: forbidden.filter((_, n) => n !== index) })}
          />
        </p>
      ))}
      {choices.length > 2 && (
        <div className={css['row']}>
          <span className={css['kind']}>{say.neverTogether}</span>
          {(
            [
              [say.oneValue, one, setOne],
              [say.andAnother, two, setTwo],
            ] as const
          ).map(([label, value, onPick]) => (
            <SelectField
              key={label}
              label={label}
              value={value}
              onChange={(event) => onPick(event.target.value)}
            >
              <option value="">…</option>
              {choices.map((choice) => (
                <option key={keyOf(choice)}>{keyOf(choice)}</option>
              ))}
            </SelectField>
          ))}
          <Button
            size="s"
            disabled={!whole}
            onClick={() => {
              if (!whole) return;
              onChange({ ...bank, forbidden: [...forbidden, { [a.id]: a.value, [b.id]: b.value }] });
              setOne('');
              setTwo('');
            }}
          >
            {say.forbidIt}
          </Button>
        </div>
      )}
    </>
  );
}
