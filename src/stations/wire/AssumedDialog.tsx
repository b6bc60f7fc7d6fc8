import { useState } from 'react';
import { lengthBetween } from '#core/door/index';
import {
  conductorsOf,
  deviceOf,
  terminalLabel,
  type Conductor,
  type Door,
  type Edit,
} from '#core/plan/index';
import { metres, readQuantity } from '#core/units/index';
import { quantityFaultWords } from '#words/quantities';
import { say } from '#words/stations/wire/AssumedDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { TextField } from '../../ui/Field';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import { ColourEdit, GaugeEdit, LengthEdit } from './CellEdits';
import table from '../../ui/DataTable.module.css';
import css from './AssumedDialog.module.css';

/** Wires of a door of which something was never entered. */
export const assumedWires = (wires: readonly Conductor[]): Conductor[] =>
  wires.filter(({ assumed }) => assumed.length > 0);

/** Everything at a door that nobody has entered, in one table, to be entered or kept as it is. */
export function AssumedDialog({
  door,
  open,
  onOpenChange,
}: {
  door: Door;
  open: boolean;
  onOpenChange(open: boolean): void;
}) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title={say.assumedAt(door.id)}
      description={say.nobodyEnteredStandsAldaba}
    >
      {open && <AssumedForm door={door} onDone={() => onOpenChange(false)} />}
    </Dialog>
  );
}

function AssumedForm({ door, onDone }: { door: Door; onDone(): void }) {
  const plan = usePlan();
  const unit = useUnit();
  const dispatch = useDispatch();
  const [run, setRun] = useState('');
  const wires = assumedWires(conductorsOf(plan, door.id));
  const lengths = wires.filter(({ assumed }) => assumed.includes('length'));
  const read = run.trim() === '' ? null : readQuantity(run, 'm', { bare: unit });
  const distance = read?.kind === 'value' && read.value > 0 && read.value <= 500 ? metres(read.value) : null;
  const why =
    read === null || distance !== null
      ? null
      : read.kind === 'fault'
        ? quantityFaultWords(read.fault, 'm')
        : say.runBetween0500;
  const keep = (label: string, edits: readonly Edit[]) => {
    if (edits.length > 0 && dispatch({ kind: 'batch', label, edits }, label, say.wiresEntered(edits.length)))
      setRun('');
  };
  const spread = () => {
    if (distance === null) return;
    const ends = ({ from, to }: Conductor) => [from, to].map((end) => plan.devices[deviceOf(end)]);
    keep(
      say.enterTheRun,
      lengths.map((wire) => {
        const [from, to] = ends(wire);
        return { kind: 'setConductor', id: wire.id, patch: { length: lengthBetween(from, to, distance) } };
      }),
    );
  };
  if (wires.length === 0)
    return (
      <div className={css['form']}>
        <p>{say.nothingDoorAssumedAny}</p>
        <Button look="main" data-first onClick={onDone}>
          {say.done}
        </Button>
      </div>
    );
  return (
    <div className={css['form']}>
      {lengths.length > 0 && (
        <form
          className={css['run']}
          onSubmit={(event) => {
            event.preventDefault();
            spread();
          }}
        >
          <TextField
            label={say.cableRunEnclosureDoor}
            hint={say.givesBelowWhereDevices(lengths.length)}
            unit={unit}
            value={run}
            error={why}
            onChange={(event) => setRun(event.target.value)}
            autoFocus
          />
          <Button type="submit" look="main" disabled={distance === null}>
            {say.enterIt}
          </Button>
        </form>
      )}
      <div className={css['rows']} tabIndex={0} role="region" aria-label={say.assumed}>
        <table className={table['table']}>
          <caption className="hush">{say.assumedEachWire}</caption>
          <thead>
            <tr>
              <th scope="col">{say.wire}</th>
              <th scope="col">{say.fromTo}</th>
              <th scope="col">{say.colour}</th>
              <th scope="col">{say.size}</th>
              <th scope="col">{say.length}</th>
            </tr>
          </thead>
          <tbody>
            {wires.map((wire) => (
              <tr key={wire.id}>
                <th scope="row" className={table['figures']}>
                  {wire.number}
                </th>
                <td className={table['figures']}>
                  {terminalLabel(plan, wire.from, door.id)} – {terminalLabel(plan, wire.to, door.id)}
                </td>
                <td>
                  <ColourEdit wire={wire} />
                </td>
                <td>
                  <GaugeEdit wire={wire} />
                </td>
                <td>
                  <LengthEdit wire={wire} unit={unit} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className={css['acts']}>
        <Button
          onClick={() =>
            keep(
              say.keepWhatWasAssumed,
              wires.map(({ id }): Edit => ({ kind: 'setConductor', id, patch: { assumed: [] } })),
            )
          }
        >
          {say.allOfTheseAreRight}
        </Button>
        <Button look="quiet" onClick={onDone}>
          {say.close}
        </Button>
      </p>
    </div>
  );
}
