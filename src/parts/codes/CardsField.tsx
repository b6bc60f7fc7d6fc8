import Plus from 'lucide-react/icons/plus';
import { fitsIn } from '#core/cards/index';
import { blankCard, formatsOf, sameCard, type HeldCard } from '#core/plan/index';
import { say } from '#words/parts/codes/CardsField';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { usePlan } from '../../store/context';
import { wallNow } from '../moments/today';
import css from './CardsField.module.css';

interface Props {
  readonly cards: readonly HeldCard[];
  /** A keypad with slots, at whose door the cards are given: a second card needs a slot of its own there. */
  readonly slotsOf?: { readonly id: string; readonly tag: string } | null;
  onChange(cards: readonly HeldCard[]): void;
}

const digits = (text: string): number => Number(text.replace(/\D/g, '').slice(0, 10) || 0);

/** Why a card cannot be as it stands; null where it can. */
export function cardFault(
  plan: Parameters<typeof formatsOf>[0],
  cards: readonly HeldCard[],
  at: number,
): string | null {
  const card = cards[at]!;
  if (card.number === 0) return say.itsNumberIsMissing;
  const format = formatsOf(plan).find(({ id }) => id === card.format);
  if (!format) return say.itsFormatIsNotKnown;
  if (!fitsIn(format, card)) return say.formatNoRoomThese;
  if (cards.findIndex((one) => sameCard(one, card)) < at) return say.thisCardStandsHereAlready;
  return null;
}

/** The cards of a person: numbers, frame, who gave it out, and whether it is lost. */
export function CardsField({ cards, slotsOf, onChange }: Props) {
  const plan = usePlan();
  const formats = formatsOf(plan);
  const set = (at: number, patch: Partial<HeldCard>) =>
    onChange(cards.map((card, index) => (index === at ? { ...card, ...patch } : card)));
  const last = cards.at(-1);
  return (
    <fieldset className={css['cards']}>
      <legend>{say.cards}</legend>
      {cards.map((card, at) => (
        <div key={at} className={css['card']} role="group" aria-label={say.card(at + 1)}>
          <TextField
            label={say.facility}
            inputMode="numeric"
            value={card.facility}
            onChange={({ target }) => set(at, { facility: digits(target.value) })}
          />
          <TextField
            label={say.number}
            inputMode="numeric"
            value={card.number === 0 ? '' : card.number}
            onChange={({ target }) => set(at, { number: digits(target.value) })}
          />
          <div className={css['two']}>
            <SelectField
              label={say.format}
              value={card.format}
              onChange={({ target }) => set(at, { format: target.value })}
            >
              {formats.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </SelectField>
          </div>
          <div className={css['two']}>
            <TextField
              label={say.givenOutOn}
              type="date"
              value={card.given ?? ''}
              onChange={({ target }) => set(at, { given: target.value || null })}
            />
          </div>
          <TextField
            label={say.by}
            maxLength={80}
            value={card.by}
            onChange={({ target }) => set(at, { by: target.value })}
          />
          {slotsOf && at > 0 ? (
            <TextField
              label={say.slotIn(slotsOf.tag)}
              inputMode="numeric"
              value={card.slots[slotsOf.id] ?? ''}
              onChange={({ target }) => {
                const { [slotsOf.id]: _old, ...rest } = card.slots;
                const slot = target.value.replace(/\D/g, '').slice(0, 5);
                set(at, { slots: slot === '' ? rest : { ...rest, [slotsOf.id]: Number(slot) } });
              }}
            />
          ) : (
            <span />
          )}
          <p className={css['state']}>
            {cardFault(plan, cards, at) ? (
              <span role="alert" className={css['fault']}>
                {cardFault(plan, cards, at)}
              </span>
            ) : (
              <span>{card.lost === null ? '' : say.reportedLostOpensNothing(card.lost)}</span>
            )}
            <Button
              size="s"
              look="quiet"
              onClick={() => set(at, { lost: card.lost === null ? wallNow().day : null })}
            >
              {card.lost === null ? say.reportLost : say.foundAgain}
            </Button>
            <Button size="s" look="quiet" onClick={() => onChange(cards.filter((_, index) => index !== at))}>
              {say.takeItBack}
            </Button>
          </p>
        </div>
      ))}
      <Button
        size="s"
        icon={<Plus aria-hidden />}
        onClick={() =>
          onChange([
            ...cards,
            // Cards come in batches of one facility and one format.
            { ...blankCard(last?.facility ?? 0, 0), format: last?.format ?? 'bits-26', given: wallNow().day },
          ])
        }
      >
        {say.giveACard}
      </Button>
    </fieldset>
  );
}
