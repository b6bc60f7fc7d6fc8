import type { ColumnDef } from '@tanstack/react-table';
import Download from 'lucide-react/icons/download';
import LogOut from 'lucide-react/icons/log-out';
import Plus from 'lucide-react/icons/plus';
import Trash2 from 'lucide-react/icons/trash-2';
import { useMemo, useState } from 'react';
import { doorsOf, levelsOf, type Edit, type Person } from '#core/plan/index';
import { dayWords } from '#words/access';
import { cardsWords } from '#words/cards';
import { Button } from '../../ui/Button';
import { DataTable } from '../../ui/DataTable';
import { Empty } from '../../ui/Empty';
import { Menu } from '../../ui/Menu';
import { useNavigate } from '../../parts/navigation';
import { useDispatch, usePlan, useStore } from '../../store/context';
import { Bulk } from './Bulk';
import { PeopleImport } from './PeopleImport';
import { PersonForm } from './PersonForm';
import { saveFile } from './saveFile';
import { wallNow } from '../../parts/moments/today';
import css from '../../parts/access/Access.module.css';

/** How many doors stand in a row of the table before the rest is counted. */
const DOORS_SHOWN = 6;

/** Everybody of the site: found, sorted, changed one by one or all that are shown. */
export function People() {
  const plan = usePlan();
  const dispatch = useDispatch();
  const store = useStore();
  const go = useNavigate();
  const [wanted, setWanted] = useState('');
  const [open, setOpen] = useState<Person | 'new' | null>(null);
  const [taking, setTaking] = useState(false);
  const save = async (codes: boolean) => {
    const { peopleCsv } = await import('#core/formats/table/peopleCsv');
    // A machine that writes 0,5 parts its columns by semicolons.
    const semicolons = new Intl.NumberFormat().format(0.5).includes(',');
    saveFile(`${plan.site.id}-people.csv`, 'text/csv;charset=utf-8', peopleCsv(plan, { codes, semicolons }));
  };
  const people = useMemo(
    () => Object.values(plan.people).sort((a, b) => a.name.localeCompare(b.name)),
    [plan.people],
  );
  const shown = useMemo(
    () => found(people, wanted, (person) => levelsOf(plan, person).map(({ name }) => name)),
    [people, wanted, plan.levels],
  );
  const leave = (person: Person) => {
    const edits: Edit = {
      kind: 'setPerson',
      id: person.id,
      patch: { doors: [], levels: [], group: '', until: wallNow().day },
    };
    dispatch(
      edits,
      `${person.name} leaves`,
      `${person.name} opens nothing from now on. Keypads that hold the code say so at their doors, with the sheet that removes it.`,
    );
  };
  const columns = useMemo<ColumnDef<Person>[]>(
    () => [
      {
        header: 'Name',
        accessorKey: 'name',
        cell: ({ row: { original } }) => (
          <button type="button" className={css['open']} onClick={() => setOpen(original)}>
            {original.name}
          </button>
        ),
      },
      { header: 'Group', accessorKey: 'group', cell: ({ row }) => row.original.group || '—' },
      {
        header: 'Role',
        id: 'role',
        accessorFn: (person) => (person.role === 'administrator' ? 'Administers' : 'Opens doors'),
      },
      {
        header: 'Levels',
        id: 'levels',
        accessorFn: (person) =>
          levelsOf(plan, person)
            .map(({ name }) => name)
            .join(', ') || '—',
      },
      {
        header: 'Doors',
        id: 'doors',
        accessorFn: (person) => doorsOf(plan, person).join(' '),
        cell: ({ row }) => {
          const doors = doorsOf(plan, row.original);
          return (
            <div className={css['doors']}>
              {doors.length === 0 && '—'}
              {doors.slice(0, DOORS_SHOWN).map((door) => (
                <Button
                  key={door}
                  size="s"
                  look="quiet"
                  onClick={() => go({ kind: 'door', door, station: 'program' })}
                >
                  {door}
                </Button>
              ))}
              {doors.length > DOORS_SHOWN && <span>and {doors.length - DOORS_SHOWN} more</span>}
            </div>
          );
        },
      },
      {
        header: 'Valid',
        id: 'valid',
        accessorFn: ({ from, until }) => until ?? from ?? '',
        cell: ({ row: { original } }) => validWords(original),
      },
      {
        header: 'Cards',
        id: 'card',
        accessorFn: ({ cards }) => cardsWords(cards) || '—',
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
          <span className={css['acts']}>
            {doorsOf(plan, original).length > 0 && (
              <Button
                size="s"
                look="quiet"
                aria-label={`${original.name} leaves`}
                title="Opens nothing any more; keypads that hold the code say so"
                icon={<LogOut aria-hidden />}
                onClick={() => leave(original)}
              />
            )}
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
          </span>
        ),
      },
    ],
    [dispatch, go, plan],
  );
  const add = (
    <Button icon={<Plus aria-hidden />} onClick={() => setOpen('new')}>
      Person
    </Button>
  );
  return (
    <>
      {people.length === 0 ? (
        <Empty
          title="Nobody yet"
          action={
            <span className={css['tools']}>
              {add}
              <Button onClick={() => setTaking(true)}>From a list…</Button>
            </span>
          }
        >
          Add people here or at a door, at Program: they then stand here with all their doors.
        </Empty>
      ) : (
        <>
          <div className={css['tools']}>
            <input
              type="search"
              className={css['search']}
              aria-label="Find people"
              placeholder="Name, group, level or door"
              value={wanted}
              onChange={(event) => setWanted(event.target.value)}
            />
            <span className={css['count']} role="status">
              {shown.length === people.length
                ? `${people.length} people`
                : `${shown.length} of ${people.length}`}
            </span>
            {add}
            <Bulk people={shown} />
            <Button onClick={() => setTaking(true)}>From a list…</Button>
            <Menu
              label="People as CSV"
              trigger={<Button icon={<Download aria-hidden />}>CSV</Button>}
              items={[
                { id: 'plain', label: 'Without codes', onSelect: () => void save(false) },
                {
                  id: 'codes',
                  label: 'With codes: whoever has the file can open',
                  onSelect: () => {
                    store.note('list of people saved with codes');
                    void save(true);
                  },
                },
              ]}
            />
          </div>
          <div className={css['sheet']}>
            <DataTable
              caption="People of this site"
              rows={shown}
              columns={columns}
              rowId={(person) => person.id}
            />
          </div>
          {shown.length === 0 && <p className={css['hint']}>Nobody is called so, or opens such a door.</p>}
          <p className={css['hint']}>
            A slot of a keypad is given at the door, at Program: there stand the keypad’s own rules for codes.
          </p>
        </>
      )}
      <PeopleImport open={taking} onOpenChange={setTaking} />
      {open && <PersonForm person={open === 'new' ? null : open} onClose={() => setOpen(null)} />}
    </>
  );
}

/** People by any word of theirs: all words must be there. */
function found(
  people: readonly Person[],
  wanted: string,
  levels: (person: Person) => readonly string[],
): readonly Person[] {
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean);
  if (words.length === 0) return people;
  return people.filter((person) => {
    const text = [person.name, person.group, ...person.doors, ...levels(person)].join(' ').toLowerCase();
    return words.every((word) => text.includes(word));
  });
}

const validWords = ({ from, until }: Person): string =>
  from && until
    ? `${dayWords(from)} to ${dayWords(until)}`
    : from
      ? `from ${dayWords(from)}`
      : until
        ? `until ${dayWords(until)}`
        : 'always';
