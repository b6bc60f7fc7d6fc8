import { useMemo } from 'react';
import { drawLoop } from '#core/drawing/index';
import { loopWires, traceLoops, type Loop } from '#core/loops/index';
import { applyEdit, terminalLabel, type DoorId, type Plan } from '#core/plan/index';
import { repairWords } from '#words/causes';
import { loopName } from '#words/findings/index';
import { say } from '#words/stations/wire/ProposalView';
import { Button } from '../../ui/Button';
import { useWidth } from '../../ui/useWidth';
import { useProposal } from '../../parts/proposal';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import { LoopDrawing, type WireMark } from '../../parts/loops/LoopDrawing';
import css from './ProposalView.module.css';

/** Wires of one plan that another has not, or has elsewhere. */
const differing = (one: Plan, two: Plan): Set<string> =>
  new Set(
    Object.values(one.conductors)
      .filter((wire) => {
        const there = two.conductors[wire.id];
        return !there || there.from !== wire.from || there.to !== wire.to;
      })
      .map(({ id }) => id),
  );

const touching = (loops: readonly Loop[], wires: ReadonlySet<string>): Loop[] =>
  loops.filter((loop) => loopWires(loop).some((id) => wires.has(id)));

/** A repair on the loops before it is made: as they lie, with what is wrong, and as they would lie. */
export function ProposalView({ door }: { door: DoorId }) {
  const { cause, show } = useProposal();
  const plan = usePlan();
  const dispatch = useDispatch();
  const after = useMemo(() => {
    const result = cause && applyEdit(plan, cause.repair.edit);
    return result?.ok ? result.plan : null;
  }, [plan, cause]);
  if (!cause || !after) return null;
  const [gone, come] = [differing(plan, after), differing(after, plan)];
  const [old, next] = [traceLoops(plan, door), traceLoops(after, door)];
  const then = touching(next, come);
  const ids = new Set(then.map(({ id }) => id));
  const now = [...new Set([...old.filter(({ id }) => ids.has(id)), ...touching(old, gone)])];
  const later = then.length > 0 ? then : next.filter(({ id }) => now.some((loop) => loop.id === id));
  const words = repairWords(plan, door, cause.repair);
  return (
    <section className={css['proposal']} aria-label={say.proposal}>
      <header>
        <h3>{words.title}</h3>
        <Button
          size="s"
          look="stop"
          onClick={() => {
            show(null);
            dispatch(cause.repair.edit, words.act.toLowerCase());
          }}
        >
          {words.act}
        </Button>
        <Button size="s" look="quiet" onClick={() => show(null)}>
          {say.close}
        </Button>
      </header>
      <Loops title={say.asItLies} plan={plan} door={door} loops={now} marks={gone} mark="wrong" />
      <Loops title={say.asItWouldLie} plan={after} door={door} loops={later} marks={come} mark="right" />
    </section>
  );
}

interface LoopsProps {
  readonly title: string;
  readonly plan: Plan;
  readonly door: DoorId;
  readonly loops: readonly Loop[];
  readonly marks: ReadonlySet<string>;
  readonly mark: WireMark;
}

function Loops({ title, plan, door, loops, marks, mark }: LoopsProps) {
  const unit = useUnit();
  const [ref, width] = useWidth<HTMLDivElement>(760);
  const nothing = () => {};
  return (
    <div ref={ref} className={css['side']} data-side={mark}>
      <h4>{title}</h4>
      {loops.length === 0 && <p>{say.noLoopYet}</p>}
      {loops.map((loop) => (
        <div key={loop.id} className={css['scroll']}>
          <LoopDrawing
            drawing={drawLoop(plan, loop, { width: width - 8, unit })}
            title={say.loop(title, loop.letter, loopName(loop.kind))}
            lit={null}
            chosenWire={null}
            chosenTerminal={null}
            markOf={(id) => (marks.has(id) ? mark : null)}
            wireName={(id) => plan.conductors[id]?.number ?? id}
            terminalName={(terminal) => terminalLabel(plan, terminal, door)}
            onWire={nothing}
            onTerminal={nothing}
            onPoint={nothing}
          />
        </div>
      ))}
    </div>
  );
}
