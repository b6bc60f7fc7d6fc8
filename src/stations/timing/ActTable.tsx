import { useState } from 'react';
import X from 'lucide-react/icons/x';
import { conductorsOf, devicesOf, typeIn, type Act, type Plan, type Scenario } from '#core/plan/index';
import { actsAt, scenarioActs } from '#core/acts/index';
import { does } from '#core/devices/index';
import type { Stimulus } from '#core/simulate/index';
import { inOrder } from '#core/scenarios/index';
import { formatSeconds } from '#core/units/index';
import { actWords } from '#words/scenarios';
import { say } from '#words/stations/timing/ActTable';
import { SelectField } from '../../ui/Field';
import css from './Scenarios.module.css';

interface Props {
  readonly plan: Plan;
  readonly scenario: Scenario;
  onChange(acts: readonly Act[]): void;
}

const EXPECTED = { opens: say.itOpens, 'stays-shut': say.itStaysShut, either: 'either' } as const;

/** What happens in a scenario, a row an act, each with its moment; and what else could. */
export function ActTable({ plan, scenario, onChange }: Props) {
  const { acts } = scenario;
  const put = (index: number, act: Act) => onChange(acts.map((one, n) => (n === index ? act : one)));
  const choices = addable(plan, scenario.door);
  const last = acts.reduce((latest, { at }) => Math.max(latest, at), -1000);
  return (
    <div className={css['acts']}>
      <table>
        <caption className="hush">{say.whatHappensAndWhen}</caption>
        <thead>
          <tr>
            <th scope="col">#</th>
            <th scope="col">{say.at}</th>
            <th scope="col">{say.whatHappens}</th>
            <th scope="col">{say.shouldTheLeafOpen}</th>
            <th scope="col">
              <span className="hush">{say.takeOut}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {inOrder(acts).map(({ act, index }) => {
            const name = actWords(plan, act);
            return (
              <tr key={index}>
                <td>{index + 1}</td>
                <td>
                  <Moment
                    label={say.momentOf(index + 1, name)}
                    at={act.at}
                    onKeep={(at) => put(index, { ...act, at })}
                  />
                </td>
                <th scope="row">{name}</th>
                <td>
                  {act.does === 'open' && (
                    <span className={css['said']}>{EXPECTED[act.expect ?? 'either']}</span>
                  )}
                  {act.does === 'open' && act.from !== 'force' && (
                    <SelectField
                      bare
                      label={say.shouldTheLeafOpenAt(index + 1)}
                      value={act.expect ?? ''}
                      onChange={({ target }) =>
                        put(index, { ...act, expect: (target.value || null) as typeof act.expect })
                      }
                    >
                      <option value="opens">{EXPECTED.opens}</option>
                      <option value="stays-shut">{EXPECTED['stays-shut']}</option>
                      <option value="">{EXPECTED.either}</option>
                    </SelectField>
                  )}
                </td>
                <td>
                  <button
                    type="button"
                    className={css['out']}
                    title={say.takeOut}
                    aria-label={say.takeOut2(index + 1, name)}
                    onClick={() => onChange(acts.filter((_, n) => n !== index))}
                  >
                    <X size={14} aria-hidden />
                  </button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      {acts.length === 0 && <p className={css['quiet']}>{say.nothingHappensYetAdd}</p>}
      <SelectField
        bare
        label={say.addSomethingThatHappens}
        value=""
        onChange={({ target }) => {
          const choice = choices.flatMap(({ list }) => list)[Number(target.value)];
          if (choice) onChange([...acts, { ...choice, at: Math.min(scenario.until, last + 1000) }]);
        }}
      >
        <option value="">{say.addWhatHappens}</option>
        {choices.map(({ name, list, from }) => (
          <optgroup key={name} label={name}>
            {list.map((act, index) => (
              <option key={index} value={from + index}>
                {actWords(plan, act)}
              </option>
            ))}
          </optgroup>
        ))}
      </SelectField>
    </div>
  );
}

/** Everything that can happen at a door, in groups; `from` is the place of a group's first among all. */
function addable(plan: Plan, door: string) {
  const devices = devicesOf(plan, door).map((device) => ({ device, type: typeIn(plan, device) }));
  const at = 0;
  const offered = devices.flatMap(actsAt);
  const done = (stimuli: readonly (Stimulus | null)[]) =>
    stimuli.flatMap((one) => (one === null ? [] : scenarioActs(one, at)));
  const people = done(
    offered.filter(({ purpose }) => purpose !== 'emergency').map(({ stimulus }) => stimulus),
  );
  // A fire comes to every relay at once.
  const emergencies = done(
    offered
      .filter(({ purpose, needs }) => purpose === 'emergency' && needs !== 'panel')
      .flatMap(({ stimulus, undo }) => [stimulus, undo]),
  );
  const groups: { name: string; list: Act[] }[] = [
    {
      name: say.people,
      list: [
        { does: 'credential', at, valid: true, device: null, output: 0 },
        { does: 'credential', at, valid: false, device: null, output: 0 },
        ...people,
        { does: 'open', at, from: 'inside', expect: null },
        { does: 'open', at, from: 'outside', expect: null },
        { does: 'open', at, from: 'key', expect: null },
        { does: 'open', at, from: 'force', expect: null },
        { does: 'close', at },
        { does: 'others-open', at },
        { does: 'others-shut', at },
      ],
    },
    {
      name: say.emergencies,
      list: [
        ...emergencies,
        { does: 'fire', at },
        { does: 'fire-gone', at },
        { does: 'fire-reset', at },
        { does: 'lockdown', at },
        { does: 'lockdown-over', at },
      ],
    },
    {
      name: say.powerAndFaults,
      list: [
        { does: 'mains-off', at },
        { does: 'mains-on', at },
        { does: 'battery-empty', at },
        { does: 'all-dead', at },
        { does: 'network-off', at },
        { does: 'network-on', at },
        ...devices
          .filter(({ type }) => does(type, 'decides'))
          .flatMap(({ device }): Act[] => [
            { does: 'hang', at, device: device.id },
            { does: 'restart', at, device: device.id },
          ]),
        ...conductorsOf(plan, door).flatMap(({ id }): Act[] => [
          { does: 'cut', at, wire: id },
          { does: 'mend', at, wire: id },
        ]),
      ],
    },
  ];
  let from = 0;
  return groups.map((group) => {
    const placed = { ...group, from };
    from += group.list.length;
    return placed;
  });
}

/** A moment in seconds, kept when it is left or Enter is pressed. */
export function Moment({
  id,
  label,
  at,
  least = 0,
  onKeep,
}: {
  id?: string;
  label: string;
  at: number;
  least?: number;
  onKeep(at: number): void;
}) {
  const [text, setText] = useState<string | null>(null);
  const shown = String(at / 1000);
  const next = Math.round(Number((text ?? shown).replace(',', '.')) * 1000);
  const valid = Number.isFinite(next) && next >= least && next <= 86_400_000 && (text ?? shown).trim() !== '';
  const keep = () => {
    if (text !== null && valid && next !== at) onKeep(next);
    if (valid) setText(null);
  };
  return (
    <span className={css['moment']}>
      <input
        id={id}
        aria-label={say.seconds(label)}
        inputMode="decimal"
        value={text ?? shown}
        aria-invalid={valid ? undefined : true}
        title={valid ? formatSeconds(at) : say.secondsFrom0To86400}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep();
          if (event.key === 'Escape') setText(null);
        }}
      />
      s
    </span>
  );
}
