import { useState } from 'react';
import {
  beginSheet,
  factoryMemory,
  isDone,
  seen,
  type KeypadLanguage,
  type KeySheet,
  type Memory,
  type CardSeen,
  type SheetLine,
  type Target,
} from '#core/keypads/index';
import type { Device, Person } from '#core/plan/index';
import {
  purposeWords,
  refusedWords,
  replyWords,
  resetWords,
  scriptProblemWords,
  sheetHint,
  strokeWords,
} from '#words/keypad';
import { say } from '#words/stations/program/KeySheetAtDoor';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { isGiven } from '../../parts/keypad/givenKeys';
import { ScreenView } from '../../parts/keypad/ScreenView';
import { strokeGroups } from '../../parts/keypad/strokeGroups';
import { ownersOf, slotWords } from '../../parts/keypad/whose';
import css from './KeySheetAtDoor.module.css';

interface Props {
  readonly keypad: Device;
  readonly language: KeypadLanguage;
  /** What the keypad at the door is believed to hold. */
  readonly recorded: Memory;
  readonly target: Target;
  readonly people: readonly Person[];
  scrapCode(slot: number): string;
  /** Everybody is wiped first: what else it holds nobody knows. */
  readonly wipesFirst: boolean;
  /** What the keypad is known to hold, whenever that is settled. */
  onKeep(known: Memory): void;
  onClose(): void;
}

/** The key sheet one line at a time, with keys and answers for a phone: whoever keys it in says what was seen. */
export function KeySheetAtDoor(props: Props) {
  const { keypad, language, recorded, target, people, scrapCode, onKeep, onClose } = props;
  const [sheet, setSheet] = useState(() =>
    beginSheet(language, recorded, target, scrapCode, 1, props.wipesFirst),
  );
  const [asking, setAsking] = useState(false);
  const line = sheet.lines[sheet.at];
  const tell = (what: CardSeen) => {
    setAsking(false);
    setSheet(seen(language, sheet, what, target, scrapCode));
  };
  if (isDone(sheet) && sheet.problems.length > 0)
    return (
      <section className={css['sheet']} aria-label={say.keySheetFor(keypad.tag)}>
        <h2>{sheet.lines.length === 0 ? say.cannotBeKeyed(keypad.tag) : say.notAllListKeyed}</h2>
        {sheet.problems.map((one, index) => (
          <p key={index} role="status">
            {scriptProblemWords(one)}
          </p>
        ))}
        {language.resets.map((reset) => (
          <p key={reset.how}>{resetWords(reset)}</p>
        ))}
        <div className={css['moves']}>
          {language.resets.some(({ wipes }) => wipes === 'all') && (
            <Button
              look="main"
              size="l"
              onClick={() => setSheet(beginSheet(language, factoryMemory(language), target, scrapCode))}
            >
              {say.beenResetKeyEverybody}
            </Button>
          )}
          <Button size="l" onClick={() => setSheet(beginSheet(language, sheet.known, target, scrapCode))}>
            {say.tryOnceMore}
          </Button>
          <Button size="l" onClick={() => onKeep(sheet.known)}>
            {say.recordKnown}
          </Button>
          <Button size="l" look="quiet" onClick={onClose}>
            {say.backToTheList}
          </Button>
        </div>
      </section>
    );
  if (isDone(sheet) || !line)
    return (
      <section className={css['sheet']} aria-label={say.keySheetFor(keypad.tag)}>
        <h2>{sheet.lines.length === 0 ? say.nothingToKeyIn : say.isKeyedIn(keypad.tag)}</h2>
        <p role="status">
          {sheet.lines.length === 0 ? say.recordedListAsks : say.everyLineAnsweredShould}
          {sheet.doubtful.length > 0 && say.codeDidNotOpen}
          {sheet.known.rest && say.elseStandsNotKnown(keypad.tag)}
        </p>
        <div className={css['moves']}>
          {sheet.lines.length > 0 && (
            <Button look="main" size="l" onClick={() => onKeep(sheet.known)}>
              {say.recordWhatHolds(keypad.tag)}
            </Button>
          )}
          <Button size="l" onClick={onClose}>
            {say.backToTheList}
          </Button>
        </div>
      </section>
    );
  const isTry = line.purpose === 'try';
  return (
    <section className={css['sheet']} aria-label={say.keySheetFor(keypad.tag)}>
      <header>
        <h2>{purposeWords(line)}</h2>
        <p className={css['where']}>
          {[say.lineOfAt(sheet.at + 1, sheet.lines.length, keypad.tag), whose(language, keypad, people, line)]
            .filter(Boolean)
            .join(' · ')}
        </p>
      </header>
      <div className={css['bar']} aria-hidden>
        {sheet.lines.map((_, index) => (
          <i key={index} className={index < sheet.at ? css['done'] : index === sheet.at ? css['here'] : ''} />
        ))}
      </div>
      <div className={css['card']}>
        <h3>{say.press}</h3>
        {strokeGroups(line).map(({ label, from, strokes }) => (
          <p key={from} className={cx(css['keys'], label !== '' && css['field'])}>
            {label && <small>{label}</small>}
            <span>
              {strokes.map((stroke, at) => (
                <kbd key={at} className={cx('figures', isGiven(line, from + at) && css['given'])}>
                  {strokeWords(stroke)}
                </kbd>
              ))}
            </span>
          </p>
        ))}
        <h3>{say.itAnswers}</h3>
        <p className={css['answer']}>
          <i className={cx(css['light'], css[line.shows.light])} aria-hidden />
          {replyWords(line.shows)}
        </p>
        {language.screen && line.screen && (
          <ScreenView text={line.screen} rows={language.screen.rows} label={say.whatItsScreenShowsThen} />
        )}
        <p className={css['hint']} role="status">
          {sheetHint(language, sheet)}
        </p>
      </div>
      {asking ? (
        <div className={css['moves']} role="group" aria-label={say.whatDidItAnswer}>
          <Button size="l" onClick={() => tell('refused')}>
            {isTry ? say.itDidNotOpen : refusedWords(language)}
          </Button>
          <Button size="l" onClick={() => tell('something-else')}>
            {say.somethingElseOrNothing}
          </Button>
          <Button size="l" look="quiet" className={css['back']} onClick={() => setAsking(false)}>
            {say.back}
          </Button>
        </div>
      ) : (
        <div className={css['moves']}>
          <Button size="l" look="main" className={css['so']} onClick={() => tell('so')}>
            {say.itAnsweredSo}
          </Button>
          <Button size="l" onClick={() => setAsking(true)}>
            {say.answeredOtherwise}
          </Button>
          <Button size="l" onClick={() => tell('dropped-out')} disabled={isTry}>
            {say.itDroppedOut}
          </Button>
        </div>
      )}
      <p className={css['end']}>
        <Button look="quiet" onClick={() => onKeep(sheet.known)} disabled={!holdsMore(sheet, recorded)}>
          {say.recordHoldsSoFar}
        </Button>
        <Button look="quiet" onClick={onClose}>
          {say.close}
        </Button>
      </p>
    </section>
  );
}

const holdsMore = ({ known }: KeySheet, recorded: Memory): boolean =>
  JSON.stringify(known) !== JSON.stringify(recorded);

/** The slot and whose it is. */
const whose = (
  language: KeypadLanguage,
  keypad: Device,
  people: readonly Person[],
  line: SheetLine,
): string =>
  [
    slotWords(language, line.slot),
    line.scrap ? say.aCodeThatNobodyGets : ownersOf(language, keypad.id, people, line),
  ]
    .filter(Boolean)
    .join(', ');
