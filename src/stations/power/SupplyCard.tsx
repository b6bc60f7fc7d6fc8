import { typeIn } from '#core/plan/index';
import { AGED_SHARE, HEADROOM, type SupplyBudget } from '#core/power/index';
import { formatAmps, formatHours } from '#core/units/index';
import { cx } from '../../ui/cx';
import { poeWords } from '#words/devices';
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
      <section className={css['supply']} aria-label={`Supply ${supply.tag}`}>
        <h2>
          <b>{supply.tag}</b> <span className={css['bad']}>never comes to rest</span>
        </h2>
        <p>
          Something on it starts, pulls the voltage down and stops again, over and over. There is no current
          to tell until that is settled.
        </p>
      </section>
    );
  return (
    <section className={css['supply']} aria-label={`Supply ${supply.tag}`}>
      <h2>
        <b>{supply.tag}</b> {formatAmps(supply.worstAmps)} of {formatAmps(supply.ratedAmps)}
      </h2>
      <div className={css['gauge']} aria-hidden>
        <i className={cx(over && css['over'])} style={{ width: share(supply.worstAmps) }} />
        <span style={{ left: share(supply.allowedAmps) }} />
      </div>
      <dl className={css['facts']}>
        <div>
          <dt>At rest</dt>
          <dd>{formatAmps(supply.restAmps)}</dd>
        </div>
        <div>
          <dt>Released</dt>
          <dd>{formatAmps(supply.releasedAmps)}</dd>
        </div>
        <div>
          <dt>Spare to the mark</dt>
          <dd className={cx(over && css['bad'])}>{formatAmps(supply.allowedAmps - supply.worstAmps)}</dd>
        </div>
        {battery && (
          <div>
            <dt>On battery</dt>
            <dd className={cx(battery.hours < battery.askedHours && css['bad'])}>
              {formatHours(battery.hours)} <small>of {battery.askedHours} h asked</small>
            </dd>
          </div>
        )}
      </dl>
      {poe && <p>{poe}</p>}
      <details className={css['working']}>
        <summary>Show the working</summary>
        <ul>
          {supply.loads.map((load) => (
            <li key={load.part}>
              {load.tag} {load.part.slice(load.part.lastIndexOf(':') + 1)}: {formatAmps(load.restAmps)} at
              rest, {formatAmps(load.releasedAmps)} released
            </li>
          ))}
          <li>
            Headroom: {supply.ratedAmps} A ÷ {1 + HEADROOM} = {formatAmps(supply.allowedAmps)} allowed; worst
            case {formatAmps(supply.worstAmps)}
          </li>
          {battery && (
            <li>
              Battery: {battery.ampHours} Ah × {AGED_SHARE} (aged) ÷ {formatAmps(battery.amps)} ={' '}
              {formatHours(battery.hours)}
            </li>
          )}
        </ul>
      </details>
    </section>
  );
}
