import type { ColumnDef } from '@tanstack/react-table';
import { useMemo } from 'react';
import { conductorsOf, terminalLabel, type Conductor, type DoorId } from '#core/plan/index';
import { COLOURS, formatAmps, formatGauge, formatLength } from '#core/units/index';
import type { Live } from '#core/drawing/index';
import { DataTable } from '../../ui/DataTable';
import { useHighlight } from '../navigation';
import { usePlan, useUnit } from '../store/context';
import type { Wiring } from './useWiring';
import css from './WireTable.module.css';

/** Every wire of the door as a row. */
export function WireTable({ door, live, wiring }: { door: DoorId; live: Live; wiring: Wiring }) {
  const plan = usePlan();
  const unit = useUnit();
  const { id: lit, point } = useHighlight();
  const wires = useMemo(() => conductorsOf(plan, door), [plan, door]);
  const columns = useMemo<ColumnDef<Conductor>[]>(
    () => [
      {
        header: 'Wire',
        accessorKey: 'number',
        meta: { figures: true },
        cell: ({ row }) => (
          <button type="button" className={css['number']} onClick={() => wiring.chooseWire(row.original.id)}>
            {row.original.number}
          </button>
        ),
      },
      {
        header: 'From',
        id: 'from',
        accessorFn: (wire) => terminalLabel(plan, wire.from, door),
        meta: { figures: true },
      },
      {
        header: 'To',
        id: 'to',
        accessorFn: (wire) => terminalLabel(plan, wire.to, door),
        meta: { figures: true },
      },
      {
        header: 'Colour',
        accessorKey: 'colour',
        cell: ({ row: { original } }) => (
          <span className={css['colour']}>
            <i style={{ background: COLOURS[original.colour].hex }} aria-hidden />
            {original.colour} {COLOURS[original.colour].name}
          </span>
        ),
      },
      { header: 'Size', id: 'gauge', accessorFn: (wire) => formatGauge(wire.gauge), meta: { figures: true } },
      {
        header: 'Length',
        accessorKey: 'length',
        meta: { align: 'right', figures: true },
        cell: ({ row }) => formatLength(row.original.length, unit),
      },
      { header: 'Cable', accessorKey: 'cable', cell: ({ row }) => row.original.cable || '—' },
      {
        header: 'Now',
        id: 'amps',
        accessorFn: (wire) => Math.abs(live.ampsOf(wire.id)),
        meta: { align: 'right', figures: true },
        cell: ({ row }) =>
          live.isCut(row.original.id) ? 'cut' : formatAmps(Math.abs(live.ampsOf(row.original.id))),
      },
      {
        header: 'Laid by',
        id: 'origin',
        accessorFn: (wire) => (wire.origin === 'aldaba' ? 'Aldaba' : 'hand'),
      },
    ],
    [plan, door, live, unit, wiring],
  );
  return (
    <div className={css['scroll']}>
      <DataTable
        caption="Wires of this door"
        rows={wires}
        columns={columns}
        rowId={(wire) => wire.id}
        chosen={wiring.chosenWire ?? lit}
        onRow={(wire) => point(wire.id)}
      />
    </div>
  );
}
