import {
  compareMemory,
  lastKnown,
  type KeypadLanguage,
  type Memory,
  type SlotComparison,
  type Target,
} from '#core/keypads/index';
import { hasSlot, isTheirs, wasTheirs, type Device, type Person } from '#core/plan/index';
import { dayWords } from '#words/access';
import { heldWords, SLOT_STATES, sourceWords } from '#words/keypad';
import { say } from '#words/stations/program/SlotLedger';
import { wallNow } from '../../parts/moments/today';
import { usePlan } from '../../store/context';
import css from './SlotLedger.module.css';

interface Props {
  readonly keypad: Device;
  readonly language: KeypadLanguage;
  /** What it holds, and what it shall hold. */
  readonly memory: Memory;
  readonly target: Target;
  /** Null where nobody has recorded anything of it. */
  readonly recorded: Memory | null;
  /** True where the simulated one holds something else than is recorded. */
  readonly ahead: boolean;
}

/** Slot by slot: what a keypad holds, where that is known from, and what it shall hold. */
export function SlotLedger({ keypad, language, memory, target, recorded, ahead }: Props) {
  const people = Object.values(usePlan().people);
  const lines = compareMemory(language, memory, target);
  const open = lines.filter(({ state }) => state !== 'same').length;
  const last = recorded && lastKnown(recorded);
  return (
    <section className={css['ledger']} aria-label={say.whatHolds(keypad.tag)}>
      <header>
        <h2>{ahead ? say.whatTheSimulatedHolds(keypad.tag) : say.whatHolds(keypad.tag)}</h2>
        <span>{open === 0 ? say.asListed : say.toChange(open)}</span>
      </header>
      {lines.length === 0 ? (
        <p className={css['none']}>{say.noSlotUseNobody}</p>
      ) : (
        <table>
          <caption className="hush">{say.slotsOfTheKeypad}</caption>
          <thead>
            <tr>
              <th scope="col">{language.slots ? say.slot : say.entry}</th>
              <th scope="col">{say.holds}</th>
              <th scope="col">
                <span className="hush">{say.differs}</span>
              </th>
              <th scope="col">{say.shallHold}</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <Line key={line.slot} line={line} language={language} keypad={keypad.id} people={people} />
            ))}
          </tbody>
        </table>
      )}
      <p className={css['known']}>
        {recorded === null
          ? say.nobodyRecordedHoldsTaken(keypad.tag)
          : [last ? say.known(dayWords(last)) : '', recorded.rest ? say.standsOtherSlotsNobody : '']
              .filter(Boolean)
              .join(' ')}
      </p>
    </section>
  );
}

interface LineProps {
  readonly line: SlotComparison;
  readonly language: KeypadLanguage;
  readonly keypad: string;
  readonly people: readonly Person[];
}

function Line({ line: { slot, state, held, wanted }, language, keypad, people }: LineProps) {
  const had = held && people.find((person) => wasTheirs(person, held));
  const gets =
    wanted &&
    people.find((person) => (language.slots ? hasSlot(person, keypad, slot) : isTheirs(person, wanted)));
  const gone = had?.until && had.until < wallNow().day ? had.until : null;
  return (
    <tr data-state={state}>
      <th scope="row">{language.slots ? String(slot).padStart(language.slots.digits, '0') : slot}</th>
      <td>
        {!held ? '—' : had ? had.name : held.unknown === 'all' ? say.notKnown : say.nobodys}
        {held && <small>{[heldWords(held), sourceWords(held, gone)].filter(Boolean).join(', ')}</small>}
      </td>
      <td aria-hidden>{state === 'same' ? '' : '→'}</td>
      <td>
        {gets?.name ?? '—'}
        {wanted && state !== 'same' && <small>{heldWords(wanted)}</small>}
        <small className={state === 'same' ? css['same'] : css['differs']}>
          {state === 'same' ? '✓ ' : ''}
          {SLOT_STATES[state]}
        </small>
      </td>
    </tr>
  );
}
