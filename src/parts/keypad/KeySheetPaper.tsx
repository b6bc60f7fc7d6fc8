import { useEffect, useState } from 'react';
import {
  compileScript,
  factoryMemory,
  type OpenSheet,
  type ScriptStep,
  type Stroke,
} from '#core/keypads/index';
import { answerWords, purposeWords, resetWords, strokeWords } from '#words/keypad';
import { say } from '#words/parts/keypad/KeySheetPaper';
import { usePlan } from '../../store/context';
import { isGiven } from './givenKeys';
import { scrapCode } from './scrapCode';
import { strokeGroups } from './strokeGroups';
import { ownersOf, slotWords } from './whose';
import css from './KeySheetPaper.module.css';

/** Whether a paper is being printed, and with codes or without; null while there is none. */
export function usePaper() {
  const [codes, setCodes] = useState<boolean | null>(null);
  useEffect(() => {
    if (codes === null) return;
    const over = () => setCodes(null);
    window.addEventListener('afterprint', over);
    window.print();
    return () => window.removeEventListener('afterprint', over);
  }, [codes]);
  return { codes, print: (withCodes: boolean) => setCodes(withCodes) };
}

/** Key sheets made for paper: a keypad a part, lines to tick off, digits of codes as dots unless they are asked for. */
type Sheet = Pick<OpenSheet, 'device' | 'language' | 'recorded' | 'target'>;

export function KeySheetPaper({ sheets, codes }: { sheets: readonly Sheet[]; codes: boolean }) {
  const plan = usePlan();
  return (
    <div className={css['paper']} data-print="keysheets">
      <h1>{say.keySheets(plan.site.name)}</h1>
      {!codes && <p>{say.codesStandDotsThey}</p>}
      {sheets.map((sheet) => (
        <Paper key={sheet.device.id} sheet={sheet} codes={codes} />
      ))}
    </div>
  );
}

function Paper({ sheet: { device, language, recorded, target }, codes }: { sheet: Sheet; codes: boolean }) {
  const plan = usePlan();
  const { steps, wipes, problems } = compileScript(
    language,
    recorded ?? factoryMemory(language),
    target,
    () => scrapCode(target.programmingCode.length || language.code.least),
  );
  const whose = (step: ScriptStep) => ownersOf(language, device.id, Object.values(plan.people), step);
  return (
    <section>
      <h2>
        {device.door} {plan.doors[device.door ?? '']?.name}: {device.tag}, {language.name}
      </h2>
      <p>
        {say.moreThanSBetween(language.timeoutMs / 1000, language.timeoutLoses === 'line')}
        {wipes && say.everybodyIsWipedFirst}
        {problems.length > 0 && say.notAllListCan}
      </p>
      <ol>
        {steps.map((step, index) => (
          <li key={index}>
            <i aria-hidden />
            <span>
              {purposeWords(step)}
              {slotWords(language, step.slot) && `, ${slotWords(language, step.slot)}`}
              {step.scrap ? say.aCodeThatNobodyGets : whose(step) && `, ${whose(step)}`}
            </span>
            <code>
              {strokeGroups(step).map(({ label, from, strokes }) => (
                <span key={from}>
                  {label && `${label}: `}
                  {strokes.map((stroke, at) => strokeOnPaper(step, stroke, from + at, codes)).join(' ')}
                </span>
              ))}
            </code>
            <small>{answerWords(step)}</small>
          </li>
        ))}
      </ol>
      {language.resets.map((reset) => (
        <p key={reset.how}>{resetWords(reset)}</p>
      ))}
      <p className={css['sign']}>{say.keyedByOn}</p>
    </section>
  );
}

/** A digit of a code as a dot, unless codes are asked for. */
const strokeOnPaper = (step: ScriptStep, stroke: Stroke, at: number, codes: boolean): string =>
  codes
    ? strokeWords(stroke)
    : isGiven(step, at)
      ? '•'
      : 'card' in stroke || 'finger' in stroke
        ? say.their(strokeWords(stroke))
        : strokeWords(stroke);
