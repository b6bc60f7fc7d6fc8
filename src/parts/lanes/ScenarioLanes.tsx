import { useRef, useState, type CSSProperties, type KeyboardEvent, type PointerEvent } from 'react';
import type { Act, Plan, Scenario } from '#core/plan/index';
import { inOrder, type Differs, type Played, type Track } from '#core/scenarios/index';
import { formatSeconds } from '#core/units/index';
import { actWords, laneWords, shownWords } from '#words/scenarios';
import { say } from '#words/parts/lanes/ScenarioLanes';
import { cx } from '../../ui/cx';
import { useWidth } from '../../ui/useWidth';
import colours from '../../ui/laneColours.module.css';
import css from './ScenarioLanes.module.css';

interface Props {
  readonly plan: Plan;
  readonly scenario: Scenario;
  readonly played: Played;
  readonly differs: readonly Differs[];
  /** Lanes that never change are shown too. */
  readonly all: boolean;
  /** Moves an act in time; absent where the acts stand. */
  onMove?: ((act: number, at: number) => void) | undefined;
}

/** Looks of what a lane shows. */
const LOOKS: Readonly<Record<string, string>> = {
  sounds: 'weak',
  quiet: 'rest',
  unsure: 'weak',
  trouble: 'weak',
  dead: 'weak',
  opening: 'busy',
  closing: 'busy',
};
const lookOf = ({ lane }: Track, is: string): string =>
  lane.kind === 'input' && is === 'open'
    ? 'rest'
    : lane.kind === 'input' && is === 'closed'
      ? 'busy'
      : (LOOKS[is] ?? is);

/** A pin is so wide, px: nearer ones stand in the next row. */
const PIN_PX = 26;

/** Places of the pins: their share of the width, and the row in which none covers another. */
function placed(acts: readonly Act[], until: number, width: number) {
  const ends: number[] = [];
  return inOrder(acts).map(({ act, index }) => {
    const x = (Math.min(act.at, until) / until) * width;
    let row = ends.findIndex((end) => end + PIN_PX <= x);
    if (row < 0) row = ends.length;
    ends[row] = x;
    return { act, index, x, row };
  });
}

/** Seconds between the marks of the scale: few enough to be read at this width. */
function stepOf(until: number, width: number): number {
  const steps = [1, 2, 5, 10, 20, 30, 60, 120, 300, 600, 1800, 3600, 7200, 21_600];
  return steps.find((seconds) => (seconds * 1000 * width) / until > 58) ?? 21_600;
}

/**
 * A scenario over time: what happens as pins that are dragged or moved by arrow keys, and under them what the door does. Where a
 * lane was found right and shows something else, the stretch is edged.
 */
export function ScenarioLanes({ plan, scenario, played, differs, all, onMove }: Props) {
  const { acts, until } = scenario;
  const [track, width] = useWidth<HTMLDivElement>(640);
  const pins = placed(acts, until, width);
  const rows = pins.reduce((most, { row }) => Math.max(most, row + 1), 1);
  const shown = played.tracks.filter(
    ({ lane, runs }) =>
      all ||
      lane.kind === 'lock' ||
      lane.kind === 'leaf' ||
      runs.length > 1 ||
      differs.some((one) => one.kind === 'lane' && one.lane === lane.id),
  );
  const step = stepOf(until, width);
  const marks = Array.from({ length: Math.floor(until / 1000 / step) + 1 }, (_, n) => n * step);
  /** What is written on a stretch: its word and how long it lasts, as far as there is room; the lane's label says it in any case. */
  const written = (from: number, to: number, word: string): string => {
    const room = ((Math.min(to, until) - from) / until) * width - 12;
    const long = to < until ? `${word} ${formatSeconds(to - from)}` : word;
    return [long, word].find((text) => text.length * 6 < room) ?? '';
  };
  const left = (ms: number) => `${((Math.min(ms, until) / until) * 100).toFixed(3)}%`;
  return (
    <div className={css['lanes']}>
      <span className={css['corner']}>{say.whatHappens}</span>
      <div
        className={css['pins']}

        style={{ height: rows * 28, '--pins': `${rows * 28}px` } as CSSProperties}
      >
        {pins.map(({ act, index, row }) => (
          <Pin
            key={index}
            name={actWords(plan, act)}
            number={index + 1}
            at={act.at}
            until={until}
            width={width}
            top={row * 28}
            onMove={onMove && ((at) => onMove(index, at))}
          />
        ))}
      </div>
      {shown.map(({ lane, runs }) => (
        <div key={lane.id} className={css['row']}>
          <span className={css['name']}>{laneWords(plan, lane)}</span>
          <div
            className={css['track']}
            role="img"
            aria-label={`${laneWords(plan, lane)}: ${runs
              .map((run) => say.from(shownWords(run.is), formatSeconds(run.at)))
              .join(', ')}`}
          >
            {runs.map((run, index) => (
              <i
                key={run.at}
                className={cx(css['run'], colours[lookOf({ lane, runs }, run.is)])}
                style={{ left: left(run.at), right: `calc(100% - ${left(runs[index + 1]?.at ?? until)})` }}
              >
                {written(run.at, runs[index + 1]?.at ?? until, shownWords(run.is))}
              </i>
            ))}
            {differs.map((one, index) =>
              one.kind === 'lane' && one.lane === lane.id ? (
                <b
                  key={index}
                  className={css['other']}
                  style={{ left: left(one.at), right: `calc(100% - ${left(one.to)})` }}
                />
              ) : null,
            )}
          </div>
        </div>
      ))}
      <span aria-hidden />
      {/* The scale is there at every width; the pins are not. */}
      <div className={css['scale']} ref={track} aria-hidden>
        {marks.map((seconds) => (
          <span key={seconds} style={{ left: left(seconds * 1000) }}>
            {seconds % 60 === 0 && seconds > 0 ? say.min(seconds / 60) : `${seconds} s`}
          </span>
        ))}
      </div>
    </div>
  );
}

/** Steps of the arrow keys, ms: a tenth of a second, with Shift a second, by page ten. */
const STEPS: Readonly<Record<string, number>> = {
  ArrowLeft: -100,
  ArrowRight: 100,
  ArrowDown: -100,
  ArrowUp: 100,
  PageDown: -10_000,
  PageUp: 10_000,
};

interface PinProps {
  readonly name: string;
  readonly number: number;
  readonly at: number;
  readonly until: number;
  readonly width: number;
  readonly top: number;
  onMove?: ((at: number) => void) | undefined;
}

/** One thing that happens, on the line of time. While it is dragged only it moves; the door is played when it is let go. */
function Pin(props: PinProps) {
  const { name, number, at, until, top, onMove } = props;
  if (onMove) return <MovablePin {...props} onMove={onMove} />;
  return (
    <span
      className={css['pin']}
      role="img"
      aria-label={`${number}: ${name}, ${formatSeconds(at)}`}
      title={`${name}, ${formatSeconds(at)}`}
      style={{ left: `${(Math.min(at, until) / until) * 100}%`, top }}
    >
      {number}
    </span>
  );
}

function MovablePin({
  name,
  number,
  at,
  until,
  width,
  top,
  onMove,
}: PinProps & { onMove(at: number): void }) {
  const [drag, setDrag] = useState<number | null>(null);
  const grip = useRef({ x: 0, at: 0 });
  const now = drag ?? at;
  const within = (ms: number) => Math.round(Math.min(until, Math.max(0, ms)) / 100) * 100;
  const take = (event: PointerEvent<HTMLButtonElement>) => {
    event.currentTarget.setPointerCapture(event.pointerId);
    grip.current = { x: event.clientX, at };
    setDrag(at);
  };
  const move = (event: PointerEvent) => {
    if (drag !== null) setDrag(within(grip.current.at + ((event.clientX - grip.current.x) / width) * until));
  };
  const drop = () => {
    if (drag !== null && drag !== at) onMove(drag);
    setDrag(null);
  };
  const key = (event: KeyboardEvent) => {
    const by = STEPS[event.key];
    const to = event.key === 'Home' ? 0 : event.key === 'End' ? until : null;
    if (by === undefined && to === null) return;
    event.preventDefault();
    const next = within(to ?? at + (by ?? 0) * (event.shiftKey ? 10 : 1));
    if (next !== at) onMove(next);
  };
  return (
    <button
      type="button"
      role="slider"
      aria-label={`${number}: ${name}`}
      aria-valuemin={0}
      aria-valuemax={until / 1000}
      aria-valuenow={now / 1000}
      aria-valuetext={formatSeconds(now)}
      title={`${name}, ${formatSeconds(now)}`}
      className={cx(css['pin'], drag !== null && css['held'])}
      style={{ left: `${(Math.min(now, until) / until) * 100}%`, top }}
      onPointerDown={take}
      onPointerMove={move}
      onPointerUp={drop}
      onPointerCancel={() => setDrag(null)}
      onKeyDown={key}
    >
      {number}
      {drag !== null && <em>{formatSeconds(now)}</em>}
    </button>
  );
}
