import { useState } from 'react';
import { factoryMemory, hasProgrammingCode, inExamples, type KeypadLanguage } from '#core/keypads/index';
import { say } from '#words/sitePages/types/LanguageTried';
import { Button } from '../../ui/Button';
import { KeypadPanel } from '../../parts/keypad/KeypadPanel';
import { useKeypad } from '../../parts/keypad/useKeypad';
import css from './LanguageEditor.module.css';

let tried = 0;

/** The keypad that speaks the language as it is written now, as it comes from the factory. */
export function LanguageTried({ language }: { language: KeypadLanguage }) {
  const [device] = useState(() => say.aLanguageThatIsWritten((tried += 1)));
  const live = useKeypad(device, language, factoryMemory(language));
  const held = Object.entries(live.keypad.memory.slots);
  return (
    <>
      <KeypadPanel
        language={language}
        live={live}
        cards={[{ name: say.card12, card: { facility: 1, number: 12 } }]}
        onKey={(key) => live.strike({ key })}
        onCard={(card) => live.strike({ card })}
        onMaster={(master) => live.strike({ master })}
        fingers={[1, 2].map((number) => ({ name: say.finger(number), finger: String(number) }))}
        onFinger={(finger) => live.strike({ finger })}
      />
      <p className={css['holds']}>
        {held.length === 0
          ? say.holdsNobody(hasProgrammingCode(language), live.keypad.memory.programmingCode)
          : say.holds(held.map(([slot, content]) => `${slot}: ${inExamples(content)}`).join('; '))}{' '}
        <Button size="s" look="quiet" onClick={() => live.load(factoryMemory(language))}>
          {say.asFromTheFactory}
        </Button>
      </p>
    </>
  );
}
