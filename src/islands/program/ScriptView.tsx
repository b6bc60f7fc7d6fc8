import type { KeypadLanguage, ScriptStep } from '#core/keypads/index';
import { hasSlot, isTheirs, wasTheirs, type Person } from '#core/plan/index';
import { PURPOSES, replyWords, strokeWords } from '#words/keypad';
import { cx } from '../../ui/cx';
import { isGiven } from './givenKeys';
import css from './ScriptView.module.css';

interface Props {
  readonly language: KeypadLanguage;
  readonly steps: readonly ScriptStep[];
  readonly people: readonly Person[];
  readonly keypad: string;
  /** Whether codes stand in the lines, or dots. */
  readonly codes: boolean;
  /** Step and stroke to make next while the script is being played. */
  readonly at: { readonly step: number; readonly stroke: number } | null;
}

/** The keys to press, a line each, with what the keypad should answer. */
export function ScriptView({ language, steps, people, keypad, codes, at }: Props) {
  /** Whose slot it is; in a list, whose code or cards. */
  const owner = ({ slot, about }: ScriptStep): string =>
    people
      .filter((person) =>
        language.slots && slot !== null
          ? hasSlot(person, keypad, slot)
          : isTheirs(person, { code: about.code === undefined ? null : String(about.code), card: null }) ||
            about.cards?.some((card) => wasTheirs(person, { code: null, card })),
      )
      .map(({ name }) => name)
      .join(', ');
  const detail = (step: ScriptStep): string =>
    [
      language.slots && step.slot !== null
        ? `slot ${String(step.slot).padStart(language.slots.digits, '0')}`
        : '',
      step.scrap ? 'overwritten with a code nobody gets' : owner(step),
    ]
      .filter(Boolean)
      .join(', ');
  return (
    <ol className={css['script']}>
      {steps.map((step, index) => (
        <li
          key={index}
          className={at?.step === index ? css['now'] : at && index < at.step ? css['done'] : undefined}
        >
          <span className={css['number']} aria-hidden>
            {at && index < at.step ? '✓' : index + 1}
          </span>
          <span className={css['what']}>
            {PURPOSES[step.purpose]}
            {detail(step) && <small>{detail(step)}</small>}
          </span>
          <span className={css['keys']}>
            {step.strokes.map((stroke, k) => (
              <kbd
                key={k}
                className={cx(
                  isGiven(step, k) && css['given'],
                  at?.step === index && at.stroke === k && css['next'],
                )}
              >
                {!codes && isGiven(step, k) ? '•' : strokeWords(stroke)}
              </kbd>
            ))}
          </span>
          <span className={css['reply']}>
            <i className={css[step.shows.light]} aria-hidden />
            {replyWords(step.shows)}
          </span>
        </li>
      ))}
    </ol>
  );
}
