import { useEffect, useMemo, useState } from 'react';
import {
  breakNow,
  brokenWorld,
  defectOf,
  FAULT_GROUPS,
  UNTIL_QUIET_MS,
  type Fault,
  type FaultGroup,
} from '#core/faults/index';
import { findIn, type Door } from '#core/plan/index';
import { advance, atRest } from '#core/simulate/index';
import { LAW } from '#words/findings/index';
import { faultWords, fewerWords, GROUP_WORDS, IMPROVEMENT_WORDS } from '#words/faults';
import { situationName } from '#words/situationNames';
import { say } from '#words/stations/prove/FaultsView';
import type { FaultLine } from '../../workers/protocol';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import type { Bench } from '../../parts/bench/useBench';
import { useDispatch, usePlan } from '../../store/context';
import { useProve, type Work } from './useProve';
import css from './Explored.module.css';

/** Lines of a group that are shown before somebody asks for all. */
const FIRST = 6;

/** Every single fault, grouped by what it comes to; what each part that protects is worth; pairs on request. */
export function FaultsView({ door, bench }: { door: Door; bench: Bench }) {
  const plan = usePlan();
  const singles = useProve('faults', plan, door);
  const worth = useProve('worth', plan, door);
  const helps = useProve('helps', plan, door);
  const improved = helps.answers.flatMap((answer) => answer.found);
  const pairs = useProve('pairs', plan, door);
  const dispatch = useDispatch();
  const lines = useMemo(() => singles.answers.flatMap((answer) => answer.lines), [singles.answers]);
  const of = singles.answers.at(-1)?.of ?? 0;
  const { state, start } = singles;
  // Looked at is asked for: the sweep of a door takes less than a second.
  useEffect(() => {
    if (state === 'idle') start({ skip: 0 });
  }, [state, start]);
  const show = (fault: Fault) => showOnBench(bench, fault, faultWords(plan, fault));
  return (
    <div className={css['page']}>
      <section aria-label={say.singleFaults}>
        <header className={css['head']}>
          <h2>{say.singleFaults}</h2>
          <Progress
            work={singles}
            done={lines.length}
            of={of}
            onGoOn={() => singles.goOn({ skip: lines.length })}
          />
        </header>
        <p className={css['lead']}>{say.eachWireOffEach}</p>
        {FAULT_GROUPS.map((group) => (
          <Group
            key={group}
            group={group}
            lines={lines.filter((line) => line.group === group)}
            onShow={show}
          />
        ))}
      </section>
      <section aria-label={say.whatEachPartIsWorth}>
        <header className={css['head']}>
          <h2>{say.whatEachPartIsWorth}</h2>
          {worth.state === 'idle' ? (
            <Button size="s" onClick={() => worth.start({})}>
              {say.takeEachOutInTurn}
            </Button>
          ) : (
            <span className={css['count']} role="status">
              {worth.state === 'runs' ? say.atIt : say.done}
            </span>
          )}
        </header>
        <p className={css['lead']}>{say.eachExitReleaseContact}</p>
        {worth.answers.length > 0 && (
          <ul className={css['worth']}>
            {worth.answers
              .flatMap((answer) => answer.worth)
              .map(({ device, covers }) => (
                <li key={device}>
                  <b>{findIn(plan.devices, device)?.tag ?? device}</b>
                  {covers.length === 0
                    ? say.coversNoSingleFault
                    : say.coversWhichWouldLock(
                        covers.length,
                        covers.filter(({ group }) => group === 'trapped').length,
                      )}
                </li>
              ))}
          </ul>
        )}
      </section>
      <section aria-label={say.whatWouldHelp}>
        <header className={css['head']}>
          <h2>{say.whatWouldHelp}</h2>
          {helps.state === 'idle' ? (
            <Button size="s" onClick={() => helps.start({})}>
              {say.tryWhatWouldHelp}
            </Button>
          ) : (
            <span className={css['count']} role="status">
              {helps.state === 'runs' ? say.atIt : say.done}
            </span>
          )}
        </header>
        <p className={css['lead']}>{say.latchSecondPoleContact}</p>
        {helps.state === 'over' && improved.length === 0 && <p>{say.noneThemMakesFewer}</p>}
        {improved.length > 0 && (
          <ul className={css['worth']}>
            {improved.map(({ what, edit, before, after }) => (
              <li key={what}>
                <b className={css['wide']}>{IMPROVEMENT_WORDS[what]}</b>
                {fewerWords(before, after)}{' '}
                <Button size="s" onClick={() => dispatch(edit, IMPROVEMENT_WORDS[what].toLowerCase())}>
                  {say.doIt}
                </Button>
              </li>
            ))}
          </ul>
        )}
      </section>
      <section aria-label={say.pairsOfFaults}>
        <header className={css['head']}>
          <h2>{say.pairsOfFaults}</h2>
          {pairs.state === 'idle' ? (
            <Button size="s" onClick={() => pairs.start({ skip: 0 })}>
              {say.tryPairs}
            </Button>
          ) : (
            <Progress
              work={pairs}
              done={pairs.answers.at(-1)?.step.done ?? 0}
              of={pairs.answers.at(-1)?.step.of ?? 0}
              onGoOn={() => pairs.goOn({ skip: pairs.answers.at(-1)?.step.done ?? 0 })}
            />
          )}
        </header>
        <p className={css['lead']}>{say.nobodyNoticesStaysUntil}</p>
        <Pairs work={pairs} />
      </section>
      <p className={css['law']}>{LAW}</p>
    </div>
  );
}

/** The door with the fault in it, as it stands once everything has come to rest. */
function showOnBench(bench: Bench, fault: Fault, named: string): void {
  const broken = brokenWorld(bench.sound, defectOf(bench.sound.netlist, fault));
  const begins = breakNow(broken, atRest(bench.sound), fault);
  bench.put(broken, advance(broken, begins, begins.now + UNTIL_QUIET_MS).state, named, named);
}

interface ProgressProps {
  readonly work: Pick<Work<'faults'>, 'state' | 'stop'>;
  readonly done: number;
  readonly of: number;
  onGoOn(): void;
}

/** How far work is, with what stops it and lets it go on. */
export function Progress({ work, done, of, onGoOn }: ProgressProps) {
  return (
    <span className={css['progress']}>
      {of > 0 && work.state === 'runs' && <progress max={of} value={done} aria-label={say.howFarItIs} />}
      <span className={css['count']} role="status">
        {work.state === 'stumbled'
          ? say.stumbledShownFoundBefore
          : of === 0
            ? say.oneMoment
            : say.ofTried(done, of)}
      </span>
      {work.state === 'runs' && (
        <Button size="s" onClick={() => work.stop()}>
          {say.stop}
        </Button>
      )}
      {work.state === 'stopped' && done < of && (
        <Button size="s" onClick={onGoOn}>
          {say.goOn}
        </Button>
      )}
    </span>
  );
}

interface GroupProps {
  readonly group: FaultGroup;
  readonly lines: readonly FaultLine[];
  onShow(fault: Fault): void;
}

const WORST: ReadonlySet<FaultGroup> = new Set(['trapped', 'open-unnoticed']);

function Group({ group, lines, onShow }: GroupProps) {
  const [all, setAll] = useState(false);
  const { name, means } = GROUP_WORDS[group];
  const shown = all ? lines : lines.slice(0, group === 'harmless' ? 0 : FIRST);
  if (lines.length === 0) return null;
  return (
    <div className={cx(css['group'], WORST.has(group) && css['worst'])}>
      <h3>
        {name} <span className={css['number']}>{lines.length}</span>
      </h3>
      <p>{means}</p>
      {shown.length > 0 && (
        <ul>
          {shown.map((line) => (
            <Line key={JSON.stringify(line.fault)} line={line} onShow={onShow} />
          ))}
        </ul>
      )}
      {shown.length < lines.length && (
        <Button size="s" look="quiet" onClick={() => setAll(true)}>
          {shown.length === 0 ? say.showThem : say.showAll(lines.length)}
        </Button>
      )}
    </div>
  );
}

/** The first three, and how many more. */
const shortly = (names: readonly string[]): string =>
  names.length <= 4 ? names.join(', ') : say.andMore(names.slice(0, 3).join(', '), names.length - 3);

function Line({ line: { fault, situations }, onShow }: { line: FaultLine; onShow(fault: Fault): void }) {
  const plan = usePlan();
  const words = faultWords(plan, fault);
  return (
    <li>
      <span>{words}</span>
      {situations.length > 0 && (
        <small title={situations.map(situationName).join(', ')}>
          {shortly(situations.map(situationName))}
        </small>
      )}
      <Button size="s" look="quiet" aria-label={say.showOnTheBench(words)} onClick={() => onShow(fault)}>
        {say.onTheBench}
      </Button>
    </li>
  );
}

function Pairs({ work }: { work: Work<'pairs'> }) {
  const plan = usePlan();
  const found = work.answers.flatMap((answer) => answer.step.found);
  if (work.state === 'idle') return null;
  if (found.length === 0) return work.state === 'over' ? <p>{say.noPairComesMore}</p> : null;
  return (
    <ul className={css['pairs']}>
      {found.map(({ first, second, group }) => (
        <li key={JSON.stringify([first, second])} className={cx(WORST.has(group) && css['worst'])}>
          <b>{GROUP_WORDS[group].name}:</b> {say.then(faultWords(plan, first), faultWords(plan, second))}
        </li>
      ))}
    </ul>
  );
}
