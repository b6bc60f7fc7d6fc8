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
      title={`Assumed at ${door.id}`}
      description="What nobody has entered stands at what Aldaba assumes, and every verdict that rests on it says so. Enter what was measured; a figure that is right is kept with Enter."
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
        : 'A run between 0 and 500 m.';
  const keep = (label: string, edits: readonly Edit[]) => {
    if (
      edits.length > 0 &&
      dispatch({ kind: 'batch', label, edits }, label, `${edits.length} wires entered.`)
    )
      setRun('');
  };
  const spread = () => {
    if (distance === null) return;
    const ends = ({ from, to }: Conductor) => [from, to].map((end) => plan.devices[deviceOf(end)]);
    keep(
      'enter the run',
      lengths.map((wire) => {
        const [from, to] = ends(wire);
        return { kind: 'setConductor', id: wire.id, patch: { length: lengthBetween(from, to, distance) } };
      }),
    );
  };
  if (wires.length === 0)
    return (
      <div className={css['form']}>
        <p>Nothing at this door is assumed any more.</p>
        <Button look="main" data-first onClick={onDone}>
          Done
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
            label="Cable run from the enclosure to the door"
            hint={`Gives ${lengths.length === 1 ? 'the length' : `all ${lengths.length} lengths`} below, by where the devices stand.`}
            unit={unit}
            value={run}
            error={why}
            onChange={(event) => setRun(event.target.value)}
            autoFocus
          />
          <Button type="submit" look="main" disabled={distance === null}>
            Enter it
          </Button>
        </form>
      )}
      <div className={css['rows']} tabIndex={0} role="region" aria-label="Assumed">
        <table className={table['table']}>
          <caption className="hush">What is assumed of each wire</caption>
          <thead>
            <tr>
              <th scope="col">Wire</th>
              <th scope="col">From – to</th>
              <th scope="col">Colour</th>
              <th scope="col">Size</th>
              <th scope="col">Length</th>
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
              'keep what was assumed',
              wires.map(({ id }): Edit => ({ kind: 'setConductor', id, patch: { assumed: [] } })),
            )
          }
        >
          All of these are right
        </Button>
        <Button look="quiet" onClick={onDone}>
          Close
        </Button>
      </p>
    </div>
  );
}
