import { useEffect, useState } from 'react';
import CreditCard from 'lucide-react/icons/credit-card';
import { AT_DOOR, takesCards, type KeypadLanguage, type Master } from '#core/keypads/index';
import type { CardNumber } from '#core/plan/index';
import { replyWords, REPLY_NAMES } from '#words/keypad';
import { Button } from '../../ui/Button';
import { Menu } from '../../ui/Menu';
import { cx } from '../../ui/cx';
import type { LiveKeypad } from './useKeypad';
import css from './KeypadPanel.module.css';

interface Props {
  readonly language: KeypadLanguage;
  readonly live: LiveKeypad;
  readonly cards: readonly { readonly name: string; readonly card: CardNumber }[];
  onKey(key: string): void;
  onCard(card: CardNumber): void;
  onMaster(master: Master): void;
}

const MASTERS: readonly { readonly master: Master; readonly label: string }[] = [
  { master: 'add', label: 'The master card that adds' },
  { master: 'delete', label: 'The master card that removes' },
];

/** The on-screen keypad. It says that it is simulated. */
export function KeypadPanel({ language, live, cards, onKey, onCard, onMaster }: Props) {
  const { keypad, reply, shows: answer } = live;
  const seconds = useSecondsLeft(language, live);
  const programs = keypad.mode !== AT_DOOR;
  const light = answer?.light ?? (programs ? 'amber' : 'off');
  const masters = MASTERS.filter(({ master }) =>
    language.modes.some(({ enter }) => enter.some((token) => 'master' in token && token.master === master)),
  );
  return (
    <section className={css['keypad']} aria-label="Simulated keypad">
      <div
        className={css['face']}
        onKeyDown={(event) => {
          if (language.keys.flat().includes(event.key)) {
            event.preventDefault();
            event.stopPropagation();
            onKey(event.key);
          }
        }}
      >
        <div className={css['top']}>
          <i className={cx(css['light'], css[light])} aria-hidden />
          <span>{programs ? 'programming' : 'ready'}</span>
          {seconds !== null && <span className={css['left']}>{seconds} s left</span>}
          <span className={css['strokes']} role="img" aria-label={`${keypad.strokes.length} keys pressed`}>
            {'•'.repeat(Math.min(14, keypad.strokes.length))}
          </span>
        </div>
        <div className={css['keys']}>
          {language.keys.flat().map((key) => (
            <button key={key} type="button" onClick={() => onKey(key)}>
              {key}
            </button>
          ))}
        </div>
        {takesCards(language) && (
          <Menu
            label="Cards"
            trigger={
              <Button size="s" look="frame" icon={<CreditCard aria-hidden />}>
                Present a card
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
                label: 'An unknown card',
                onSelect: () => onCard({ facility: 255, number: 65_535 }),
              },
            ]}
          />
        )}
      </div>
      <p className={css['answer']} role="status">
        {reply && answer
          ? `${REPLY_NAMES[reply]}: ${replyWords(answer)}`
          : `Simulated keypad: press its keys, or type while it has the focus. After ${language.timeoutMs / 1000} s of silence it drops out.`}
      </p>
    </section>
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
