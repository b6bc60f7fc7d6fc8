import type { ReactNode } from 'react';
import { can, type KeypadLanguage, type Script } from '#core/keypads/index';
import type { Device, Person } from '#core/plan/index';
import { scriptProblemWords } from '#words/keypad';
import { say } from '#words/stations/program/KeysToPress';
import { Button } from '../../ui/Button';
import { ScriptView } from './ScriptView';
import css from './KeysToPress.module.css';

interface Props {
  readonly keypad: Device;
  readonly language: KeypadLanguage;
  readonly script: Script;
  readonly people: readonly Person[];
  /** False where the programming code is none that this keypad takes. */
  readonly fits: boolean;
  /** Where a script stands that is being keyed into the simulated one. */
  readonly at: { readonly step: number; readonly stroke: number } | null;
  /** The programming code it is to have, and what of the list stands against it. */
  /** Whether codes stand in the lines, or dots; to show them is written into the log. */
  readonly shown: boolean;
  onShow(on: boolean): void;
  readonly children: ReactNode;
  readonly foot: ReactNode;
}

/** The keys to press, with what has to be said of them. */
export function KeysToPress(props: Props) {
  const { keypad, language, script, people, fits, at, shown, onShow, children, foot } = props;
  const { steps, wipes, problems, isLeast } = script;
  const strokes = steps.reduce((sum, step) => sum + step.strokes.length, 0);
  return (
    <section className={css['keys']} aria-label={say.keysToPressAt(keypad.tag)}>
      <header>
        <h2>{say.keysToPress}</h2>
        {strokes > 0 && fits && (
          <span>{isLeast ? say.strokesTheFewestThereAre(strokes) : say.strokes(strokes)}</span>
        )}
      </header>
      <div className={css['said']}>
        {children}
        {problems.map((one, index) => (
          <p key={index} className={css['problem']}>
            {scriptProblemWords(one)}
          </p>
        ))}
        {wipes && <p className={css['problem']}>{say.everybodyWipedFirstWhoever}</p>}
        <p>
          {say.moreThanSBetween(language.name, language.timeoutMs / 1000)}
          {language.slots && !can(language, 'clear-slot', 'delete-code') && say.slotCannotClearedOnly}
          {language.timeoutLoses === 'session' && say.allKeyedSinceProgramming}
        </p>
      </div>
      {steps.length === 0 && problems.length === 0 ? (
        <p className={css['settled']}>{say.simulatedKeypadHoldsExactly}</p>
      ) : (
        fits && (
          <ScriptView
            language={language}
            steps={steps}
            people={people}
            keypad={keypad.id}
            at={at}
            codes={shown}
          />
        )
      )}
      <footer>
        {foot}
        {steps.length > 0 && (
          <Button look="quiet" aria-pressed={shown} onClick={() => onShow(!shown)}>
            {shown ? say.hideCodes : say.showCodes}
          </Button>
        )}
      </footer>
    </section>
  );
}
