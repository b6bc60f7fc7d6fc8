import { Suspense, useState } from 'react';
import {
  trialAt,
  tried,
  trialsOf,
  type Cell,
  type ProofRow,
  type Side,
  type TriedAt,
} from '#core/prove/index';
import { atRest, type SimState } from '#core/simulate/index';
import { ALARM_NAMES } from '#words/bench';
import {
  cellReason,
  expectationWords,
  laterWords,
  linesWords,
  outcomeWords,
  pathWords,
  verdictWords,
} from '#words/situations';
import { situationName } from '#words/situationNames';
import { say } from '#words/stations/prove/CellReason';
import { Button } from '../../ui/Button';
import { lazily } from '../../parts/lazily';
import { pointedHash } from '../../parts/pointedAt';
import type { StationProps } from '../../parts/given';
import { Lane } from './Lane';
import css from './ProveStation.module.css';
import { WantedForm } from './WantedForm';

/** The loops are drawn when somebody asks for them: what draws them comes with the first. */
const PathBeforeAfter = lazily(async () => (await import('./PathBeforeAfter')).PathBeforeAfter);

/** What is done at another door is named after a colon: its place is that door’s. */
const isElsewhere = ({ situation }: ProofRow): boolean => situation.includes('other-door');

interface Props extends Pick<StationProps, 'door' | 'bench'> {
  readonly row: ProofRow;
  readonly side: Side;
}

/** The reason behind one cell: in numbers, the way the current takes before and after, and what is wanted and why. */
export function CellReason({ row, side, door, bench }: Props) {
  const [asking, setAsking] = useState(false);
  const [drawn, setDrawn] = useState(false);
  const cell = row.cells[side];
  const name = situationName(row.situation);
  const stateAt = (tag: string | null): SimState | null => {
    const trial = trialsOf(bench.sound).find(
      (one) => one.situation.id === row.situation && trialAt(one) === (tag || null),
    );
    return trial ? tried(trial, bench.sound, atRest(bench.sound)) : null;
  };
  const makeSo = (tag: string | null) => {
    const state = stateAt(tag);
    if (state) bench.put(bench.sound, state, null, tag ? say.at(name, tag) : name);
  };
  return (
    <div className={css['reason']} aria-live="polite">
      <h2>
        {name}
        {row.at !== null && `${isElsewhere(row) ? ':' : ' at'} ${row.at}`}
        {say.from(side, verdictWords(cell.verdict).toLowerCase())}
      </h2>
      <p>{cellReason(row, side)}</p>
      {cell.breaks && cell.breaks.after > 0 && <Lane row={row} breaks={cell.breaks.after} />}
      {row.later.length > 0 && <p>{say.thenByItself(laterWords(row.later))}</p>}
      {row.each.length > 0 && <Each each={row.each} side={side} onPut={makeSo} />}
      {row.path.length > 0 && <p className={css['path']}>{say.current(pathWords(row.path))}</p>}
      {row.opened.length > 0 && <p className={css['path']}>{say.openedBy(pathWords(row.opened))}</p>}
      {row.alarms.length > 0 && <p>{row.alarms.map((alarm) => ALARM_NAMES[alarm]).join(', ')}</p>}
      {row.lines.length > 0 && <p>{linesWords(row.lines)}</p>}
      <Wanted cell={cell} side={side} />
      <div className={css['acts']}>
        <Button size="s" onClick={() => makeSo(row.at)}>
          {say.makeSoBench}
        </Button>
        <Button size="s" aria-expanded={drawn} onClick={() => setDrawn(!drawn)}>
          {drawn ? say.hideTheLoop : say.drawLoopBeforeAfter}
        </Button>
        <Button size="s" aria-expanded={asking} onClick={() => setAsking(!asking)}>
          {say.wantSomethingElse}
        </Button>
        <a href={pointedHash({ kind: 'situation', id: row.situation })}>{say.linkToThisSituation}</a>
      </div>
      {asking && (
        <WantedForm
          key={`${row.situation} ${side}`}
          door={door}
          situation={row.situation}
          side={side}
          cell={cell}
          onDone={() => setAsking(false)}
        />
      )}
      {drawn && (
        <Suspense>
          <PathBeforeAfter door={door.id} world={bench.sound} then={stateAt(row.at)} name={name} />
        </Suspense>
      )}
    </div>
  );
}

/** Every reader, exit or break glass for itself. */
function Each({ each, side, onPut }: { each: readonly TriedAt[]; side: Side; onPut(tag: string): void }) {
  return (
    <ul className={css['each']} aria-label={say.atEachDevice}>
      {each.map(({ tag, cells }) => (
        <li key={tag} data-verdict={cells[side].verdict}>
          <b>{tag || say.allAtOnce}</b> {outcomeWords(cells[side], side)}
          <span className="hush">: {verdictWords(cells[side].verdict)}</span>{' '}
          <Button size="s" look="quiet" onClick={() => onPut(tag)}>
            {say.onTheBench}
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** What is wanted of the cell, and where that comes from. */
function Wanted({ cell, side }: { cell: Cell; side: Side }) {
  const wanted = expectationWords(cell.expectation, side);
  if (!cell.adjusted) return <p>{say.wantedFollowsBrief(wanted)}</p>;
  return (
    <p>
      {say.wantedOtherwiseThanFollows(
        wanted,
        cell.adjusted.by && say.by(cell.adjusted.by),
        cell.adjusted.reason,
      )}
    </p>
  );
}
