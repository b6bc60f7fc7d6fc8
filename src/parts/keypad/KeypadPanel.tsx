import { useEffect, useState } from 'react';
import CreditCard from 'lucide-react/icons/credit-card';
import Fingerprint from 'lucide-react/icons/fingerprint-pattern';
import {
  AT_DOOR,
  screenOf,
  takesCards,
  takesFingers,
  type KeypadLanguage,
  type Master,
} from '#core/keypads/index';
import type { CardNumber } from '#core/plan/index';
import { replyWords, REPLY_NAMES } from '#words/keypad';
import { say } from '#words/parts/keypad/KeypadPanel';
import { Button } from '../../ui/Button';
import { Menu } from '../../ui/Menu';
import { cx } from '../../ui/cx';
import { ScreenView } from './ScreenView';
import type { LiveKeypad } from './useKeypad';
import css from './KeypadPanel.module.css';

interface Props {
  readonly language: KeypadLanguage;
  readonly live: LiveKeypad;
  readonly cards: readonly { readonly name: string; readonly card: CardNumber }[];
  readonly fingers: readonly { readonly name: string; readonly finger: string }[];
  onKey(key: string): void;
  onCard(card: CardNumber): void;
  onMaster(master: Master): void;
  onFinger(finger: string): void;
}

const MASTERS: readonly { readonly master: Master; readonly label: string }[] = [
  { master: 'add', label: say.theMasterCardThatAdds },
  { master: 'delete', label: say.theMasterCardThatRemoves },
];

/** The on-screen keypad. It says that it is simulated. */
export function KeypadPanel(props: Props) {
  const { language, live, cards, fingers, onKey, onCard, onMaster, onFinger } = props;
  const { keypad, reply, shows: answer } = live;
  const seconds = useSecondsLeft(language, live);
  const programs = keypad.mode !== AT_DOOR;
  const light = answer?.light ?? (programs ? 'amber' : 'off');
  const { screen } = language;
  const text = screenOf(language, keypad);
  const columns = Math.max(...language.keys.map((row) => row.length));
  const masters = MASTERS.filter(({ master }) =>
    language.modes.some(({ enter }) => enter.some((token) => 'master' in token && token.master === master)),
  );
  return (
    <section className={css['keypad']} aria-label={say.simulatedKeypad}>
      <div
        className={css['face']}
        onKeyDown={(event) => {
          const key = keyFor(language, event.key, event.target);
          if (key === null) return;
          event.preventDefault();
          event.stopPropagation();
          onKey(key);
        }}
      >
        <div className={css['top']}>
          <i className={cx(css['light'], css[light])} aria-hidden />
          <span>{programs ? say.programming : say.ready}</span>
          {seconds !== null && <span className={css['left']}>{say.sLeft(seconds)}</span>}
          <span className={css['strokes']} role="img" aria-label={say.keysPressed(keypad.strokes.length)}>
            {'•'.repeat(Math.min(14, keypad.strokes.length))}
          </span>
        </div>
        {screen && text && (
          <ScreenView
            text={text}
            rows={screen.rows}
            label={say.screenOfTheSimulatedTerminal}
            said={reply === 'refused' || reply === 'opened' ? REPLY_NAMES[reply] : ''}
          />
        )}
        <div className={css['keys']} style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}>
          {language.keys.flatMap((row) =>
            row.map((key, index) => (
              <button
                key={key}
                type="button"
                className={cx(key.length > 1 && css['word'])}
                style={{
                  ...(index === 0 ? { gridColumnStart: 1 } : {}),
                  // The last of a short row is as wide as what is left of it.
                  ...(index > 0 && index === row.length - 1 && row.length < columns
                    ? { gridColumn: `${row.length} / -1` }
                    : {}),
                }}
                onClick={() => onKey(key)}
              >
                {key}
              </button>
            )),
          )}
        </div>
        {takesCards(language) && (
          <Menu
            label={say.cards}
            trigger={
              <Button size="s" look="frame" icon={<CreditCard aria-hidden />}>
                {say.presentACard}
              </Button>
            }
            items={[
              ...cards.map(({ name, card }) => ({
                id: name,
                label: name,
                hint: `${card.facility}-${card.number}`,
                onSelect: () => onCard(card),
              })),
              ...masters.map(({ master, label }) => ({
                id: `master-${master}`,
                label,
                onSelect: () => onMaster(master),
              })),
              {
                id: 'unknown',
                label: say.anUnknownCard,
                onSelect: () => onCard({ facility: 255, number: 65_535 }),
              },
            ]}
          />
        )}
        {takesFingers(language) && (
          <Menu
            label={say.fingers}
            trigger={
              <Button size="s" look="frame" icon={<Fingerprint aria-hidden />}>
                {say.layAFingerOnIt}
              </Button>
            }
            items={[
              ...fingers.map(({ name, finger }) => ({
                id: finger,
                label: name,
                onSelect: () => onFinger(finger),
              })),
              { id: 'unknown', label: say.fingerNobodyList, onSelect: () => onFinger('?') },
            ]}
          />
        )}
      </div>
      <p className={css['answer']} role="status">
        {reply && answer
          ? `${REPLY_NAMES[reply]}: ${replyWords(answer)}`
          : say.simulatedKeypadPressKeys(language.timeoutMs / 1000)}
      </p>
    </section>
  );
}

/** The key of the keypad that a key of the keyboard stands for; null where it is none. Enter and arrows move a mark, if there is one. */
function keyFor({ keys, screen }: KeypadLanguage, pressed: string, at: EventTarget): string | null {
  if (keys.flat().includes(pressed)) return pressed;
  if (!screen || (pressed === 'Enter' && at instanceof HTMLButtonElement)) return null;
  const { up, down, ok, back } = screen;
  return (
    new Map([
      ['ArrowUp', up],
      ['ArrowDown', down],
      ['Enter', ok],
      ['Backspace', back],
    ]).get(pressed) ?? null
  );
}

/** Whole seconds until an unfinished entry, or programming, is dropped; null where nothing waits. */
function useSecondsLeft(language: KeypadLanguage, { keypad }: LiveKeypad): number | null {
  const waits = keypad.mode !== AT_DOOR || keypad.strokes.length > 0;
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (!waits) return;
    setNow(Date.now());
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [waits, keypad.lastAt]);
  return waits && now > 0
    ? Math.max(0, Math.ceil((keypad.lastAt + language.timeoutMs - Math.max(now, keypad.lastAt)) / 1000))
    : null;
}
