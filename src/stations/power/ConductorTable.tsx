import { type Door } from '#core/plan/index';
import { type PowerBudget } from '#core/power/index';
import {
  formatAmps,
  formatGauge,
  formatLength,
  formatOhms,
  metres,
  type Gauge,
  sizesFor,
} from '#core/units/index';
import { say } from '#words/stations/power/ConductorTable';
import { LengthInput } from '../../ui/LengthInput';
import { cx } from '../../ui/cx';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import css from './PowerStation.module.css';

export function ConductorTable({ door, budget }: { door: Door; budget: PowerBudget }) {
  const plan = usePlan();
  const unit = useUnit();
  const dispatch = useDispatch();
  const sizes = sizesFor(plan.site.units);
  const rows = budget.drops.filter((drop) => plan.conductors[drop.conductor]);
  return (
    <section>
      <h2>{say.conductorsOf(door.id)}</h2>
      <table className={table['table']}>
        <caption className="hush">{say.conductorsOfThisDoor}</caption>
        <thead>
          <tr>
            <th scope="col">{say.wire}</th>
            <th scope="col">{say.size}</th>
            <th scope="col">{say.length}</th>
            <th scope="col" className={table['right']}>
              {say.resistance}
            </th>
            <th scope="col" className={table['right']}>
              {say.current}
            </th>
            <th scope="col" className={table['right']}>
              {say.drop}
            </th>
          </tr>
        </thead>
        <tbody>
          {rows.map((drop) => {
            const wire = plan.conductors[drop.conductor]!;
            return (
              <tr key={drop.conductor}>
                <th scope="row" className={css['row']}>
                  {drop.number}
                </th>
                <td>
                  <select
                    aria-label={say.sizeOf(drop.number)}
                    className={css['edit']}
                    value={wire.gauge}
                    onChange={(event) =>
                      dispatch(
                        { kind: 'setConductor', id: wire.id, patch: { gauge: event.target.value as Gauge } },
                        say.sizeOf2(drop.number),
                      )
                    }
                  >
                    {(sizes.includes(wire.gauge) ? sizes : [wire.gauge, ...sizes]).map((gauge) => (
                      <option key={gauge} value={gauge}>
                        {formatGauge(gauge)}
                      </option>
                    ))}
                  </select>
                </td>
                <td>
                  <LengthInput
                    key={wire.length}
                    label={say.lengthOf(drop.number)}
                    className={css['figure']}
                    length={wire.length}
                    unit={unit}
                    assumed={wire.assumed.includes('length')}
                    onKeep={(length) =>
                      dispatch(
                        { kind: 'setConductor', id: wire.id, patch: { length: metres(length) } },
                        say.lengthOf2(drop.number),
                      )
                    }
                  />
                </td>
                <td className={cx(table['right'], table['figures'])}>{formatOhms(drop.ohms)}</td>
                <td className={cx(table['right'], table['figures'])}>
                  {drop.isUnsettled ? '—' : formatAmps(drop.amps)}
                </td>
                <td className={cx(table['right'], table['figures'])}>
                  {drop.isUnsettled
                    ? '—'
                    : drop.volts < 0.0005
                      ? '0 mV'
                      : say.mv((drop.volts * 1000).toFixed(0))}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className={css['note']}>
        {say.resistance20CIec(
          formatLength(
            rows.reduce((sum, { conductor }) => sum + (plan.conductors[conductor]?.length ?? 0), 0),
            unit,
          ),
        )}
      </p>
    </section>
  );
}
