import { flexRender, type RowData, type Table } from '@tanstack/react-table';
import css from './DataTable.module.css';

/** The heading row of a table: a heading that sorts is a button, and says which way it sorts. */
export function SortHead<Row extends RowData>({ table }: { table: Table<Row> }) {
  return (
    <thead>
      {table.getHeaderGroups().map((group) => (
        <tr key={group.id}>
          {group.headers.map((header) => {
            const { column } = header;
            const sorted = column.getIsSorted();
            const content = flexRender(column.columnDef.header, header.getContext());
            return (
              <th
                key={header.id}
                scope="col"
                className={column.columnDef.meta?.align === 'right' ? css['right'] : undefined}
                aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : undefined}
              >
                {column.getCanSort() ? (
                  <button type="button" className={css['sort']} onClick={column.getToggleSortingHandler()}>
                    {content}
                    <span aria-hidden>{sorted === 'asc' ? '↑' : sorted === 'desc' ? '↓' : ''}</span>
                  </button>
                ) : (
                  content
                )}
              </th>
            );
          })}
        </tr>
      ))}
    </thead>
  );
}
