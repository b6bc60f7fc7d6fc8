import { REGION_ASKS } from '#core/regions/index';
import type { Region } from '#core/plan/index';
import { askedIn } from '#words/regions';
import { REGIONS, standardsOf } from '#words/site';
import { say } from '#words/sitePages/site/RegionTable';
import { cx } from '../../ui/cx';
import table from '../../ui/DataTable.module.css';
import { usePlan } from '../../store/context';
import css from './RegionTable.module.css';

const ALL = Object.keys(REGION_ASKS) as Region[];

/** What each region asks of a door, the site's own first in line; what differs between two is read off side by side. */
export function RegionTable() {
  const { region: own } = usePlan().site;
  const regions = [own, ...ALL.filter((one) => one !== own)];
  return (
    <section className={css['card']} aria-label={say.whatRegionsAsk}>
      <h2>{say.whatRegionsAsk}</h2>
      <p className={css['lead']}>{say.asUsuallyAdopted}</p>
      <div className={css['scroll']} role="group" aria-label={say.whatRegionsAsk} tabIndex={0}>
        <table className={table['table']}>
          <caption className="hush">{say.whatRegionsAsk}</caption>
          <thead>
            <tr>
              <th scope="col">{say.question}</th>
              {regions.map((region) => (
                <th key={region} scope="col" className={cx(region === own && css['own'])}>
                  {REGIONS[region].name}
                  {region === own && <small> {say.thisSite}</small>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {askedIn(regions).map(({ what, answers }) => (
              <tr key={what}>
                <th scope="row">{what}</th>
                {answers.map((answer, at) => (
                  <td
                    key={regions[at]}
                    className={cx(at === 0 && css['own'], answer === answers[0] && at > 0 && css['same'])}
                  >
                    {answer}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <details>
        <summary>{say.standards}</summary>
        <p className={css['lead']}>{say.standardsAre(standardsOf(own))}</p>
      </details>
    </section>
  );
}
