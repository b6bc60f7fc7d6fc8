import {
  flexRender,
  getCoreRowModel,
  getSortedRowModel,
  useReactTable,
  type ColumnDef,
  type SortingState,
} from '@tanstack/react-table';
import { useState } from 'react';
import { LongBody } from './LongBody';
import { SortHead } from './SortHead';
import { cx } from './cx';
import css from './DataTable.module.css';

interface Props<Row> {
  readonly caption: string;
  readonly rows: readonly Row[];
  // The table library itself types a column's value by `any`; each column states its own.
  // eslint-disable-next-line @typescript-eslint/no-explicit-any
  readonly columns: ColumnDef<Row, any>[];
  rowId(row: Row): string;
  readonly chosen?: string | null;
  onRow?(row: Row): void;
}

declare module '@tanstack/react-table' {
  // The two parameters are the library's own; this only adds a field.
  // eslint-disable-next-line @typescript-eslint/no-unused-vars
  interface ColumnMeta<TData, TValue> {
    readonly align?: 'right' | 'left';
    readonly figures?: boolean;
    /** Kept on one line. */
    readonly tight?: boolean;
  }
}

/** A table that sorts by its headings. */
export function DataTable<Row>({ caption, rows, columns, rowId, chosen, onRow }: Props<Row>) {
  const [sorting, setSorting] = useState<SortingState>([]);
  const table = useReactTable({
    data: rows as Row[],
    columns,
    state: { sorting },
    onSortingChange: setSorting,
    getRowId: rowId,
    getCoreRowModel: getCoreRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  return (
    <table className={cx(css['table'], css['stack'])}>
      <caption className="hush">{caption}</caption>
      <SortHead table={table} />
      <LongBody rows={table.getRowModel().rows} keyOf={({ id }) => id}>
        {(row) => (
          <tr
            className={cx(chosen === row.id && css['chosen'], onRow && css['active'])}
            onMouseEnter={onRow && (() => onRow(row.original))}
            onFocus={onRow && (() => onRow(row.original))}
          >
            {row.getVisibleCells().map((cell, index) => {
              const { meta, header } = cell.column.columnDef;
              // The first says which row it is; what has no name says itself what it is.
              const label = index > 0 && typeof header === 'string' ? header : undefined;
              const Cell = index === 0 ? 'th' : 'td';
              return (
                <Cell
                  key={cell.id}
                  scope={index === 0 ? 'row' : undefined}
                  data-label={label}
                  className={cx(
                    meta?.align === 'right' && css['right'],
                    meta?.figures && css['figures'],
                    index === 0 && css['whole'],
                    label === undefined && index > 0 && css['last'],
                  )}
                >
                  {flexRender(cell.column.columnDef.cell, cell.getContext())}
                </Cell>
              );
            })}
          </tr>
        )}
      </LongBody>
    </table>
  );
}
