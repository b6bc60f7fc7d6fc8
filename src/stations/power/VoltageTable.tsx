import { feedingOf, type Feeding, type PowerBudget } from '#core/power/index';
import { formatVolts } from '#core/units/index';
import { cx } from '../../ui/cx';
import table from '../../ui/DataTable.module.css';
import css from './PowerStation.module.css';

/** What a device gets, in a mark and a word; `look` is a class. */
const FEEDING: Readonly<Record<Feeding, { readonly look: 'good' | 'bad' | 'hush'; readonly text: string }>> =
  {
    enough: { look: 'good', text: '✓ enough' },
    'too-little': { look: 'bad', text: '✕ too little' },
    'not-fed': { look: 'bad', text: '✕ not fed' },
    idle: { look: 'hush', text: 'not in use' },
    unsettled: { look: 'bad', text: '✕ never comes to rest' },
  };

export function VoltageTable({ budget }: { budget: PowerBudget }) {
  return (
    <section>
      <h2>Voltage at each device</h2>
      <table className={cx(table['table'], table['stack'])}>
        <caption className="hush">Voltage at each device</caption>
        <thead>
          <tr>
            <th scope="col">Device</th>
            <th scope="col" className={table['right']}>
              At rest
            </th>
            <th scope="col" className={table['right']}>
              Released
            </th>
            <th scope="col" className={table['right']}>
              Lowest
            </th>
            <th scope="col" className={table['right']}>
              Needs
            </th>
            <th scope="col">Verdict</th>
          </tr>
        </thead>
        <tbody>
          {budget.voltages.map((fed) => (
            <tr key={fed.part}>
              <th scope="row" className={css['row']}>
                {fed.tag}
              </th>
              {(
                [
                  ['At rest', fed.rest],
                  ['Released', fed.released],
                  ['Lowest', fed.lowest],
                ] as const
              ).map(([label, volts]) => (
                <td key={label} className={cx(table['right'], table['figures'])} data-label={label}>
                  {formatVolts(fed.isUnsettled ? null : volts)}
                </td>
              ))}
              <td className={cx(table['right'], table['figures'])} data-label="Needs">
                {formatVolts(fed.needsVolts)}
              </td>
              <td className={css[FEEDING[feedingOf(fed)].look]}>{FEEDING[feedingOf(fed)].text}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={css['note']}>
        Solved with every conductor's resistance, both legs and shared returns included. Lowest: with the
        battery at its cut-off.
      </p>
    </section>
  );
}
