import {
  flexRender,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type ColumnDef,
  type RowSelectionState,
  type SortingState,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import Download from 'lucide-react/icons/download';
import Upload from 'lucide-react/icons/upload';
import type { Live } from '#core/drawing/index';
import { traceLoops, loopWires } from '#core/loops/index';
import {
  conductorsOf,
  terminalLabel,
  type Conductor,
  type DoorId,
  type Edit,
  type Plan,
} from '#core/plan/index';
import { COLOUR_CODES, formatAmps, formatGauge, type ColourCode, type Gauge } from '#core/units/index';
import { loopName } from '#words/findings/index';
import { COLOUR_NAMES } from '#words/colours';
import { say } from '#words/stations/wire/WireTable';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { SortHead } from '../../ui/SortHead';
import { cx } from '../../ui/cx';
import { useHighlight } from '../../parts/navigation';
import { useStoredView } from '../../parts/storedView';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import { ColourEdit, GaugeEdit, LengthEdit, TextEdit, gaugeChoices } from './CellEdits';
import { TableImport } from './TableImport';
import type { Wiring } from '../../parts/useWiring';
import table from '../../ui/DataTable.module.css';
import css from './WireTable.module.css';

type Grouping = 'none' | 'loop' | 'cable' | 'colour' | 'origin';
const GROUPS: Readonly<Record<Grouping, string>> = {
  none: say.notGrouped,
  loop: say.byLoop,
  cable: say.byCable,
  colour: say.byColour,
  origin: say.byWhoLaidIt,
};
const ORIGINS = { aldaba: 'Aldaba', set: say.setOrBus, hand: 'hand' } as const;

/** Every wire of the door as a row: sorted, filtered, grouped, changed in place, several at once. */
export function WireTable({ door, live, wiring }: { door: DoorId; live: Live; wiring: Wiring }) {
  const plan = usePlan();
  const unit = useUnit();
  const dispatch = useDispatch();
  const { id: lit, point } = useHighlight();
  const [filter, setFilter] = useState('');
  const [grouping, setGrouping] = useStoredView<Grouping>('wires', 'none', Object.keys(GROUPS) as Grouping[]);
  const [sorting, setSorting] = useState<SortingState>([]);
  const [selection, setSelection] = useState<RowSelectionState>({});
  const [importing, setImporting] = useState(false);
  const wires = useMemo(() => conductorsOf(plan, door), [plan, door]);
  const loops = useMemo(() => loopNames(plan, door), [plan, door]);
  const chosen = wires.filter(({ id }) => selection[id]);

  const columns = useMemo<ColumnDef<Conductor>[]>(
    () => [
      {
        id: 'select',
        enableSorting: false,
        header: ({ table: own }) => (
          <input
            type="checkbox"
            aria-label={say.chooseAllWiresShown}
            checked={own.getIsAllRowsSelected()}
            onChange={own.getToggleAllRowsSelectedHandler()}
          />
        ),
        cell: ({ row }) => (
          <input
            type="checkbox"
            aria-label={say.choose(row.original.number)}
            checked={row.getIsSelected()}
            onChange={row.getToggleSelectedHandler()}
          />
        ),
      },
      {
        header: say.wire,
        accessorKey: 'number',
        cell: ({ row }) => (
          <button type="button" className={css['number']} onClick={() => wiring.chooseWire(row.original.id)}>
            {row.original.number}
          </button>
        ),
      },
      {
        header: say.from,
        id: 'from',
        accessorFn: (wire) => terminalLabel(plan, wire.from, door),
        meta: { figures: true },
      },
      {
        header: say.to,
        id: 'to',
        accessorFn: (wire) => terminalLabel(plan, wire.to, door),
        meta: { figures: true },
      },
      {
        header: say.loop,
        id: 'loop',
        accessorFn: (wire) => loops.get(wire.id) ?? '—',
        meta: { tight: true },
      },
      {
        header: say.colour,
        id: 'colour',
        accessorFn: (wire) => `${wire.colour} ${COLOUR_NAMES[wire.colour]}`,
        cell: ({ row }) => <ColourEdit wire={row.original} />,
      },
      {
        header: say.size,
        id: 'gauge',
        accessorFn: (wire) => formatGauge(wire.gauge),
        cell: ({ row }) => <GaugeEdit wire={row.original} />,
      },
      {
        header: say.length,
        accessorKey: 'length',
        meta: { align: 'right' },
        cell: ({ row }) => <LengthEdit wire={row.original} unit={unit} />,
      },
      {
        header: say.cable,
        accessorKey: 'cable',
        cell: ({ row }) => <TextEdit wire={row.original} field="cable" label={say.cable} />,
      },
      {
        header: say.now,
        id: 'amps',
        accessorFn: (wire) => Math.abs(live.ampsOf(wire.id)),
        meta: { align: 'right', figures: true },
        cell: ({ row }) =>
          live.isCut(row.original.id) ? 'cut' : formatAmps(Math.abs(live.ampsOf(row.original.id))),
      },
      { header: say.laidBy, id: 'origin', accessorFn: (wire) => ORIGINS[wire.origin] },
    ],
    [plan, door, live, unit, wiring, loops],
  );
  const grid = useReactTable({
    data: wires as Conductor[],
    columns,
    state: { sorting, globalFilter: filter, rowSelection: selection },
    onSortingChange: setSorting,
    onGlobalFilterChange: setFilter,
    onRowSelectionChange: setSelection,
    getRowId: (wire) => wire.id,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
  });
  const rows = grid.getRowModel().rows;
  const groupOf = (wire: Conductor): string => {
    switch (grouping) {
      case 'none':
        return '';
      case 'loop':
        return loops.get(wire.id) ?? say.inNoLoop;
      case 'cable':
        return wire.cable || say.inNoCable;
      case 'colour':
        return COLOUR_NAMES[wire.colour];
      case 'origin':
        return ORIGINS[wire.origin];
    }
  };
  const groups = new Map<string, typeof rows>();
  for (const row of rows) {
    const key = groupOf(row.original);
    groups.set(key, [...(groups.get(key) ?? []), row]);
  }
  const all = (label: string, edit: (wire: Conductor) => Edit) => {
    if (dispatch({ kind: 'batch', label, edits: chosen.map(edit) }, label)) setSelection({});
  };
  const patch = (label: string, change: Partial<Omit<Conductor, 'id' | 'door'>>) =>
    all(label, ({ id }) => ({ kind: 'setConductor', id, patch: change }));

  return (
    <div className={css['view']}>
      <div className={css['tools']}>
        <TextField
          label={say.filter}
          bare
          placeholder={say.filterL1RedK1G1}
          value={filter}
          onChange={(event) => setFilter(event.target.value)}
        />
        <SelectField
          label={say.group}
          bare
          value={grouping}
          onChange={(event) => setGrouping(event.target.value as Grouping)}
        >
          {Object.entries(GROUPS).map(([id, label]) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </SelectField>
        <span className={css['count']} role="status">
          {rows.length === wires.length ? say.wires(wires.length) : say.ofWires(rows.length, wires.length)}
          {chosen.length > 0 && say.chosen(chosen.length)}
        </span>
        <Button size="s" icon={<Upload aria-hidden />} onClick={() => setImporting(true)}>
          {say.takeInATable}
        </Button>
        <a
          className={css['file']}
          href={`/api/sites/${encodeURIComponent(plan.site.id)}/wires.csv?door=${encodeURIComponent(door)}`}
          download
        >
          <Download size={14} aria-hidden /> {say.csv}
        </a>
      </div>
      {chosen.length > 0 && (
        <div className={css['bulk']} role="group" aria-label={say.chosenWires}>
          <SelectField
            label={say.colourOfTheChosen}
            bare
            value=""
            onChange={(event) => patch(say.changeColour, { colour: event.target.value as ColourCode })}
          >
            <option value="">{say.colour2}</option>
            {COLOUR_CODES.map((code) => (
              <option key={code} value={code}>
                {code} {COLOUR_NAMES[code]}
              </option>
            ))}
          </SelectField>
          <SelectField
            label={say.sizeOfTheChosen}
            bare
            value=""
            onChange={(event) => patch(say.changeSize, { gauge: event.target.value as Gauge })}
          >
            <option value="">{say.size2}</option>
            {gaugeChoices(plan.site.units).map((gauge) => (
              <option key={gauge} value={gauge}>
                {formatGauge(gauge)}
              </option>
            ))}
          </SelectField>
          <Button
            size="s"
            onClick={() => patch(say.keepByHand, { origin: 'hand' })}
            title={say.aldabaThenLeavesThemAlone}
          >
            {say.keepAsLaidByHand}
          </Button>
          <Button size="s" onClick={() => all(say.removeWires, ({ id }) => ({ kind: 'disconnect', id }))}>
            {say.remove(chosen.length)}
          </Button>
        </div>
      )}
      <div className={css['scroll']}>
        <table className={table['table']}>
          <caption className="hush">{say.wiresOfThisDoor}</caption>
          <SortHead table={grid} />
          {[...groups].map(([name, members]) => (
            <tbody key={name}>
              {name !== '' && (
                <tr className={css['group']}>
                  <th colSpan={columns.length} scope="rowgroup">
                    {name} <small>{members.length}</small>
                  </th>
                </tr>
              )}
              {members.map((row) => (
                <tr
                  key={row.id}
                  data-wire={row.id}
                  className={cx((wiring.chosenWire ?? lit) === row.id && table['chosen'], table['active'])}
                  onMouseEnter={() => point(row.id)}
                  onMouseLeave={() => point(null)}
                >
                  {row.getVisibleCells().map((cell) => {
                    const { meta } = cell.column.columnDef;
                    return (
                      <td
                        key={cell.id}
                        className={cx(
                          meta?.tight && css['tight'],
                          meta?.align === 'right' && table['right'],
                          meta?.figures && table['figures'],
                        )}
                      >
                        {flexRender(cell.column.columnDef.cell, cell.getContext())}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          ))}
        </table>
        {rows.length === 0 && <p className={css['none']}>{say.noWireMatches(filter)}</p>}
      </div>
      <TableImport door={door} open={importing} onOpenChange={setImporting} />
    </div>
  );
}

/** Name of the loop each wire belongs to; the first where it belongs to several. */
function loopNames(plan: Plan, door: DoorId): Map<string, string> {
  const names = new Map<string, string>();
  for (const loop of traceLoops(plan, door)) {
    for (const wire of loopWires(loop))
      if (!names.has(wire)) names.set(wire, `${loop.letter} ${loopName(loop.kind)}`);
  }
  return names;
}
