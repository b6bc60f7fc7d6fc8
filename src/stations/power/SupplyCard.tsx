import { typeIn } from '#core/plan/index';
import { AGED_SHARE, HEADROOM, type SupplyBudget } from '#core/power/index';
import { formatAmps, formatHours } from '#core/units/index';
import { cx } from '../../ui/cx';
import { poeWords } from '#words/devices';
import { say } from '#words/stations/power/SupplyCard';
import { usePlan } from '../../store/context';
import css from './PowerStation.module.css';

export function SupplyCard({ supply }: { supply: SupplyBudget }) {
  const share = (amps: number) => `${Math.min(100, (amps / supply.ratedAmps) * 100)}%`;
  const { battery } = supply;
  const plan = usePlan();
  const device = plan.devices[supply.device];
  const poe = device ? poeWords(typeIn(plan, device)) : null;
  const over = supply.worstAmps > supply.allowedAmps;
  if (supply.isUnsettled)
    return (
      <section className={css['supply']} aria-label={say.supply(supply.tag)}>
        <h2>
          <b>{supply.tag}</b> <span className={css['bad']}>{say.neverComesToRest}</span>
        </h2>
        <p>{say.somethingStartsPullsVoltage}</p>
      </section>
    );
  return (
    <section className={css['supply']} aria-label={say.supply(supply.tag)}>
      <h2>
        <b>{supply.tag}</b> {say.of(formatAmps(supply.worstAmps), formatAmps(supply.ratedAmps))}
      </h2>
      <div className={css['gauge']} aria-hidden>
        <i className={cx(over && css['over'])} style={{ width: share(supply.worstAmps) }} />
        <span style={{ left: share(supply.allowedAmps) }} />
      </div>
      <dl className={css['facts']}>
        <div>
          <dt>{say.atRest}</dt>
          <dd>{formatAmps(supply.restAmps)}</dd>
        </div>
        <div>
          <dt>{say.released}</dt>
          <dd>{formatAmps(supply.releasedAmps)}</dd>
        </div>
        <div>
          <dt>{say.spareToTheMark}</dt>
          <dd className={cx(over && css['bad'])}>{formatAmps(supply.allowedAmps - supply.worstAmps)}</dd>
        </div>
        {battery && (
          <div>
            <dt>{say.onBattery}</dt>
            <dd className={cx(battery.hours < battery.askedHours && css['bad'])}>
              {formatHours(battery.hours)} <small>{say.ofHAsked(battery.askedHours)}</small>
            </dd>
          </div>
        )}
      </dl>
      {poe && <p>{poe}</p>}
      <details className={css['working']}>
        <summary>{say.showTheWorking}</summary>
        <ul>
          {supply.loads.map((load) => (
            <li key={load.part}>
              {say.atRestReleased(
                load.tag,
                load.part.slice(load.part.lastIndexOf(':') + 1),
                formatAmps(load.restAmps),
                formatAmps(load.releasedAmps),
              )}
            </li>
          ))}
          <li>
            {say.headroomAAllowedWorstCase(
              supply.ratedAmps,
              1 + HEADROOM,
              formatAmps(supply.allowedAmps),
              formatAmps(supply.worstAmps),
            )}
          </li>
          {battery && (
            <li>
              {say.batteryAhAged(
                battery.ampHours,
                AGED_SHARE,
                formatAmps(battery.amps),
                formatHours(battery.hours),
              )}
            </li>
          )}
        </ul>
      </details>
    </section>
  );
}
