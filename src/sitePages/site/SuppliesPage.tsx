import { useEffect, useState } from 'react';
import type { Plan } from '#core/plan/index';
import { siteSupplies, type SiteSupply } from '#core/power/index';
import { formatAmps, formatHours } from '#core/units/index';
import { say } from '#words/sitePages/site/SuppliesPage';
import { Empty } from '../../ui/Empty';
import { cx } from '../../ui/cx';
import { LongBody } from '../../ui/LongBody';
import { useNavigate } from '../../parts/navigation';
import { usePlan } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import css from '../../parts/SitePages.module.css';

/** Doors that are worked out before the page is first drawn; the others follow while it stands. */
const AT_ONCE = 20;
/** How long doors are worked out before the page may answer, ms. */
const SLICE_MS = 12;

interface Worked {
  readonly plan: Plan;
  readonly rows: readonly SiteSupply[];
  readonly done: number;
}

/** Supplies of the site as they are worked out, a few doors at a time. */
function useSupplies(plan: Plan): Worked & { readonly of: number } {
  const of = Object.keys(plan.doors).length;
  const [state, setState] = useState<Worked>(() => ({ plan, ...(of <= AT_ONCE ? workOut(plan) : NONE) }));
  useEffect(() => {
    if (state.plan === plan && state.done === of) return undefined;
    const steps = siteSupplies(plan);
    let rows: SiteSupply[] = [];
    let done = 0;
    let timer: ReturnType<typeof setTimeout>;
    const slice = () => {
      const until = performance.now() + SLICE_MS;
      let step = steps.next();
      for (; !step.done; step = steps.next()) {
        rows = [...rows, ...step.value];
        done += 1;
        if (performance.now() > until) break;
      }
      setState({ plan, rows, done: step.done ? of : done });
      if (!step.done) timer = setTimeout(slice, 0);
    };
    timer = setTimeout(slice, 0);
    return () => clearTimeout(timer);
    // Only another plan begins anew.
  }, [plan]);
  return { ...state, of };
}

const NONE = { rows: [], done: 0 };
const workOut = (plan: Plan) => {
  const rows = [...siteSupplies(plan)].flat();
  return { rows, done: Object.keys(plan.doors).length };
};

/** Every supply of the site with its load and hours. A supply that serves several doors is counted once. */
export function SuppliesPage() {
  const plan = usePlan();
  const go = useNavigate();
  const { rows, done, of } = useSupplies(plan);
  if (rows.length === 0 && done === of)
    return <Empty title={say.noSuppliesYet}>{say.theyAppearSoonDoor}</Empty>;
  return (
    <div className={css['sheet']}>
      {done < of && (
        <p className={css['note']} role="status">
          {say.workedOutForOfDoors(done, of)}
        </p>
      )}
      <table className={`${table['table']} ${table['stack']}`}>
        <caption className="hush">{say.suppliesOfThisSite}</caption>
        <thead>
          <tr>
            <th scope="col">{say.supply}</th>
            <th scope="col">{say.door}</th>
            <th scope="col" className={table['right']}>
              {say.atRest}
            </th>
            <th scope="col" className={table['right']}>
              {say.worstCase}
            </th>
            <th scope="col" className={table['right']}>
              {say.allowed}
            </th>
            <th scope="col" className={table['right']}>
              {say.battery}
            </th>
            <th scope="col" className={table['right']}>
              {say.asked}
            </th>
            <th scope="col">{say.verdict}</th>
          </tr>
        </thead>
        <LongBody rows={rows} keyOf={({ supply }) => `${supply.device}:${supply.branch}`}>
          {({ door, supply }) => {
            const { battery } = supply;
            const figure = (text: string) => (supply.isUnsettled ? '—' : text);
            const fits =
              !supply.isUnsettled &&
              supply.worstAmps <= supply.allowedAmps &&
              (!battery || battery.hours >= battery.askedHours);
            return (
              <tr>
                <th scope="row" className={table['figures']}>
                  {supply.tag}
                </th>
                <td className={table['grow']}>
                  <button
                    type="button"
                    className={css['door']}
                    onClick={() => go({ kind: 'door', door: door.id, station: 'power' })}
                  >
                    {door.id} {door.name}
                  </button>
                </td>
                <td className={cx(table['right'], table['figures'])} data-label={say.atRest}>
                  {figure(formatAmps(supply.restAmps))}
                </td>
                <td className={cx(table['right'], table['figures'])} data-label={say.worstCase}>
                  {figure(formatAmps(supply.worstAmps))}
                </td>
                <td className={cx(table['right'], table['figures'])} data-label={say.allowed}>
                  {formatAmps(supply.allowedAmps)}
                </td>
                <td className={cx(table['right'], table['figures'])} data-label={say.battery}>
                  {battery ? figure(formatHours(battery.hours)) : say.noBattery}
                </td>
                <td className={cx(table['right'], table['figures'])} data-label={say.asked}>
                  {battery ? `${battery.askedHours} h` : '—'}
                </td>
                <td className={fits ? css['good'] : css['bad']}>
                  {supply.isUnsettled ? say.neverComesToRest : fits ? say.enough : say.tooLittle}
                </td>
              </tr>
            );
          }}
        </LongBody>
      </table>
    </div>
  );
}
