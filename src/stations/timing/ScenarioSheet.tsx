import { useId, useMemo, useState } from 'react';
import Check from 'lucide-react/icons/check';
import Printer from 'lucide-react/icons/printer';
import { type Scenario } from '#core/plan/index';
import { judge, play } from '#core/scenarios/index';
import { LAW } from '#words/findings/index';
import { differsWords, expectsWords, offWords } from '#words/scenarios';
import { say } from '#words/stations/timing/ScenarioSheet';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { SelectField, TextField } from '../../ui/Field';
import { useDispatch, usePlan } from '../../store/context';
import { ActTable, Moment } from './ActTable';
import { ScenarioLanes } from '../../parts/lanes/ScenarioLanes';
import { LONGEST_TRIED_MS, useScene, useWorstTimes, type ScenarioRow } from './useScenarios';
import css from './Scenarios.module.css';

interface SheetProps {
  readonly row: ScenarioRow;
  readonly scene: ReturnType<typeof useScene>;
  onChange(patch: Partial<Omit<Scenario, 'id' | 'door'>>, label: string): void;
}

/** One scenario: what came of it in words, its lanes, what happens in it, what is expected. */
export function Sheet({ row: { scenario, kept, asks }, scene, onChange }: SheetProps) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [all, setAll] = useState(false);
  const { world, rest } = scene;
  const played = useMemo(() => play(world, rest, scenario), [world, rest, scenario]);
  const differs = useMemo(() => judge(world, scenario, played), [world, scenario, played]);
  const worst = useWorstTimes(scenario, scene);
  const moved = (acts: Scenario['acts']) => onChange({ acts }, say.changeWhatHappens);
  const right = () =>
    onChange(
      { kept: Object.fromEntries(played.tracks.map(({ lane, runs }) => [lane.id, [...runs]])) },
      say.keepTheLanesAsRight,
    );
  return (
    <div className={css['sheet']} data-print="scenario">
      <div className={css['title']}>
        {kept ? (
          <Name scenario={scenario} onKeep={(name) => onChange({ name }, say.nameTheScenario)} />
        ) : (
          <h3>{scenario.name}</h3>
        )}
        <span className={css['tools']}>
          {kept ? (
            <Button
              size="s"
              look="quiet"
              onClick={() => dispatch({ kind: 'removeScenario', id: scenario.id }, say.takeOutTheScenario)}
            >
              {say.takeOut}
            </Button>
          ) : (
            <Button size="s" onClick={() => onChange({}, say.keepTheScenario)}>
              {say.keepWithThisDoor}
            </Button>
          )}
          <Button size="s" icon={<Printer size={14} aria-hidden />} onClick={() => window.print()}>
            {say.print}
          </Button>
        </span>
      </div>
      <p className={css['paper']}>{LAW}</p>
      <p className={css['paper']}>
        {say.expected(plan.site.name, world.door.id, world.door.name, expectsWords(scenario))}
      </p>
      {asks && <p className={css['quiet']}>{asks}</p>}
      <div className={cx(css['outcome'], differs.length > 0 && css['wrong'])} role="status">
        {differs.length === 0 ? (
          <p>
            <Check size={15} aria-hidden /> {say.comesAsExpected}
          </p>
        ) : (
          <ul>
            {differs.slice(0, 8).map((one, index) => (
              <li key={index}>{differsWords(plan, one)}</li>
            ))}
            {differs.length > 8 && <li>{say.andMore(differs.length - 8)}</li>}
          </ul>
        )}
        {worst && (
          <p className={css['worst']}>
            {say.withWord(
              offWords(plan, worst),
              worst.differs.map((one) => differsWords(plan, one)).join(' '),
            )}
          </p>
        )}
        {scenario.until > LONGEST_TRIED_MS && <p className={css['quiet']}>{say.notTriedTimersOff}</p>}
        {worst === null && differs.length === 0 && <p className={css['quiet']}>{say.alsoEveryTimerFast}</p>}
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
          {say.lanesThatNeverChangeToo}
        </label>
        {kept && scenario.kept && (
          <Button
            size="s"
            look="quiet"
            onClick={() => onChange({ kept: null }, say.forgetWhichLanesWereRight)}
          >
            {say.forgetWhichLanesWereRight2}
          </Button>
        )}
        <Button size="s" onClick={right}>
          {scenario.kept ? say.theseLanesAreRightNow : say.theseLanesAreRight}
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
      label={say.nameOfTheScenario}
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
  ['forced', say.forcedAlarm],
  ['held', say.heldOpenAlarm],
  ['tamper', say.tamperAlarm],
] as const;

/** What should come of it; what is left open is not judged. */
function Expectations({ scenario, onChange }: Pick<SheetProps, 'onChange'> & { scenario: Scenario }) {
  const { expects, until } = scenario;
  const id = useId();
  const put = (patch: Partial<Scenario['expects']>) =>
    onChange({ expects: { ...expects, ...patch } }, say.changeWhatIsExpected);
  return (
    <fieldset className={css['expects']}>
      <legend>{say.whatShouldComeOfIt}</legend>
      <SelectField
        label={say.atTheEnd}
        value={expects.end ?? ''}
        onChange={({ target }) => put({ end: (target.value || null) as Scenario['expects']['end'] })}
      >
        <option value="locked">{say.locked}</option>
        <option value="released">{say.released}</option>
        <option value="">{say.either}</option>
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
          <option value="quiet">{say.staysQuiet}</option>
          <option value="sounds">{say.sounds}</option>
          <option value="">{say.either}</option>
        </SelectField>
      ))}
      <SelectField
        label={say.wayOutAllWhile}
        value={expects.wayOut ? 'yes' : 'no'}
        onChange={({ target }) => put({ wayOut: target.value === 'yes' })}
      >
        <option value="yes">{say.yes}</option>
        <option value="no">{say.notAsked}</option>
      </SelectField>
      <div className={css['watched']}>
        <label htmlFor={id}>{say.watchedFor}</label>
        <Moment
          id={id}
          label={say.watchedFor}
          at={until}
          least={1000}
          onKeep={(at) => onChange({ until: at }, say.changeHowLongWatched)}
        />
      </div>
    </fieldset>
  );
}
