import { useId, type InputHTMLAttributes, type ReactNode, type Ref, type SelectHTMLAttributes } from 'react';
import { say } from '#words/ui/Field';
import { cx } from './cx';
import css from './Field.module.css';

interface Shell {
  readonly label: string;
  readonly hint?: string;
  readonly error?: string | null;
  /** Label kept for screen readers only. */
  readonly bare?: boolean;
}

interface ShellProps extends Shell {
  readonly id: string;
  readonly children: ReactNode;
  readonly unit?: string;
}

const FieldShell = ({ id, label, hint, error, bare, unit, children }: ShellProps) => (
  <div className={css['field']}>
    <label htmlFor={id} className={bare ? 'hush' : css['label']}>
      {label}
    </label>
    {hint && !bare && (
      <p id={`${id}-hint`} className={css['hint']}>
        {hint}
      </p>
    )}
    <div className={css['box']}>
      {children}
      {unit && <span className={css['unit']}>{unit}</span>}
    </div>
    {error && (
      <p id={`${id}-error`} role="alert" className={css['error']}>
        {error}
      </p>
    )}
  </div>
);

type InputProps = Shell &
  InputHTMLAttributes<HTMLInputElement> & {
    readonly unit?: string;
    readonly ref?: Ref<HTMLInputElement>;
    /** Has the focus when its page opens: see `frame/focusRule.ts`. */
    readonly 'data-start'?: boolean;
  };

/** A labelled text or number field; hint and error are read out with it. */
export function TextField({ label, hint, error, bare, unit, className, id, ...rest }: InputProps) {
  const made = useId();
  const use = id ?? made;
  const described = [hint && !bare && `${use}-hint`, error && `${use}-error`].filter(Boolean).join(' ');
  return (
    <FieldShell id={use} label={label} hint={hint} error={error} bare={bare} unit={unit}>
      <input
        id={use}
        className={cx(css['input'], className)}
        aria-invalid={error ? true : undefined}
        aria-describedby={described || undefined}
        autoComplete="off"
        {...rest}
      />
    </FieldShell>
  );
}

type SelectProps = Shell & SelectHTMLAttributes<HTMLSelectElement>;

export function SelectField({ label, hint, error, bare, className, children, ...rest }: SelectProps) {
  const id = useId();
  return (
    <FieldShell id={id} label={label} hint={hint} error={error} bare={bare}>
      <select id={id} className={cx(css['input'], css['select'], className)} {...rest}>
        {children}
      </select>
    </FieldShell>
  );
}

interface ChoiceProps<T extends string> {
  readonly label: string;
  readonly hint?: string;
  readonly value: T | null;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  onChange(value: T): void;
}

/** A few answers side by side: one click, arrow keys work. */
export function ChoiceField<T extends string>({ label, hint, value, options, onChange }: ChoiceProps<T>) {
  const id = useId();
  return (
    <fieldset className={css['choice']}>
      <legend className={css['label']}>{label}</legend>
      {hint && <p className={css['hint']}>{hint}</p>}
      <div className={css['options']}>
        {options.map((option) => (
          <label key={option.value} className={css['option']}>
            <input
              type="radio"
              name={id}
              className="hush"
              checked={value === option.value}
              onChange={() => onChange(option.value)}
            />
            <span>{option.label}</span>
          </label>
        ))}
      </div>
    </fieldset>
  );
}

interface YesNoProps {
  readonly label: string;
  readonly hint?: string;
  readonly value: boolean | null;
  onChange(value: boolean): void;
}

export const YesNo = ({ value, onChange, ...rest }: YesNoProps) => (
  <ChoiceField
    {...rest}
    value={value === null ? null : value ? 'yes' : 'no'}
    options={[
      { value: 'yes', label: say.yes },
      { value: 'no', label: say.no },
    ]}
    onChange={(answer) => onChange(answer === 'yes')}
  />
);
