import { useMemo } from 'react';
import { drawLoop, liveView } from '#core/drawing/index';
import { loopWords, traceLoops } from '#core/loops/index';
import { terminalLabel, type DoorId } from '#core/plan/index';
import { atRest, lockStatuses, type SimState, type World } from '#core/simulate/index';
import { HOLD_SHORT } from '#words/bench';
import { stepWords } from '#words/loops';
import { say } from '#words/stations/prove/PathBeforeAfter';
import { useWidth } from '../../ui/useWidth';
import { usePlan, useUnit } from '../../store/context';
import { LoopDrawing } from '../../parts/loops/LoopDrawing';
import css from './ProveStation.module.css';

interface Props {
  readonly door: DoorId;
  readonly world: World;
  /** The situation; null where it cannot be brought about. */
  readonly then: SimState | null;
  readonly name: string;
}

const nothing = () => {};

/** The lock's loop twice: with the current at rest, and with that of a situation. */
export function PathBeforeAfter({ door, world, then, name }: Props) {
  const plan = usePlan();
  const unit = useUnit();
  const [ref, width] = useWidth<HTMLDivElement>(772);
  const loops = useMemo(
    () => traceLoops(plan, door).filter(({ kind }) => kind === 'lock-power'),
    [plan, door],
  );
  const rest = useMemo(() => atRest(world), [world]);
  const moments = [{ title: say.atRest, state: rest }, ...(then ? [{ title: name, state: then }] : [])];
  return (
    <div ref={ref} className={css['before-after']}>
      {loops.flatMap((loop) =>
        moments.map(({ title, state }) => {
          const locks = lockStatuses(world, state.point);
          const live = liveView(world.netlist, state.point, state.cut, locks, HOLD_SHORT);
          const told = say.loop(loop.letter, title);
          return (
            <figure key={`${loop.id} ${title}`}>
              <figcaption>
                <b>{loop.letter}</b> {title}
              </figcaption>
              {/* A picture: nothing in it is pressed. */}
              <div
                className={css['scroll']}
                role="img"
                tabIndex={0}
                aria-label={`${told}: ${loopWords(plan, door, loop).map(stepWords).join(', ')}`}
              >
                <div inert>
                  <LoopDrawing
                    drawing={drawLoop(plan, loop, { width: Math.max(320, width - 8), unit, live })}
                    title={told}
                    lit={null}
                    chosenWire={null}
                    chosenTerminal={null}
                    wireName={(id) => plan.conductors[id]?.number ?? id}
                    terminalName={(id) => terminalLabel(plan, id, door)}
                    onWire={nothing}
                    onTerminal={nothing}
                    onPoint={nothing}
                  />
                </div>
              </div>
            </figure>
          );
        }),
      )}
      {loops.length === 0 && <p>{say.noLoopLockWired}</p>}
    </div>
  );
}
