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
      <section className={css['sheet']} aria-label={`Key sheet for ${keypad.tag}`}>
        <h2>
          {sheet.lines.length === 0 ? `${keypad.tag} cannot be keyed` : 'Not all of the list is keyed in'}
        </h2>
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
              It has been reset: key everybody in
            </Button>
          )}
          <Button size="l" onClick={() => setSheet(beginSheet(language, sheet.known, target, scrapCode))}>
            Try once more
          </Button>
          <Button size="l" onClick={() => onKeep(sheet.known)}>
            Record what is known of it
          </Button>
          <Button size="l" look="quiet" onClick={onClose}>
            Back to the list
          </Button>
        </div>
      </section>
    );
  if (isDone(sheet) || !line)
    return (
      <section className={css['sheet']} aria-label={`Key sheet for ${keypad.tag}`}>
        <h2>{sheet.lines.length === 0 ? 'Nothing to key in' : `${keypad.tag} is keyed in`}</h2>
        <p role="status">
          {sheet.lines.length === 0
            ? 'What is recorded of it is what the list asks for.'
            : 'Every line answered as it should, and whoever is new opened the door.'}
          {sheet.doubtful.length > 0 && ' A code that did not open was keyed anew.'}
          {sheet.known.rest &&
            ` What else stands in ${keypad.tag} is not known: what was keyed wrong may have been stored too.`}
        </p>
        <div className={css['moves']}>
          {sheet.lines.length > 0 && (
            <Button look="main" size="l" onClick={() => onKeep(sheet.known)}>
              Record what {keypad.tag} holds
            </Button>
          )}
          <Button size="l" onClick={onClose}>
            Back to the list
          </Button>
        </div>
      </section>
    );
  const isTry = line.purpose === 'try';
  return (
    <section className={css['sheet']} aria-label={`Key sheet for ${keypad.tag}`}>
      <header>
        <h2>{purposeWords(line)}</h2>
        <p className={css['where']}>
          {[
            `Line ${sheet.at + 1} of ${sheet.lines.length} at ${keypad.tag}`,
            whose(language, keypad, people, line),
          ]
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
        <h3>Press</h3>
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
        <h3>It answers</h3>
        <p className={css['answer']}>
          <i className={cx(css['light'], css[line.shows.light])} aria-hidden />
          {replyWords(line.shows)}
        </p>
        {language.screen && line.screen && (
          <ScreenView text={line.screen} rows={language.screen.rows} label="What its screen shows then" />
        )}
        <p className={css['hint']} role="status">
          {sheetHint(language, sheet)}
        </p>
      </div>
      {asking ? (
        <div className={css['moves']} role="group" aria-label="What did it answer?">
          <Button size="l" onClick={() => tell('refused')}>
            {isTry ? 'It did not open' : refusedWords(language)}
          </Button>
          <Button size="l" onClick={() => tell('something-else')}>
            Something else, or nothing
          </Button>
          <Button size="l" look="quiet" className={css['back']} onClick={() => setAsking(false)}>
            Back
          </Button>
        </div>
      ) : (
        <div className={css['moves']}>
          <Button size="l" look="main" className={css['so']} onClick={() => tell('so')}>
            It answered so
          </Button>
          <Button size="l" onClick={() => setAsking(true)}>
            Answered otherwise
          </Button>
          <Button size="l" onClick={() => tell('dropped-out')} disabled={isTry}>
            It dropped out
          </Button>
        </div>
      )}
      <p className={css['end']}>
        <Button look="quiet" onClick={() => onKeep(sheet.known)} disabled={!holdsMore(sheet, recorded)}>
          Record what it holds so far
        </Button>
        <Button look="quiet" onClick={onClose}>
          Close
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
    line.scrap ? 'a code that nobody gets' : ownersOf(language, keypad.id, people, line),
  ]
    .filter(Boolean)
    .join(', ');
