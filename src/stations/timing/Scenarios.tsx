import { useId, useMemo, useState } from 'react';
import Check from 'lucide-react/icons/check';
import Plus from 'lucide-react/icons/plus';
import Printer from 'lucide-react/icons/printer';
import { findIn, type Door, type Edit, type Scenario } from '#core/plan/index';
import { judge, play } from '#core/scenarios/index';
import { LAW } from '#words/findings/index';
import { differsWords, expectsWords, offWords } from '#words/scenarios';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { SelectField, TextField } from '../../ui/Field';
import { useNarrow } from '../../ui/useNarrow';
import { useDispatch, usePlan } from '../../store/context';
import { ActTable, Moment } from './ActTable';
import { ScenarioLanes } from '../../parts/lanes/ScenarioLanes';
import {
  LONGEST_TRIED_MS,
  useDiffers,
  useRows,
  useScene,
  useWorstTimes,
  type ScenarioRow,
} from './useScenarios';
import css from './Scenarios.module.css';

/** What a door does in stories of its day: played by the engine, judged against what is expected, kept with the door. */
export function Scenarios({ door }: { door: Door }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const scene = useScene(plan, door);
  const rows = useRows(plan, door, scene);
  const differs = useDiffers(rows, scene);
  const narrow = useNarrow();
  const [wanted, setWanted] = useState<string | null>(null);
  const row = rows.find(({ scenario }) => scenario.id === wanted) ?? rows[0];
  const freeId = () => {
    let n = 1;
    while (findIn(plan.scenarios, `${door.id}/S${n}`)) n += 1;
    return `${door.id}/S${n}`;
  };
  const add = (scenario: Scenario, label: string) => {
    const id = freeId();
    dispatch({ kind: 'addScenario', scenario: { ...scenario, id } }, label);
    setWanted(id);
  };
  const change = (patch: Partial<Omit<Scenario, 'id' | 'door'>>, label: string) => {
    if (!row) return;
    if (!row.kept) add({ ...row.scenario, ...patch }, 'keep the scenario');
    else {
      const edit: Edit = { kind: 'setScenario', id: row.scenario.id, patch };
      dispatch(edit, label);
    }
  };
  const own = () =>
    add(
      {
        id: '',
        door: door.id,
        name: `Scenario ${Object.values(plan.scenarios).filter((one) => one.door === door.id).length + 1}`,
        order: rows.length,
        acts: [{ does: 'credential', at: 0, valid: true, device: null, output: 0 }],
        until: 15_000,
        expects: { forced: null, held: null, tamper: null, end: 'locked', wayOut: true },
        kept: null,
      },
      'write a scenario',
    );
  if (!row) {
    return (
      <section className={css['scenarios']} aria-label="Scenarios">
        <h2>Scenarios</h2>
        <p className={css['quiet']}>
          Nothing locks or moves this door yet. Wire it, and its day can be played.
        </p>
      </section>
    );
  }
  return (
    <section className={css['scenarios']} aria-label="Scenarios">
      <div className={css['head']}>
        <h2>Scenarios</h2>
        <p>What happens over a day, played with the times above.</p>
        <Button size="s" icon={<Plus size={14} aria-hidden />} onClick={own}>
          Write one
        </Button>
      </div>
      <div className={css['columns']}>
        {narrow ? (
          <SelectField
            label="Scenario"
            value={row.scenario.id}
            onChange={({ target }) => setWanted(target.value)}
          >
            {rows.map(({ scenario }) => (
              <option key={scenario.id} value={scenario.id}>
                {marked(differs.get(scenario))} {scenario.name}
              </option>
            ))}
          </SelectField>
        ) : (
          <ul className={css['list']} aria-label="Scenarios of this door">
            {rows.map(({ scenario, kept }) => {
              const found = differs.get(scenario);
              const wrong = found !== undefined && found.length > 0;
              return (
                <li key={scenario.id}>
                  <button
                    type="button"
                    aria-current={scenario === row.scenario ? 'true' : undefined}
                    onClick={() => setWanted(scenario.id)}
                  >
                    <span className={cx(css['mark'], wrong && css['wrong'])} aria-hidden>
                      {marked(found)}
                    </span>
                    <span>{scenario.name}</span>
                    {kept && <span className={css['own']}>kept</span>}
                    <span className="hush">
                      {found === undefined ? '' : wrong ? 'otherwise than expected' : 'as expected'}
                    </span>
                  </button>
                </li>
              );
            })}
          </ul>
        )}
        <Sheet key={row.scenario.id} row={row} scene={scene} onChange={change} />
      </div>
    </section>
  );
}

const marked = (differs: readonly unknown[] | undefined): string =>
  differs === undefined ? '' : differs.length > 0 ? '!' : '✓';

interface SheetProps {
  readonly row: ScenarioRow;
  readonly scene: ReturnType<typeof useScene>;
  onChange(patch: Partial<Omit<Scenario, 'id' | 'door'>>, label: string): void;
}

/** One scenario: what came of it in words, its lanes, what happens in it, what is expected. */
function Sheet({ row: { scenario, kept, asks }, scene, onChange }: SheetProps) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [all, setAll] = useState(false);
  const { world, rest } = scene;
  const played = useMemo(() => play(world, rest, scenario), [world, rest, scenario]);
  const differs = useMemo(() => judge(world, scenario, played), [world, scenario, played]);
  const worst = useWorstTimes(scenario, scene);
  const moved = (acts: Scenario['acts']) => onChange({ acts }, 'change what happens');
  const right = () =>
    onChange(
      { kept: Object.fromEntries(played.tracks.map(({ lane, runs }) => [lane.id, [...runs]])) },
      'keep the lanes as right',
    );
  return (
    <div className={css['sheet']} data-print="scenario">
      <div className={css['title']}>
        {kept ? (
          <Name scenario={scenario} onKeep={(name) => onChange({ name }, 'name the scenario')} />
        ) : (
          <h3>{scenario.name}</h3>
        )}
        <span className={css['tools']}>
          {kept ? (
            <Button
              size="s"
              look="quiet"
              onClick={() => dispatch({ kind: 'removeScenario', id: scenario.id }, 'take out the scenario')}
            >
              Take out
            </Button>
          ) : (
            <Button size="s" onClick={() => onChange({}, 'keep the scenario')}>
              Keep with this door
            </Button>
          )}
          <Button size="s" icon={<Printer size={14} aria-hidden />} onClick={() => window.print()}>
            Print
          </Button>
        </span>
      </div>
      <p className={css['paper']}>{LAW}</p>
      <p className={css['paper']}>
        {plan.site.name} · {world.door.id} {world.door.name} · expected: {expectsWords(scenario)}
      </p>
      {asks && <p className={css['quiet']}>{asks}</p>}
      <div className={cx(css['outcome'], differs.length > 0 && css['wrong'])} role="status">
        {differs.length === 0 ? (
          <p>
            <Check size={15} aria-hidden /> Comes as expected.
          </p>
        ) : (
          <ul>
            {differs.slice(0, 8).map((one, index) => (
              <li key={index}>{differsWords(plan, one)}</li>
            ))}
            {differs.length > 8 && <li>and {differs.length - 8} more.</li>}
          </ul>
        )}
        {worst && (
          <p className={css['worst']}>
            With {offWords(plan, worst)}: {worst.differs.map((one) => differsWords(plan, one)).join(' ')}
          </p>
        )}
        {scenario.until > LONGEST_TRIED_MS && (
          <p className={css['quiet']}>
            Not tried with timers off: that is done for scenarios of up to an hour.
          </p>
        )}
        {worst === null && differs.length === 0 && (
          <p className={css['quiet']}>Also with every timer as fast or slow as its build allows.</p>
        )}
      </div>
      <ScenarioLanes
        plan={plan}
        scenario={scenario}
        played={played}
        differs={differs}
        all={all}
        onMove={(index, at) => moved(scenario.acts.map((act, n) => (n === index ? { ...act, at } : act)))}
      />
      <div className={css['below']}>
        <label className={css['all']}>
          <input type="checkbox" checked={all} onChange={(event) => setAll(event.target.checked)} />
          Lanes that never change too
        </label>
        {kept && scenario.kept && (
          <Button
            size="s"
            look="quiet"
            onClick={() => onChange({ kept: null }, 'forget which lanes were right')}
          >
            Forget which lanes were right
          </Button>
        )}
        <Button size="s" onClick={right}>
          {scenario.kept ? 'These lanes are right now' : 'These lanes are right'}
        </Button>
      </div>
      <ActTable plan={plan} scenario={scenario} onChange={moved} />
      <Expectations scenario={scenario} onChange={onChange} />
    </div>
  );
}

function Name({ scenario, onKeep }: { scenario: Scenario; onKeep(name: string): void }) {
  const [draft, setDraft] = useState<string | null>(null);
  const keep = () => {
    const name = draft?.trim();
    if (name && name !== scenario.name) onKeep(name);
    setDraft(null);
  };
  return (
    <TextField
      bare
      label="Name of the scenario"
      value={draft ?? scenario.name}
      maxLength={80}
      className={css['name']}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep();
        if (event.key === 'Escape') setDraft(null);
      }}
    />
  );
}

const ALARMS = [
  ['forced', 'Forced alarm'],
  ['held', 'Held-open alarm'],
  ['tamper', 'Tamper alarm'],
] as const;

/** What should come of it; what is left open is not judged. */
function Expectations({ scenario, onChange }: Pick<SheetProps, 'onChange'> & { scenario: Scenario }) {
  const { expects, until } = scenario;
  const id = useId();
  const put = (patch: Partial<Scenario['expects']>) =>
    onChange({ expects: { ...expects, ...patch } }, 'change what is expected');
  return (
    <fieldset className={css['expects']}>
      <legend>What should come of it</legend>
      <SelectField
        label="At the end"
        value={expects.end ?? ''}
        onChange={({ target }) => put({ end: (target.value || null) as Scenario['expects']['end'] })}
      >
        <option value="locked">locked</option>
        <option value="released">released</option>
        <option value="">either</option>
      </SelectField>
      {ALARMS.map(([alarm, name]) => (
        <SelectField
          key={alarm}
          label={name}
          value={expects[alarm] ?? ''}
          onChange={({ target }) =>
            put({ [alarm]: (target.value || null) as Scenario['expects'][typeof alarm] })
          }
        >
          <option value="quiet">stays quiet</option>
          <option value="sounds">sounds</option>
          <option value="">either</option>
        </SelectField>
      ))}
      <SelectField
        label="A way out all the while"
        value={expects.wayOut ? 'yes' : 'no'}
        onChange={({ target }) => put({ wayOut: target.value === 'yes' })}
      >
        <option value="yes">yes</option>
        <option value="no">not asked</option>
      </SelectField>
      <div className={css['watched']}>
        <label htmlFor={id}>Watched for</label>
        <Moment
          id={id}
          label="Watched for"
          at={until}
          least={1000}
          onKeep={(at) => onChange({ until: at }, 'change how long it is watched')}
        />
      </div>
    </fieldset>
  );
}
