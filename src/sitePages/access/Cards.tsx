import { useState } from 'react';
import { fitting, FORMS, frameOf, seenAs, writeForm, type CardInHand } from '#core/cards/index';
import { formatsOf } from '#core/plan/index';
import { FORM_WORDS, seenWords } from '#words/cards';
import { say } from '#words/sitePages/access/Cards';
import { SelectField, TextField } from '../../ui/Field';
import { usePlan } from '../../store/context';
import { Frame } from './Frame';
import { OwnFormats } from './OwnFormats';
import table from '../../ui/DataTable.module.css';
import css from '../../parts/access/Access.module.css';

const TWO: readonly CardInHand[] = [
  { printed: '', read: '' },
  { printed: '', read: '' },
];

/** Numbers of cards: which format fits what is printed and what is read, and how one card looks in each form. Nothing here is kept but formats of the site's own. */
export function Cards() {
  return (
    <div className={css['cards']}>
      <TwoInHand />
      <OneCard />
      <OwnFormats />
    </div>
  );
}

function TwoInHand() {
  const [hand, setHand] = useState(TWO);
  const set = (at: number, patch: Partial<CardInHand>) =>
    setHand(hand.map((one, index) => (index === at ? { ...one, ...patch } : one)));
  const given = hand.filter(({ printed, read }) => printed.trim() !== '' && read.trim() !== '');
  const fits = fitting(hand, formatsOf(usePlan()));
  return (
    <section className={css['card']} aria-label={say.twoCardsInHand}>
      <h2>{say.twoCardsInHand}</h2>
      <p className={css['hint']}>{say.printedEachReaderControllers}</p>
      {hand.map((one, index) => (
        <div key={index} className={css['pair']}>
          <TextField
            label={say.cardPrinted(index + 1)}
            placeholder={index === 0 ? '71-2001' : '71-2002'}
            value={one.printed}
            maxLength={60}
            onChange={(event) => set(index, { printed: event.target.value })}
          />
          <TextField
            label={say.cardRead(index + 1)}
            placeholder={index === 0 ? '4655057' : '4655058'}
            value={one.read}
            maxLength={60}
            onChange={(event) => set(index, { read: event.target.value })}
          />
        </div>
      ))}
      <div role="status">
        {given.length === 0 ? null : fits.length === 0 ? (
          <p className={css['fault']}>{say.noFormatKnownHere}</p>
        ) : (
          <>
            <p className={css['hint']}>
              {fits.length === 1 ? say.oneFormatFits : say.waysFitHowMany(fits.length)}
              {given.length === 1 && say.secondCardWouldTell}
            </p>
            <ul className={css['rows']}>
              {fits.slice(0, 12).map(({ format, printed, read, cards }) => (
                <li key={`${format.id} ${printed} ${read}`}>
                  <b>{format.name}</b>
                  <span>{say.printedAs(FORM_WORDS[printed])}</span>
                  <span>{say.readAs(FORM_WORDS[read])}</span>
                  <span>
                    {cards.map(({ facility, number }) => `${facility ?? '?'}-${number}`).join(', ')}
                  </span>
                </li>
              ))}
            </ul>
          </>
        )}
      </div>
    </section>
  );
}

function OneCard() {
  const formats = formatsOf(usePlan());
  const [id, setId] = useState('bits-26');
  const [facility, setFacility] = useState('71');
  const [number, setNumber] = useState('2001');
  const format = formats.find((one) => one.id === id) ?? formats[0]!;
  const digits = /^\d{1,9}$/;
  const card =
    digits.test(facility) && digits.test(number)
      ? { facility: Number(facility), number: Number(number) }
      : null;
  const frame = card && frameOf(format, card);
  return (
    <section className={css['card']} aria-label={say.aCardInEveryForm}>
      <h2>{say.aCardInEveryForm}</h2>
      <div className={css['three']}>
        <SelectField label={say.format} value={format.id} onChange={(event) => setId(event.target.value)}>
          {formats.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}
            </option>
          ))}
        </SelectField>
        <TextField
          label={say.facility}
          inputMode="numeric"
          value={facility}
          onChange={(event) => setFacility(event.target.value)}
        />
        <TextField
          label={say.number}
          inputMode="numeric"
          value={number}
          onChange={(event) => setNumber(event.target.value)}
        />
      </div>
      {!card || !frame ? (
        <p role="alert" className={css['fault']}>
          {say.formatNoRoomSuch}
        </p>
      ) : (
        <>
          <Frame format={format} bits={frame} />
          <div className={css['wide']}>
            <table className={table['table']}>
              <caption className="hush">{say.theCardInEveryForm}</caption>
              <tbody>
                {FORMS.map((form) => (
                  <tr key={form}>
                    <th scope="row">{FORM_WORDS[form]}</th>
                    <td className={table['figures']}>{writeForm(format, form, card)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <p className={css['hint']}>
            {say.controllerSetAnotherFormat(
              formats
                .filter((one) => one !== format)
                .map((one) => say.bits(one.bits, seenWords(seenAs(one, frame))))
                .join('; '),
            )}
          </p>
        </>
      )}
    </section>
  );
}
