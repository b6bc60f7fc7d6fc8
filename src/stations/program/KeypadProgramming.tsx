import { useEffect, useMemo, useRef, useState } from 'react';
import Printer from 'lucide-react/icons/printer';
import Smartphone from 'lucide-react/icons/smartphone';
import {
  AT_DOOR,
  can,
  compareMemory,
  compileScript,
  knownSince,
  factoryMemory,
  hasProgrammingCode,
  peopleOf,
  targetOf,
  type KeypadLanguage,
  type Memory,
  type Stroke,
} from '#core/keypads/index';
import { cardsInUse, fingersOf, type CardNumber, type Device, type Door } from '#core/plan/index';
import { doorTimes } from '#core/door/index';
import { codeProblemWords } from '#words/findings/index';
import { resetWords } from '#words/keypad';
import { say } from '#words/stations/program/KeypadProgramming';
import { Button } from '../../ui/Button';
import { Menu } from '../../ui/Menu';
import { TextField } from '../../ui/Field';
import type { Bench } from '../../parts/bench/useBench';
import { useDispatch, usePlan, useStore } from '../../store/context';
import { FoundDialog } from './FoundDialog';
import { wallNow } from '../../parts/moments/today';
import { KeypadPanel } from '../../parts/keypad/KeypadPanel';
import { KeySheetAtDoor } from './KeySheetAtDoor';
import { KeySheetPaper, usePaper } from '../../parts/keypad/KeySheetPaper';
import { KeysToPress } from './KeysToPress';
import { scrapCode } from '../../parts/keypad/scrapCode';
import { SlotLedger } from './SlotLedger';
import { useKeypad } from '../../parts/keypad/useKeypad';
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
    const known = scraps.current.get(slot) ?? scrapCode(programming.length || language.code.least);
    scraps.current.set(slot, known);
    return known;
  };
  const [finding, setFinding] = useState(false);
  const [shown, setShown] = useState(false);
  const paper = usePaper();
  const [playing, setPlaying] = useState<{ step: number; stroke: number } | null>(null);
  const [wipesFirst, setWipesFirst] = useState(false);
  const doubt = memory.rest === 'unknown';
  const fresh = useMemo(
    () => compileScript(language, memory, target, scrap, wipesFirst && doubt),
    [language, memory, target, wipesFirst, doubt],
  );
  // A script being played stays as it was when it began.
  const held = useRef(fresh);
  if (!playing) held.current = fresh;
  const { steps } = held.current;
  const { least, most } = language.programming;
  const byCode = hasProgrammingCode(language);
  const codeFits =
    !byCode || (/^\d+$/.test(programming) && programming.length >= least && programming.length <= most);

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

  /** Whatever is new in it is known from now on, by what was done; null where it says so itself. */
  const record = (known: Memory, how: 'keyed' | null) =>
    dispatch(
      {
        kind: 'setMemory',
        device: keypad.id,
        memory: {
          device: keypad.id,
          ...(how ? knownSince(language, recorded, known, { how, on: wallNow().day }) : known),
        },
      },
      say.record(keypad.tag),
      say.recordedHoldsThis(keypad.tag),
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
        wipesFirst={wipesFirst && doubt}
        onKeep={(known) => {
          record(known, 'keyed');
          live.load(known);
          onAtDoor(false);
        }}
        onClose={() => onAtDoor(false)}
      />
    );
  const cards = people.flatMap((person) => cardsInUse(person).map((card) => ({ name: person.name, card })));
  const fingers = people.flatMap((person) =>
    fingersOf(person).map((finger, index) => ({
      name: person.fingers > 1 ? say.finger(person.name, index + 1) : person.name,
      finger,
    })),
  );
  const ahead = compareMemory(language, memory, { ...target, slots: recorded.slots }).some(
    ({ state }) => state !== 'same' && state !== 'unknown',
  );
  const mayWipe = can(language, 'clear-all');
  return (
    <>
      <div className={css['columns']}>
        <SlotLedger
          keypad={keypad}
          language={language}
          memory={memory}
          target={target}
          recorded={plan.memories[keypad.id] ?? null}
          ahead={ahead}
        />
        <KeysToPress
          keypad={keypad}
          language={language}
          script={held.current}
          people={people}
          fits={codeFits}
          shown={shown}
          onShow={(on) => {
            if (on) store.note(say.codesKeySheetShown(door.id, keypad.tag));
            setShown(on);
          }}
          at={playing}
          foot={
            <>
              <Button
                look={steps.length > 0 ? 'main' : 'plain'}
                icon={<Smartphone aria-hidden />}
                disabled={!codeFits}
                onClick={() => {
                  store.note(say.keySheetOpenedCodes(door.id, keypad.tag));
                  onAtDoor(true);
                }}
              >
                {say.doorLineLine}
              </Button>
              {steps.length > 0 && (
                <Button
                  disabled={playing !== null || !codeFits || live.keypad.mode !== AT_DOOR}
                  onClick={() => setPlaying({ step: 0, stroke: 0 })}
                >
                  {playing ? say.keyingIn : say.keyIntoSimulatedOne}
                </Button>
              )}
              {steps.length > 0 && (
                <Menu
                  label={say.theSheetOnPaper}
                  side="top"
                  trigger={
                    <Button look="quiet" disabled={!codeFits} icon={<Printer aria-hidden />}>
                      {say.print}
                    </Button>
                  }
                  items={[
                    { id: 'plain', label: say.withoutCodes, onSelect: () => paper.print(false) },
                    {
                      id: 'codes',
                      label: say.codesWhoeverPaperCan,
                      onSelect: () => {
                        store.note(say.keySheetPrintedCodes(door.id, keypad.tag));
                        paper.print(true);
                      },
                    },
                  ]}
                />
              )}
            </>
          }
        >
          {byCode && (
            <TextField
              label={say.programmingCode}
              inputMode="numeric"
              className={css['code']}
              type={shown ? 'text' : 'password'}
              autoComplete="off"
              value={programming}
              onChange={(event) => setProgramming(event.target.value)}
              error={codeFits ? null : least === most ? say.digits(least) : say.toDigits(least, most)}
              hint={programming === language.factoryCode ? say.factoryCodeChangeFirst : undefined}
            />
          )}
          {problems.map((one, index) => (
            <p key={index} className={css['problem']}>
              {one.person}: {codeProblemWords(one.problem).toLowerCase()}.
            </p>
          ))}
          {doubt && (
            <div className={css['doubt']}>
              <p>
                {say.elseStandsNobodyKnows(keypad.tag)}
                {!mayWipe && say.lookOtherSlotsReset}
              </p>
              {mayWipe && (
                <label>
                  <input
                    type="checkbox"
                    checked={wipesFirst}
                    onChange={({ target: box }) => setWipesFirst(box.checked)}
                  />
                  {say.wipeEverybodyFirstKey}
                </label>
              )}
            </div>
          )}
        </KeysToPress>
        <KeypadPanel
          language={language}
          live={live}
          cards={cards}
          onKey={(key) => strike({ key })}
          onCard={(card: CardNumber) => strike({ card })}
          onMaster={(master) => strike({ master })}
          fingers={fingers}
          onFinger={(finger) => strike({ finger })}
        />
      </div>
      {paper.codes !== null && (
        <KeySheetPaper
          sheets={[{ device: keypad, language, recorded: memory, target }]}
          codes={paper.codes}
        />
      )}
      {finding && (
        <FoundDialog
          keypad={keypad}
          language={language}
          recorded={plan.memories[keypad.id] ?? null}
          onKeep={(found) => {
            record(found, null);
            live.load(found);
            setFinding(false);
          }}
          onClose={() => setFinding(false)}
        />
      )}
      <p className={css['record']}>
        <Button size="s" onClick={() => setFinding(true)}>
          {say.enterAsFound}
        </Button>
        <Button size="s" onClick={() => record(memory, 'keyed')}>
          {say.recordDoorHolds(keypad.tag)}
        </Button>
        <Button size="s" look="quiet" onClick={() => loadSaid(recorded, say.simulatedKeypadHoldsRecorded)}>
          {say.takeSimulatedOneBack}
        </Button>
        <Button
          size="s"
          look="quiet"
          onClick={() => loadSaid(factoryMemory(language), say.simulatedKeypadLeftFactory)}
        >
          {say.factoryResetTheSimulatedOne}
        </Button>
      </p>
      {language.resets.map((reset) => (
        <p key={reset.how} className={css['note']}>
          {resetWords(reset)}
        </p>
      ))}
    </>
  );
}
