import { useMemo, useRef, useState } from 'react';
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
} from '#core/keypads/index';
import type { Device, Door } from '#core/plan/index';
import { doorTimes } from '#core/door/index';
import { codeProblemWords } from '#words/findings/index';
import { resetWords } from '#words/keypad';
import { say } from '#words/stations/program/KeypadProgramming';
import { TextField } from '../../ui/Field';
import type { Bench } from '../../parts/bench/useBench';
import { useDispatch, usePlan, useStore } from '../../store/context';
import { Doubt } from './Doubt';
import { FoundDialog } from './FoundDialog';
import { wallNow } from '../../parts/moments/today';
import { KeySheetAtDoor } from './KeySheetAtDoor';
import { KeySheetPaper, usePaper } from '../../parts/keypad/KeySheetPaper';
import { KeysToPress } from './KeysToPress';
import { MemoryActs } from './MemoryActs';
import { SheetActs } from './SheetActs';
import { scrapCode } from '../../parts/keypad/scrapCode';
import { SimulatedKeypad } from './SimulatedKeypad';
import { SlotLedger } from './SlotLedger';
import { usePlayedScript } from './usePlayedScript';
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
  const [wipesFirst, setWipesFirst] = useState(false);
  const doubt = memory.rest === 'unknown';
  const fresh = useMemo(
    () => compileScript(language, memory, target, scrap, wipesFirst && doubt),
    [language, memory, target, wipesFirst, doubt],
  );
  const { script, playing, play } = usePlayedScript(fresh, live.strike);
  const { steps } = script;
  const { least, most } = language.programming;
  const byCode = hasProgrammingCode(language);
  const codeFits =
    !byCode || (/^\d+$/.test(programming) && programming.length >= least && programming.length <= most);

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
          script={script}
          people={people}
          fits={codeFits}
          shown={shown}
          onShow={(on) => {
            if (on) store.note(say.codesKeySheetShown(door.id, keypad.tag));
            setShown(on);
          }}
          at={playing}
          foot={
            <SheetActs
              toKey={steps.length}
              fits={codeFits}
              isPlaying={playing !== null}
              isAtDoor={live.keypad.mode === AT_DOOR}
              onDoor={() => {
                store.note(say.keySheetOpenedCodes(door.id, keypad.tag));
                onAtDoor(true);
              }}
              onPlay={play}
              onPrint={(withCodes) => {
                if (withCodes) store.note(say.keySheetPrintedCodes(door.id, keypad.tag));
                paper.print(withCodes);
              }}
            />
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
            <Doubt tag={keypad.tag} mayWipe={mayWipe} wipesFirst={wipesFirst} onWipe={setWipesFirst} />
          )}
        </KeysToPress>
        <SimulatedKeypad keypad={keypad} language={language} live={live} people={people} bench={bench} />
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
      <MemoryActs
        tag={keypad.tag}
        onFound={() => setFinding(true)}
        onRecord={() => record(memory, 'keyed')}
        onBack={() => loadSaid(recorded, say.simulatedKeypadHoldsRecorded)}
        onFactory={() => loadSaid(factoryMemory(language), say.simulatedKeypadLeftFactory)}
      />
      {language.resets.map((reset) => (
        <p key={reset.how} className={css['note']}>
          {resetWords(reset)}
        </p>
      ))}
    </>
  );
}
