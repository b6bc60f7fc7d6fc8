import { feedingOf, type Feeding, type PowerBudget } from '#core/power/index';
import { formatVolts } from '#core/units/index';
import { say } from '#words/stations/power/VoltageTable';
import { cx } from '../../ui/cx';
import table from '../../ui/DataTable.module.css';
import css from './PowerStation.module.css';

/** What a device gets, in a mark and a word; `look` is a class. */
const FEEDING: Readonly<Record<Feeding, { readonly look: 'good' | 'bad' | 'hush'; readonly text: string }>> =
  {
    enough: { look: 'good', text: say.enough },
    'too-little': { look: 'bad', text: say.tooLittle },
    'not-fed': { look: 'bad', text: say.notFed },
    idle: { look: 'hush', text: say.notInUse },
    unsettled: { look: 'bad', text: say.neverComesToRest },
  };

export function VoltageTable({ budget }: { budget: PowerBudget }) {
  return (
    <section>
      <h2>{say.voltageAtEachDevice}</h2>
      <table className={cx(table['table'], table['stack'])}>
        <caption className="hush">{say.voltageAtEachDevice}</caption>
        <thead>
          <tr>
            <th scope="col">{say.device}</th>
            <th scope="col" className={table['right']}>
              {say.atRest}
            </th>
            <th scope="col" className={table['right']}>
              {say.released}
            </th>
            <th scope="col" className={table['right']}>
              {say.lowest}
            </th>
            <th scope="col" className={table['right']}>
              {say.needs}
            </th>
            <th scope="col">{say.verdict}</th>
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
                  [say.atRest, fed.rest],
                  [say.released, fed.released],
                  [say.lowest, fed.lowest],
                ] as const
              ).map(([label, volts]) => (
                <td key={label} className={cx(table['right'], table['figures'])} data-label={label}>
                  {formatVolts(fed.isUnsettled ? null : volts)}
                </td>
              ))}
              <td className={cx(table['right'], table['figures'])} data-label={say.needs}>
                {formatVolts(fed.needsVolts)}
              </td>
              <td className={css[FEEDING[feedingOf(fed)].look]}>{FEEDING[feedingOf(fed)].text}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={css['note']}>{say.solvedEveryConductorsResistance}</p>
    </section>
  );
}
