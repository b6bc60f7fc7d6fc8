import {
  createContext,
  useContext,
  useEffect,
  useId,
  useRef,
  type KeyboardEvent,
  type ReactNode,
  type RefObject,
} from 'react';
import { say } from '#words/sitePages/types/StrokesField';
import css from './LanguageEditor.module.css';

/** What can be written in braces, with what it stands for. */
const FIELDS = [
  ['{programming}', say.theProgrammingCode],
  ['{slot}', say.theNumberOfASlot],
  ['{code}', say.aCode],
  ['{again}', say.keyedBeforeOnceMore],
  ['{seconds:2}', say.secondsTwoDigits],
  ['{card}', say.aCardIsPresented],
  ['{cards}', say.oneCardAfterAnother],
  ['{finger:3}', say.fingerLaidThreeTimes],
  ['{name?}', say.nameLettersScreenMay],
  ['{role}', say.userAdministratorScreen],
  ['{master+}', say.theCardThatBeginsAdding],
  ['{master-}', say.theCardThatBeginsRemoving],
] as const;

/** Puts a field into the strokes that somebody was at last. */
type Put = (text: string) => void;
const LastContext = createContext<RefObject<Put | null>>({ current: null });

/** Fields to press, above the strokes that they are put into. Nothing moves as one is pressed, and the caret stays where it was. */
export function StrokesBar({ children }: { children: ReactNode }) {
  const last = useRef<Put | null>(null);
  return (
    <LastContext value={last}>
      <div className={css['chips']} role="group" aria-label={say.fieldsToPutIn}>
        {FIELDS.map(([text, what]) => (
          <button
            key={text}
            type="button"
            title={what}
            onMouseDown={(event) => event.preventDefault()}
            onClick={() => last.current?.(text)}
          >
            {text}
          </button>
        ))}
      </div>
      {children}
    </LastContext>
  );
}

interface Props {
  readonly label: string;
  readonly value: string;
  readonly problem?: string | null;
  onChange(value: string): void;
}

/** Strokes in the notation. Fields are put in from the bar, or completed by Tab behind a brace: `{sl` becomes `{slot}`. */
export function StrokesField({ label, value, problem, onChange }: Props) {
  const id = useId();
  const field = useRef<HTMLInputElement>(null);
  const last = useContext(LastContext);
  const put = (text: string, from: number, to: number) => {
    const before = value.slice(0, from);
    const gap = before === '' || /\s$/.test(before) ? '' : ' ';
    const after = value.slice(to);
    onChange(`${before}${gap}${text}${after.startsWith(' ') ? '' : ' '}${after}`);
    const caret = (before + gap + text).length + 1;
    requestAnimationFrame(() => {
      field.current?.focus();
      field.current?.setSelectionRange(caret, caret);
    });
  };
  const here = () => {
    const at = field.current?.selectionStart ?? value.length;
    return [at, field.current?.selectionEnd ?? at] as const;
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key !== 'Tab' || event.shiftKey) return;
    const at = event.currentTarget.selectionStart ?? value.length;
    const begun = /\{[a-z+-]*$/.exec(value.slice(0, at))?.[0];
    const whole = begun && FIELDS.find(([text]) => text.startsWith(begun))?.[0];
    if (!whole) return;
    event.preventDefault();
    put(whole, at - begun.length, at);
  };
  const remember = () => {
    last.current = (text) => put(text, ...here());
  };
  // What was typed since is part of what a field is put into.
  useEffect(() => {
    if (document.activeElement === field.current) remember();
  });
  return (
    <div className={css['strokes']}>
      <input
        ref={field}
        aria-label={label}
        aria-invalid={problem ? true : undefined}
        aria-describedby={problem ? `${id}-problem` : undefined}
        value={value}
        spellCheck={false}
        autoComplete="off"
        maxLength={400}
        onFocus={remember}
        onSelect={remember}
        onChange={(event) => onChange(event.target.value)}
        onKeyDown={onKeyDown}
      />
      {problem && (
        <p id={`${id}-problem`} role="alert" className={css['problem']}>
          {problem}
        </p>
      )}
    </div>
  );
}
