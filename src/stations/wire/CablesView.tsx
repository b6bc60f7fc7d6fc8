import { useMemo, useState } from 'react';
import Printer from 'lucide-react/icons/printer';
import { billOfMaterials, cableSchedule, cutList, wireLabels, type CableRow } from '#core/schedule/index';
import type { DoorId } from '#core/plan/index';
import { CABLE_MAKES, COLOURS, findCableMake, formatLength, type LengthUnit } from '#core/units/index';
import { say } from '#words/stations/wire/CablesView';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { Empty } from '../../ui/Empty';
import { SelectField } from '../../ui/Field';
import { cx } from '../../ui/cx';
import { useHighlight } from '../../parts/navigation';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import css from './CablesView.module.css';

const SCREENS = {
  none: say.notEarthed,
  enclosure: say.earthAtEnclosure,
  door: say.earthAtDoor,
  both: say.earthAtBothEnds,
} as const;

/** What to pull, what to cut, what to buy, and labels for both ends of every wire. */
export function CablesView({ door }: { door: DoorId }) {
  const plan = usePlan();
  const unit = useUnit();
  const { cables, single } = useMemo(() => cableSchedule(plan, door), [plan, door]);
  const [labels, setLabels] = useState(false);
  if (cables.length === 0 && single.length === 0)
    return <Empty title={say.noCablesYet}>{say.theyFollowWiresLay}</Empty>;
  return (
    <div className={css['view']} data-print="cables">
      <header className={css['head']}>
        <h2>{say.pullSchedule}</h2>
        <Button size="s" onClick={() => setLabels(true)}>
          {say.labels}
        </Button>
        <Button size="s" icon={<Printer aria-hidden />} onClick={() => window.print()}>
          {say.print}
        </Button>
      </header>
      <div className={css['cables']}>
        {cables.map((row) => (
          <Cable key={row.name} row={row} door={door} unit={unit} />
        ))}
      </div>
      {single.length > 0 && (
        <p className={css['single']}>
          {say.singleLinksNoCable(single.length, single.map(({ number }) => number).join(', '))}
        </p>
      )}
      <div className={css['lists']}>
        <section>
          <h2>{say.cutList}</h2>
          <table className={table['table']}>
            <caption className="hush">{say.lengthsToCut}</caption>
            <thead>
              <tr>
                <th scope="col">{say.make}</th>
                <th scope="col">{say.piecesLongestFirst}</th>
                <th scope="col" className={table['right']}>
                  {say.total}
                </th>
              </tr>
            </thead>
            <tbody>
              {cutList(cables).map((row) => (
                <tr key={row.label}>
                  <td>{row.label}</td>
                  <td className={css['pieces']}>
                    {row.pieces.map(({ name, cut }) => `${name} ${formatLength(cut, unit)}`).join(', ')}
                  </td>
                  <td className={cx(table['right'], table['figures'])}>{formatLength(row.total, unit)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
        <section>
          <h2>{say.toBuy}</h2>
          <table className={table['table']}>
            <caption className="hush">{say.whatToBuy}</caption>
            <thead>
              <tr>
                <th scope="col" className={table['right']}>
                  {say.count}
                </th>
                <th scope="col">{say.what}</th>
                <th scope="col">{say.forWord}</th>
              </tr>
            </thead>
            <tbody>
              {billOfMaterials(plan, door).map((row) => (
                <tr key={`${row.kind} ${row.name}`}>
                  <td className={cx(table['right'], table['figures'])}>
                    {row.unit === 'm' ? formatLength(row.count as never, unit) : row.count}
                  </td>
                  <td>{row.name}</td>
                  <td className={css['pieces']}>{row.of}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      </div>
      <LabelsDialog door={door} open={labels} onOpenChange={setLabels} />
    </div>
  );
}

function Cable({ row, door, unit }: { row: CableRow; door: DoorId; unit: LengthUnit }) {
  const dispatch = useDispatch();
  const { id: lit, point } = useHighlight();
  const shelf = CABLE_MAKES[usePlan().site.units];
  // What was chosen before stays on the list, whatever the site measures in by now.
  const makes = row.make && !shelf.includes(row.make) ? [row.make, ...shelf] : shelf;
  const id = `${door}/${row.name}`;
  const put = (
    make: string,
    screen: CableRow['cable'] extends null ? never : 'none' | 'enclosure' | 'door' | 'both',
  ) =>
    dispatch(
      { kind: 'setCable', id, cable: { id, door, name: row.name, make, screen } },
      say.changeCable(row.name),
    );
  const screened = row.make?.screened === true;
  return (
    <article className={css['cable']} aria-label={say.cable(row.name)}>
      <header>
        <b>{row.name}</b>
        <span>{say.to(row.from, row.to)}</span>
        <em>{say.runCut(formatLength(row.run, unit), formatLength(row.cut, unit))}</em>
      </header>
      <div className={css['fields']}>
        <SelectField
          label={say.make}
          bare
          value={row.cable?.make ?? ''}
          onChange={(event) => {
            const make = findCableMake(event.target.value);
            if (make)
              put(
                make.id,
                make.screened
                  ? row.cable?.screen === 'none'
                    ? 'enclosure'
                    : (row.cable?.screen ?? 'enclosure')
                  : 'none',
              );
          }}
        >
          {!row.cable && <option value="">{say.makeNotChosen}</option>}
          {makes.map((make) => (
            <option key={make.id} value={make.id}>
              {make.name}
            </option>
          ))}
        </SelectField>
        {screened && (
          <SelectField
            label={say.screen}
            bare
            value={row.cable?.screen ?? 'none'}
            onChange={(event) => put(row.cable?.make ?? '', event.target.value as keyof typeof SCREENS)}
          >
            {Object.entries(SCREENS).map(([value, label]) => (
              <option key={value} value={value}>
                {label}
              </option>
            ))}
          </SelectField>
        )}
      </div>
      <ul>
        {row.cores.map(({ conductor, from, to }) => (
          <li
            key={conductor.id}
            className={cx(lit === conductor.id && css['on'])}
            onMouseEnter={() => point(conductor.id)}
            onMouseLeave={() => point(null)}
          >
            <i style={{ background: COLOURS[conductor.colour].hex }} aria-hidden />
            <b>{conductor.number}</b> {conductor.colour} <span>{from}</span> {say.to2} <span>{to}</span>
          </li>
        ))}
        {row.spare !== null && row.spare > 0 && (
          <li className={css['spare']}>{say.spareCutCappedEach(row.spare)}</li>
        )}
      </ul>
    </article>
  );
}

/** A sheet of labels, both ends of every wire, to print and cut. */
function LabelsDialog({
  door,
  open,
  onOpenChange,
}: {
  door: DoorId;
  open: boolean;
  onOpenChange(open: boolean): void;
}) {
  const plan = usePlan();
  const labels = open ? wireLabels(plan, door) : [];
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title={say.labelsOf(door)}
      description={say.labelsTwoEachWire(labels.length)}
    >
      <div className={css['labelSheet']} data-print="labels">
        {labels.map(({ number, here, there }, index) => (
          <div key={index} className={css['label']}>
            <b>{number}</b>
            <span>{here}</span>
            <small>{say.to3(there)}</small>
          </div>
        ))}
      </div>
      <Button look="main" icon={<Printer aria-hidden />} onClick={() => window.print()}>
        {say.printTheLabels}
      </Button>
    </Dialog>
  );
}
