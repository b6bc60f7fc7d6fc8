import { useEffect, useMemo, useRef, useState } from 'react';
import Smartphone from 'lucide-react/icons/smartphone';
import {
  AT_DOOR,
  can,
  compareMemory,
  compileScript,
  factoryMemory,
  peopleOf,
  targetOf,
  type KeypadLanguage,
  type Memory,
  type SlotComparison,
  type Stroke,
} from '#core/keypads/index';
import { cardsInUse, hasSlot, isTheirs, type CardNumber, type Device, type Door } from '#core/plan/index';
import { doorTimes } from '#core/door/index';
import { codeProblemWords } from '#words/findings/index';
import { resetWords, scriptProblemWords, SLOT_STATES } from '#words/keypad';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { cx } from '../../ui/cx';
import type { Bench } from '../bench/useBench';
import { useDispatch, usePlan, useStore } from '../store/context';
import { FoundDialog } from './FoundDialog';
import { KeypadPanel } from './KeypadPanel';
import { KeySheetAtDoor } from './KeySheetAtDoor';
import { ScriptView } from './ScriptView';
import { useKeypad } from './useKeypad';
import table from '../../ui/DataTable.module.css';
import css from './ProgramStation.module.css';

interface Props {
  readonly door: Door;
  readonly keypad: Device;
  readonly language: KeypadLanguage;
  readonly bench: Bench;
  /** The key sheet is worked off line by line, and nothing else is shown. */
  readonly atDoor: boolean;
  onAtDoor(is: boolean): void;
}

/** Between two strokes when the script is played on the simulated keypad, ms. */
const STROKE_MS = 120;

/** A code that nobody gets: random digits, from the browser's own source of chance. */
function scrapCode(length: number): string {
  const bytes = crypto.getRandomValues(new Uint32Array(length));
  return [...bytes].map((value) => value % 10).join('');
}

/** The list as keystrokes, the simulated keypad to try them on, and the ledger of its slots. */
export function KeypadProgramming({ door, keypad, language, bench, atDoor, onAtDoor }: Props) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const recorded: Memory = plan.memories[keypad.id] ?? factoryMemory(language);
  const live = useKeypad(keypad.id, language, recorded);
  const [programming, setProgramming] = useState(recorded.programmingCode);
  const unlock = doorTimes(plan, door.id)?.unlock ?? 5;
  const people = peopleOf(plan, keypad.id);
  const { target, problems } = useMemo(
    () => targetOf(plan, keypad.id, language, programming, unlock),
    [plan, keypad.id, language, programming, unlock],
  );
  const { memory } = live.keypad;
  const store = useStore();
  /** What the simulated keypad held before comes back by Undo. */
  const loadSaid = (next: Memory, said: string) => {
    live.load(next);
    store.say(said, () => live.load(memory));
  };
  const scraps = useRef(new Map<number, string>());
  const scrap = (slot: number) => {
    const known = scraps.current.get(slot) ?? scrapCode(programming.length);
    scraps.current.set(slot, known);
    return known;
  };
  const [finding, setFinding] = useState(false);
  const [playing, setPlaying] = useState<{ step: number; stroke: number } | null>(null);
  const fresh = useMemo(() => compileScript(language, memory, target, scrap), [language, memory, target]);
  // A script being played stays as it was when it began.
  const held = useRef(fresh);
  if (!playing) held.current = fresh;
  const { steps, wipes, problems: unreached } = held.current;
  const { least, most } = language.programming;
  const codeFits = /^\d+$/.test(programming) && programming.length >= least && programming.length <= most;

  const tell = (strokeResult: ReturnType<typeof live.strike>) => {
    if (strokeResult.reply === 'opened') bench.act({ kind: 'credential', valid: true, device: keypad.id });
    if (strokeResult.reply === 'refused' && strokeResult.keypad.mode === AT_DOOR)
      bench.act({ kind: 'credential', valid: false, device: keypad.id });
  };
  const strike = (stroke: Stroke) => tell(live.strike(stroke));

  useEffect(() => {
    if (!playing) return;
    const timer = setTimeout(() => {
      const step = held.current.steps[playing.step];
      const stroke = step?.strokes[playing.stroke];
      if (!step || !stroke) return setPlaying(null);
      live.strike(stroke);
      const next =
        playing.stroke + 1 < step.strokes.length
          ? { step: playing.step, stroke: playing.stroke + 1 }
          : { step: playing.step + 1, stroke: 0 };
      setPlaying(held.current.steps[next.step] ? next : null);
    }, STROKE_MS);
    return () => clearTimeout(timer);
  }, [playing, live]);

  const record = (held: Memory) =>
    dispatch(
      { kind: 'setMemory', device: keypad.id, memory: { device: keypad.id, ...held } },
      `record ${keypad.tag}`,
      `Recorded: ${keypad.tag} holds this.`,
    );
  if (atDoor)
    return (
      <KeySheetAtDoor
        keypad={keypad}
        language={language}
        recorded={recorded}
        target={target}
        people={people}
        scrapCode={scrap}
        onKeep={(known) => {
          record(known);
          live.load(known);
          onAtDoor(false);
        }}
        onClose={() => onAtDoor(false)}
      />
    );
  const cards = people.flatMap((person) => cardsInUse(person).map((card) => ({ name: person.name, card })));
  return (
    <>
      <div className={css['columns']}>
        <section className={css['script']}>
          <header className={css['head']}>
            <h2>Keys to press at {keypad.tag}</h2>
            <Button
              size="s"
              icon={<Smartphone aria-hidden />}
              disabled={!codeFits}
              onClick={() => onAtDoor(true)}
            >
              At the door, line by line
            </Button>
            {steps.length > 0 && (
              <Button
                size="s"
                look="main"
                disabled={playing !== null || !codeFits || live.keypad.mode !== AT_DOOR}
                onClick={() => setPlaying({ step: 0, stroke: 0 })}
              >
                {playing ? 'Keying in…' : 'Key it into the simulated one'}
              </Button>
            )}
          </header>
          <p className={css['note']}>
            {language.name}. More than {language.timeoutMs / 1000} s between keys and it drops out: the
            unfinished line is lost.
            {language.slots &&
              !can(language, 'clear-slot', 'delete-code') &&
              ' A slot cannot be cleared, only overwritten.'}
            {language.timeoutLoses === 'session' &&
              ' All that was keyed since programming began is lost with it.'}
          </p>
          <TextField
            label="Programming code it is to have"
            inputMode="numeric"
            className={css['code']}
            value={programming}
            onChange={(event) => setProgramming(event.target.value)}
            error={codeFits ? null : least === most ? `${least} digits.` : `${least} to ${most} digits.`}
            hint={
              programming === language.factoryCode
                ? 'This is the factory code: change it first, and keep it out of everyone else’s hands.'
                : undefined
            }
          />
          {problems.map((one, index) => (
            <p key={index} className={css['problem']}>
              {one.person}: {codeProblemWords(one.problem).toLowerCase()}.
            </p>
          ))}
          {unreached.map((one, index) => (
            <p key={`u${index}`} className={css['problem']}>
              {scriptProblemWords(one)}
            </p>
          ))}
          {wipes && (
            <p className={css['problem']}>
              Nothing less will do: everybody is wiped, and whoever is on the list is keyed in anew.
            </p>
          )}
          {steps.length === 0 && unreached.length === 0 ? (
            <p className={css['settled']}>The simulated keypad holds exactly the list. Nothing to key in.</p>
          ) : (
            codeFits && (
              <ScriptView language={language} steps={steps} people={people} keypad={keypad.id} at={playing} />
            )
          )}
        </section>
        <KeypadPanel
          language={language}
          live={live}
          cards={cards}
          onKey={(key) => strike({ key })}
          onCard={(card: CardNumber) => strike({ card })}
          onMaster={(master) => strike({ master })}
        />
      </div>
      {finding && (
        <FoundDialog
          keypad={keypad}
          language={language}
          recorded={recorded}
          onKeep={(found) => {
            record(found);
            live.load(found);
            setFinding(false);
          }}
          onClose={() => setFinding(false)}
        />
      )}
      {language.resets.map((reset) => (
        <p key={reset.how} className={css['note']}>
          {resetWords(reset)}
        </p>
      ))}
      <SlotLedger keypad={keypad} language={language} memory={memory} target={target} />
      <p className={css['record']}>
        <Button size="s" onClick={() => record(memory)}>
          Record that {keypad.tag} at the door holds this
        </Button>
        <Button size="s" onClick={() => setFinding(true)}>
          Enter as found
        </Button>
        <Button
          size="s"
          look="quiet"
          onClick={() => loadSaid(recorded, 'The simulated keypad holds what is recorded.')}
        >
          Take the simulated one back to what is recorded
        </Button>
        <Button
          size="s"
          look="quiet"
          onClick={() => loadSaid(factoryMemory(language), 'The simulated keypad is as it left the factory.')}
        >
          Factory reset the simulated one
        </Button>
      </p>
    </>
  );
}

function SlotLedger({
  keypad,
  language,
  memory,
  target,
}: {
  keypad: Device;
  language: KeypadLanguage;
  memory: Memory;
  target: ReturnType<typeof targetOf>['target'];
}) {
  const plan = usePlan();
  const lines = compareMemory(language, memory, target);
  const people = Object.values(plan.people);
  const owner = ({ slot, wanted }: SlotComparison) =>
    (language.slots
      ? people.find((person) => hasSlot(person, keypad.id, slot))
      : people.find((person) => wanted !== null && isTheirs(person, wanted))
    )?.name ?? '—';
  return (
    <section>
      <h2>{language.slots ? 'Slot ledger' : 'What it holds'}</h2>
      {lines.length === 0 ? (
        <p className={css['note']}>No slot is in use, and nobody on the list has one.</p>
      ) : (
        <table className={table['table']}>
          <caption className="hush">Slots of the keypad</caption>
          <thead>
            <tr>
              <th scope="col" className={table['right']}>
                {language.slots ? 'Slot' : 'Entry'}
              </th>
              <th scope="col">On the list</th>
              <th scope="col">In the keypad</th>
              <th scope="col">State</th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => {
              const { held } = line;
              const what = held
                ? [held.code && 'code', held.card && `card ${held.card.facility}-${held.card.number}`]
                    .filter(Boolean)
                    .join(', ')
                : '—';
              return (
                <tr key={line.slot}>
                  <th scope="row" className={cx(table['right'], table['figures'])}>
                    {language.slots ? String(line.slot).padStart(language.slots.digits, '0') : line.slot}
                  </th>
                  <td>{line.wanted ? owner(line) : '—'}</td>
                  <td>{what}</td>
                  <td className={line.state === 'same' ? css['same'] : css['differs']}>
                    {line.state === 'same' ? '✓ ' : '✕ '}
                    {SLOT_STATES[line.state]}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
    </section>
  );
}
