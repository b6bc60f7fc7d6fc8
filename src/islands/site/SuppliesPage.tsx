import { useMemo } from 'react';
import { doorsInOrder } from '#core/plan/index';
import { powerBudget } from '#core/power/index';
import { atRest, buildWorld } from '#core/simulate/index';
import { formatAmps, formatHours } from '#core/units/index';
import { Empty } from '../../ui/Empty';
import { cx } from '../../ui/cx';
import { useNavigate } from '../navigation';
import { usePlan } from '../store/context';
import table from '../../ui/DataTable.module.css';
import css from './SitePages.module.css';

/** Every supply of the site with its load and hours. A supply that serves several doors is counted once. */
export function SuppliesPage() {
  const plan = usePlan();
  const go = useNavigate();
  const rows = useMemo(() => {
    const seen = new Set<string>();
    return doorsInOrder(plan).flatMap((door) => {
      const world = buildWorld(plan, door.id);
      return powerBudget(plan, world, atRest(world)).supplies.flatMap((supply) => {
        const key = `${supply.device}:${supply.branch}`;
        if (seen.has(supply.device)) return [];
        seen.add(supply.device);
        return [{ key, door, supply }];
      });
    });
  }, [plan]);
  if (rows.length === 0)
    return <Empty title="No supplies yet">They appear as soon as a door has hardware.</Empty>;
  return (
    <div className={css['sheet']}>
      <table className={table['table']}>
        <thead>
          <tr>
            <th scope="col">Supply</th>
            <th scope="col">Door</th>
            <th scope="col" className={table['right']}>
              At rest
            </th>
            <th scope="col" className={table['right']}>
              Worst case
            </th>
            <th scope="col" className={table['right']}>
              Allowed
            </th>
            <th scope="col" className={table['right']}>
              Battery
            </th>
            <th scope="col" className={table['right']}>
              Asked
            </th>
            <th scope="col">Verdict</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ key, door, supply }) => {
            const { battery } = supply;
            const fits =
              supply.worstAmps <= supply.allowedAmps && (!battery || battery.hours >= battery.askedHours);
            return (
              <tr key={key}>
                <td className={table['figures']}>{supply.tag}</td>
                <td>
                  <button
                    type="button"
                    className={css['door']}
                    onClick={() => go({ kind: 'door', door: door.id, station: 'power' })}
                  >
                    {door.id} {door.name}
                  </button>
                </td>
                <td className={cx(table['right'], table['figures'])}>{formatAmps(supply.restAmps)}</td>
                <td className={cx(table['right'], table['figures'])}>{formatAmps(supply.worstAmps)}</td>
                <td className={cx(table['right'], table['figures'])}>{formatAmps(supply.allowedAmps)}</td>
                <td className={cx(table['right'], table['figures'])}>
                  {battery ? formatHours(battery.hours) : 'none'}
                </td>
                <td className={cx(table['right'], table['figures'])}>
                  {battery ? `${battery.askedHours} h` : '—'}
                </td>
                <td className={fits ? css['good'] : css['bad']}>{fits ? '✓ enough' : '✕ too little'}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
