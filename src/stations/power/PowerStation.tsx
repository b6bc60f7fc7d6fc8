import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { typeIn, type Door } from '#core/plan/index';
import {
  AGED_SHARE,
  feedingOf,
  HEADROOM,
  type Feeding,
  type PowerBudget,
  type SupplyBudget,
} from '#core/power/index';
import {
  formatAmps,
  formatGauge,
  formatHours,
  formatLength,
  formatOhms,
  formatVolts,
  metres,
  type Gauge,
  sizesFor,
} from '#core/units/index';
import type { DoorVerdict } from '#core/verdict/index';
import { LengthInput } from '../../ui/LengthInput';
import { Empty } from '../../ui/Empty';
import { cx } from '../../ui/cx';
import type { BatteryAnswer, BatteryRequest } from '../../workers/protocol';
import { StationFrame } from '../../parts/StationFrame';
import { poeWords } from '#words/devices';
import { useDispatch, usePlan, useUnit } from '../../store/context';
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

const BatteryChart = lazy(() =>
  import('./BatteryChart').then((module) => ({ default: module.BatteryChart })),
);

/** Load, headroom, voltage at every device and battery hours, each with its working. */
export function PowerStation({ door, verdict }: { door: Door; verdict: DoorVerdict | null }) {
  if (!verdict) return <StationFrame door={door}>{null}</StationFrame>;
  const { budget } = verdict;
  if (budget.supplies.length === 0) {
    return (
      <StationFrame door={door}>
        <Empty title="No supply yet">
          Choose hardware at Wire. Its currents, voltages and battery hours then stand here.
        </Empty>
      </StationFrame>
    );
  }
  const atRest = verdict.proof.rows.find(({ situation }) => situation === 'rest');
  const drawsOnBattery =
    budget.supplies.some(({ battery }) => battery) && (atRest?.locks[0]?.amps ?? 0) > 1e-3;
  return (
    <StationFrame door={door}>
      <div className={css['power']}>
        {budget.supplies.map((supply) => (
          <Supply key={supply.branch} supply={supply} />
        ))}
        <Voltages budget={budget} />
        {drawsOnBattery && <Battery door={door} />}
        <Wires door={door} budget={budget} />
      </div>
    </StationFrame>
  );
}

function Supply({ supply }: { supply: SupplyBudget }) {
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

function Voltages({ budget }: { budget: PowerBudget }) {
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

/** After this long without a change the battery is emptied anew, ms. */
const PAUSE_MS = 250;

/** Worked out by a worker after the page shows, and only where a battery stands behind a lock. */
function Battery({ door }: { door: Door }) {
  const plan = usePlan();
  const [curve, setCurve] = useState<BatteryAnswer['curve']>(null);
  const worker = useRef<Worker | null>(null);
  const { devices, conductors } = plan;
  useEffect(() => {
    const made = new Worker(new URL('../../workers/battery.worker.ts', import.meta.url), { type: 'module' });
    made.addEventListener('message', ({ data }: MessageEvent<BatteryAnswer>) => setCurve(data.curve));
    worker.current = made;
    return () => made.terminate();
  }, []);
  useEffect(() => {
    const timer = setTimeout(
      () => worker.current?.postMessage({ plan, door: door.id } satisfies BatteryRequest),
      PAUSE_MS,
    );
    return () => clearTimeout(timer);
  }, [devices, conductors, door.id]);
  const last = curve?.points.at(-1);
  // The place is kept while the worker works, so that nothing below it moves.
  return (
    <section className={css['battery']}>
      <h2>
        On battery
        {curve &&
          last &&
          `: ${curve.tag} ${last.hold === 'held' ? `still holds after ${last.hours} h` : `holds for ${last.hours} h with a new battery`}`}
      </h2>
      <Suspense fallback={null}>
        {curve && <BatteryChart points={curve.points} needsVolts={curve.needs} tag={curve.tag} />}
      </Suspense>
    </section>
  );
}

function Wires({ door, budget }: { door: Door; budget: PowerBudget }) {
  const plan = usePlan();
  const unit = useUnit();
  const dispatch = useDispatch();
  const sizes = sizesFor(plan.site.units);
  const rows = budget.drops.filter((drop) => plan.conductors[drop.conductor]);
  return (
    <section>
      <h2>Conductors of {door.id}</h2>
      <table className={table['table']}>
        <caption className="hush">Conductors of this door</caption>
        <thead>
          <tr>
            <th scope="col">Wire</th>
            <th scope="col">Size</th>
            <th scope="col">Length</th>
            <th scope="col" className={table['right']}>
              Resistance
            </th>
            <th scope="col" className={table['right']}>
              Current
            </th>
            <th scope="col" className={table['right']}>
              Drop
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
                    aria-label={`Size of ${drop.number}`}
                    className={css['edit']}
                    value={wire.gauge}
                    onChange={(event) =>
                      dispatch(
                        { kind: 'setConductor', id: wire.id, patch: { gauge: event.target.value as Gauge } },
                        `size of ${drop.number}`,
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
                    label={`Length of ${drop.number}`}
                    className={css['figure']}
                    length={wire.length}
                    unit={unit}
                    assumed={wire.assumed.includes('length')}
                    onKeep={(length) =>
                      dispatch(
                        { kind: 'setConductor', id: wire.id, patch: { length: metres(length) } },
                        `length of ${drop.number}`,
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
                      : `${(drop.volts * 1000).toFixed(0)} mV`}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className={css['note']}>
        Resistance at 20 °C: IEC 60228 class 5 for mm², ASTM B258 for AWG. Drop = current × resistance, in the
        busiest state. Total length{' '}
        {formatLength(
          rows.reduce((sum, { conductor }) => sum + (plan.conductors[conductor]?.length ?? 0), 0),
          unit,
        )}
        .
      </p>
    </section>
  );
}
