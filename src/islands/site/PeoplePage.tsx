import type { ColumnDef } from '@tanstack/react-table';
import { useMemo } from 'react';
import Trash2 from 'lucide-react/icons/trash-2';
import type { Person } from '#core/plan/index';
import { Button } from '../../ui/Button';
import { DataTable } from '../../ui/DataTable';
import { Empty } from '../../ui/Empty';
import { useNavigate } from '../navigation';
import { useDispatch, usePlan } from '../store/context';
import css from './SitePages.module.css';

/** Everybody who opens a door of this site. Codes are changed at a door's Program station. */
export function PeoplePage() {
  const plan = usePlan();
  const dispatch = useDispatch();
  const go = useNavigate();
  const people = useMemo(
    () => Object.values(plan.people).sort((a, b) => a.name.localeCompare(b.name)),
    [plan.people],
  );
  const columns = useMemo<ColumnDef<Person>[]>(
    () => [
      { header: 'Name', accessorKey: 'name' },
      {
        header: 'Role',
        id: 'role',
        accessorFn: (person) => (person.role === 'administrator' ? 'Administers' : 'Opens doors'),
      },
      {
        header: 'Doors',
        id: 'doors',
        accessorFn: (person) => person.doors.join(' '),
        cell: ({ row }) => (
          <div className={css['doors']}>
            {row.original.doors.map((door) => (
              <Button
                key={door}
                size="s"
                look="quiet"
                onClick={() => go({ kind: 'door', door, station: 'program' })}
              >
                {door}
              </Button>
            ))}
          </div>
        ),
      },
      {
        header: 'Card',
        id: 'card',
        accessorFn: ({ card }) => (card ? `${card.facility}-${card.number}` : '—'),
        meta: { figures: true },
      },
      {
        header: 'Code',
        id: 'code',
        accessorFn: ({ code }) => (code === '' ? '—' : '•'.repeat(code.length)),
        meta: { figures: true },
      },
      {
        id: 'acts',
        header: () => <span className="hush">Remove</span>,
        enableSorting: false,
        meta: { align: 'right' },
        cell: ({ row: { original } }) => (
          <Button
            size="s"
            look="quiet"
            aria-label={`Remove ${original.name}`}
            title="Remove from the site; undo brings them back"
            icon={<Trash2 aria-hidden />}
            onClick={() =>
              dispatch(
                { kind: 'removePerson', id: original.id },
                `remove ${original.name}`,
                `${original.name} removed from the site. Keypads still hold the code until it is keyed out.`,
              )
            }
          />
        ),
      },
    ],
    [dispatch, go],
  );
  if (people.length === 0)
    return (
      <Empty title="Nobody yet">
        Add people at a door, at Program: they then stand here with all their doors.
      </Empty>
    );
  return (
    <>
      <div className={css['sheet']}>
        <DataTable
          caption="People of this site"
          rows={people}
          columns={columns}
          rowId={(person) => person.id}
        />
      </div>
      <p className={css['note']}>
        To change a code, a card or a slot, open one of the person’s doors at Program.
      </p>
    </>
  );
}
