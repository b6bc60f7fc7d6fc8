import type { KeypadLanguage, ScriptStep } from '#core/keypads/index';
import type { Person } from '#core/plan/index';
import { purposeWords, replyWords, strokeWords } from '#words/keypad';
import { screenSays } from '#words/screen';
import { say } from '#words/stations/program/ScriptView';
import { cx } from '../../ui/cx';
import { isGiven } from '../../parts/keypad/givenKeys';
import { strokeGroups } from '../../parts/keypad/strokeGroups';
import { ownersOf, slotWords } from '../../parts/keypad/whose';
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
export function ScriptView({ language, steps, people, keypad, codes, at: now }: Props) {
  const detail = (step: ScriptStep): string =>
    [
      slotWords(language, step.slot),
      step.scrap ? say.overwrittenCodeNobodyGets : ownersOf(language, keypad, people, step),
    ]
      .filter(Boolean)
      .join(', ');
  return (
    <ol className={css['script']}>
      {steps.map((step, index) => (
        <li
          key={index}
          className={now?.step === index ? css['now'] : now && index < now.step ? css['done'] : undefined}
        >
          <span className={css['number']} aria-hidden>
            {now && index < now.step ? '✓' : index + 1}
          </span>
          <span className={css['what']}>
            {purposeWords(step)}
            {detail(step) && <small>{detail(step)}</small>}
          </span>
          <span className={css['keys']}>
            {strokeGroups(step).map(({ label, from, strokes }) => (
              <span key={from}>
                {label && <small>{label}</small>}
                <span>
                  {strokes.map((stroke, at) => {
                    const k = from + at;
                    return (
                      <kbd
                        key={k}
                        className={cx(
                          isGiven(step, k) && css['given'],
                          now?.step === index && now.stroke === k && css['next'],
                        )}
                      >
                        {!codes && isGiven(step, k) ? '•' : strokeWords(stroke)}
                      </kbd>
                    );
                  })}
                </span>
              </span>
            ))}
          </span>
          <span className={css['reply']}>
            <i className={css[step.shows.light]} aria-hidden />
            {replyWords(step.shows)}
          </span>
          {step.screen && step.screen.on !== 'door' && (
            <span className={css['screen']}>{say.itsScreen(screenSays(step.screen))}</span>
          )}
        </li>
      ))}
    </ol>
  );
}
