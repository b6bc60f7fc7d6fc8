import {
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type RowSelectionState,
  type SortingState,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import Download from 'lucide-react/icons/download';
import Upload from 'lucide-react/icons/upload';
import type { Live } from '#core/drawing/index';
import { conductorsOf, type Conductor, type DoorId } from '#core/plan/index';
import { COLOUR_NAMES } from '#words/colours';
import { say } from '#words/stations/wire/WireTable';
import { Button } from '../../ui/Button';
import { SelectField, TextField } from '../../ui/Field';
import { SortHead } from '../../ui/SortHead';
import { useHighlight } from '../../parts/navigation';
import { useStoredView } from '../../parts/storedView';
import { usePlan, useUnit } from '../../store/context';
import { ChosenWires } from './ChosenWires';
import { TableImport } from './TableImport';
import { loopNames, ORIGINS, wireColumns } from './wireColumns';
import { WireRow } from './WireRow';
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
/** Every wire of the door as a row: sorted, filtered, grouped, changed in place, several at once. */
export function WireTable({ door, live, wiring }: { door: DoorId; live: Live; wiring: Wiring }) {
  const plan = usePlan();
  const unit = useUnit();
  const { id: lit, point } = useHighlight();
  const [filter, setFilter] = useState('');
  const [grouping, setGrouping] = useStoredView<Grouping>('wires', 'none', Object.keys(GROUPS) as Grouping[]);
  const [sorting, setSorting] = useState<SortingState>([]);
  const [selection, setSelection] = useState<RowSelectionState>({});
  const [importing, setImporting] = useState(false);
  const wires = useMemo(() => conductorsOf(plan, door), [plan, door]);
  const loops = useMemo(() => loopNames(plan, door), [plan, door]);
  const chosen = wires.filter(({ id }) => selection[id]);

  const columns = useMemo(
    () => wireColumns({ plan, door, live, unit, wiring, loops }),
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
      {chosen.length > 0 && <ChosenWires chosen={chosen} onDone={() => setSelection({})} />}
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
                <WireRow
                  key={row.id}
                  row={row}
                  isChosen={(wiring.chosenWire ?? lit) === row.id}
                  onPoint={point}
                />
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
