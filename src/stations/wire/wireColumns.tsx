import type { ColumnDef } from '@tanstack/react-table';
import type { Live } from '#core/drawing/index';
import { loopWires, traceLoops } from '#core/loops/index';
import { terminalLabel, type Conductor, type DoorId, type Plan } from '#core/plan/index';
import { formatAmps, formatGauge, type LengthUnit } from '#core/units/index';
import { COLOUR_NAMES } from '#words/colours';
import { loopName } from '#words/findings/index';
import { say } from '#words/stations/wire/WireTable';
import type { Wiring } from '../../parts/useWiring';
import { ColourEdit, GaugeEdit, LengthEdit, TextEdit } from './CellEdits';
import css from './WireTable.module.css';

/** Who laid a wire. */
export const ORIGINS = { aldaba: 'Aldaba', set: say.setOrBus, hand: 'hand' } as const;

interface Shown {
  readonly plan: Plan;
  readonly door: DoorId;
  readonly live: Live;
  readonly unit: LengthUnit;
  readonly wiring: Wiring;
  /** Name of the loop that each wire belongs to. */
  readonly loops: ReadonlyMap<string, string>;
}

/** Columns of the wire list; colour, size, length and cable are changed in place. */
export const wireColumns = ({ plan, door, live, unit, wiring, loops }: Shown): ColumnDef<Conductor>[] => [
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
];

/** Name of the loop each wire belongs to; the first where it belongs to several. */
export function loopNames(plan: Plan, door: DoorId): Map<string, string> {
  const names = new Map<string, string>();
  for (const loop of traceLoops(plan, door)) {
    for (const wire of loopWires(loop))
      if (!names.has(wire)) names.set(wire, `${loop.letter} ${loopName(loop.kind)}`);
  }
  return names;
}
