import { flexRender, type Row } from '@tanstack/react-table';
import type { Conductor } from '#core/plan/index';
import { cx } from '../../ui/cx';
import table from '../../ui/DataTable.module.css';
import css from './WireTable.module.css';

interface Props {
  readonly row: Row<Conductor>;
  readonly isChosen: boolean;
  onPoint(wire: string | null): void;
}

/** One wire of the list. */
export function WireRow({ row, isChosen, onPoint }: Props) {
  return (
    <tr
      data-wire={row.id}
      className={cx(isChosen && table['chosen'], table['active'])}
      onMouseEnter={() => onPoint(row.id)}
      onMouseLeave={() => onPoint(null)}
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
  );
}
