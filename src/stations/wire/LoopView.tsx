import { useMemo } from 'react';
import { drawLoop, type Live } from '#core/drawing/index';
import { loopWires, loopWords, traceLoops, type Loop } from '#core/loops/index';
import { type TerminalId, terminalLabel, type DoorId } from '#core/plan/index';
import { formatAmps } from '#core/units/index';
import { loopName } from '#words/findings/index';
import { stepWords } from '#words/loops';
import { COLOUR_NAMES } from '#words/colours';
import { say } from '#words/stations/wire/LoopView';
import { cx } from '../../ui/cx';
import { useWidth } from '../../ui/useWidth';
import { useHighlight } from '../../parts/navigation';
import { usePlan, useUnit } from '../../store/context';
import { LoopDrawing } from '../../parts/loops/LoopDrawing';
import type { Wiring } from '../../parts/useWiring';
import css from './LoopView.module.css';

const GAP = 1;
/** Narrowest column that a plain loop fits in. */
const COLUMN = 250;

/** `Exit request`, `Device power: X1`. */
function titleOf(loop: Loop, tag: string): string {
  const name = loopName(loop.kind);
  const sentence = name.charAt(0).toUpperCase() + name.slice(1);
  return loop.kind === 'lock-power' ? sentence : `${sentence}, ${tag}`;
}

export function LoopView({
  door,
  live,
  wiring,
  spoken,
}: {
  door: DoorId;
  live: Live;
  wiring: Wiring;
  /** Each loop also in words. */
  spoken: boolean;
}) {
  const plan = usePlan();
  const unit = useUnit();
  const { id: lit, point } = useHighlight();
  const [ref, width] = useWidth<HTMLDivElement>(772);
  const loops = useMemo(() => traceLoops(plan, door), [plan, door]);
  const columns = Math.max(1, Math.floor((width + GAP) / (COLUMN + GAP)));
  const cell = Math.floor((width - GAP * (columns - 1)) / columns);
  const name = (terminal: TerminalId) => terminalLabel(plan, terminal, door);
  const wireName = (id: string) => {
    const wire = plan.conductors[id];
    return wire
      ? say.to(
          wire.number,
          COLOUR_NAMES[wire.colour],
          name(wire.from),
          name(wire.to),
          formatAmps(Math.abs(live.ampsOf(id))),
        )
      : id;
  };
  return (
    <div className={css['room']}>
      <div ref={ref} className={css['loops']} style={{ '--columns': columns } as React.CSSProperties}>
        {loops.map((loop) => {
          const wide = loop.kind === 'lock-power';
          const natural = drawLoop(plan, loop, { width: 0, unit }).width;
          const span = wide
            ? columns
            : Math.min(columns, Math.max(1, Math.ceil((natural + GAP) / (cell + GAP))));
          const drawing = drawLoop(plan, loop, { width: span * cell + GAP * (span - 1) - 4, unit, live });
          const device = loop.shape === 'round' ? loop.load.device : loop.right;
          const open = loop.shape === 'round' && !loop.complete;
          const amps = Math.max(0, ...loopWires(loop).map((id) => Math.abs(live.ampsOf(id))));
          const title = titleOf(loop, plan.devices[device]?.tag ?? '');
          return (
            <section
              key={loop.id}
              className={cx(css['loop'], wide && css['wide'])}
              style={{ gridColumn: `span ${span}` }}
              data-loop={loop.kind}
            >
              <h2>
                <b>{loop.letter}</b>
                {title}
                <em>{open ? say.openDoesNotClose : loop.kind === 'lock-power' ? formatAmps(amps) : ''}</em>
              </h2>
              {spoken && <LoopSteps words={loopWords(plan, door, loop)} />}
              <div className={css['scroll']}>
                <LoopDrawing
                  drawing={drawing}
                  title={say.loop(loop.letter, title, wordsOf(loopWords(plan, door, loop)))}
                  lit={lit}
                  chosenWire={wiring.chosenWire}
                  chosenTerminal={wiring.chosenTerminal}
                  wireName={wireName}
                  terminalName={name}
                  onWire={(id) => wiring.chooseWire(wiring.chosenWire === id ? null : id)}
                  onTerminal={wiring.chooseTerminal}
                  onPoint={point}
                />
              </div>
            </section>
          );
        })}
      </div>
    </div>
  );
}

/** The loop as an installer reads it aloud, step by step from its source, out and back. */
const LoopSteps = ({ words }: { words: ReturnType<typeof loopWords> }) => (
  <ol className={css['steps']}>
    {words.map((word, index) => (
      <li key={index}>{stepWords(word)}</li>
    ))}
  </ol>
);

/** The loop told in words, for those who listen. */
const wordsOf = (words: ReturnType<typeof loopWords>): string => words.map(stepWords).join(', ');
