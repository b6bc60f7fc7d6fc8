import { useState } from 'react';
import Plus from 'lucide-react/icons/plus';
import { findIn, type Door, type Edit, type Scenario } from '#core/plan/index';
import { say } from '#words/stations/timing/Scenarios';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { SelectField } from '../../ui/Field';
import { useNarrow } from '../../ui/useNarrow';
import { useDispatch, usePlan } from '../../store/context';
import { useDiffers, useRows, useScene } from './useScenarios';
import css from './Scenarios.module.css';
import { Sheet } from './ScenarioSheet';

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
    if (!row.kept) add({ ...row.scenario, ...patch }, say.keepTheScenario);
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
        name: say.scenario(Object.values(plan.scenarios).filter((one) => one.door === door.id).length + 1),
        order: rows.length,
        acts: [{ does: 'credential', at: 0, valid: true, device: null, output: 0 }],
        until: 15_000,
        expects: { forced: null, held: null, tamper: null, end: 'locked', wayOut: true },
        kept: null,
      },
      say.writeAScenario,
    );
  if (!row) {
    return (
      <section className={css['scenarios']} aria-label={say.scenarios}>
        <h2>{say.scenarios}</h2>
        <p className={css['quiet']}>{say.nothingLocksMovesDoor}</p>
      </section>
    );
  }
  return (
    <section className={css['scenarios']} aria-label={say.scenarios}>
      <div className={css['head']}>
        <h2>{say.scenarios}</h2>
        <p>{say.happensOverDayPlayed}</p>
        <Button size="s" icon={<Plus size={14} aria-hidden />} onClick={own}>
          {say.writeOne}
        </Button>
      </div>
      <div className={css['columns']}>
        {narrow ? (
          <SelectField
            label={say.scenario2}
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
          <ul className={css['list']} aria-label={say.scenariosOfThisDoor}>
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
                    {kept && <span className={css['own']}>{say.kept}</span>}
                    <span className="hush">
                      {found === undefined ? '' : wrong ? say.otherwiseThanExpected : say.asExpected}
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
