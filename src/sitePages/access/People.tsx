import type { ColumnDef } from '@tanstack/react-table';
import Download from 'lucide-react/icons/download';
import LogOut from 'lucide-react/icons/log-out';
import Plus from 'lucide-react/icons/plus';
import Trash2 from 'lucide-react/icons/trash-2';
import { useMemo, useState } from 'react';
import { doorsOf, levelsOf, type Edit, type Person } from '#core/plan/index';
import { dayWords } from '#words/access';
import { cardsWords } from '#words/cards';
import { say } from '#words/sitePages/access/People';
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
    dispatch(edits, say.leaves(person.name), say.opensNothingNowKeypads(person.name));
  };
  const columns = useMemo<ColumnDef<Person>[]>(
    () => [
      {
        header: say.name,
        accessorKey: 'name',
        cell: ({ row: { original } }) => (
          <button type="button" className={css['open']} onClick={() => setOpen(original)}>
            {original.name}
          </button>
        ),
      },
      { header: say.group, accessorKey: 'group', cell: ({ row }) => row.original.group || '—' },
      {
        header: say.role,
        id: 'role',
        accessorFn: (person) => (person.role === 'administrator' ? say.administers : say.opensDoors),
      },
      {
        header: say.levels,
        id: 'levels',
        accessorFn: (person) =>
          levelsOf(plan, person)
            .map(({ name }) => name)
            .join(', ') || '—',
      },
      {
        header: say.doors,
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
              {doors.length > DOORS_SHOWN && <span>{say.andMore(doors.length - DOORS_SHOWN)}</span>}
            </div>
          );
        },
      },
      {
        header: say.valid,
        id: 'valid',
        accessorFn: ({ from, until }) => until ?? from ?? '',
        cell: ({ row: { original } }) => validWords(original),
      },
      {
        header: say.cards,
        id: 'card',
        accessorFn: ({ cards }) => cardsWords(cards) || '—',
        meta: { figures: true },
      },
      {
        header: say.code,
        id: 'code',
        accessorFn: ({ code }) => (code === '' ? '—' : '•'.repeat(code.length)),
        meta: { figures: true },
      },
      {
        id: 'acts',
        header: () => <span className="hush">{say.remove}</span>,
        enableSorting: false,
        meta: { align: 'right' },
        cell: ({ row: { original } }) => (
          <span className={css['acts']}>
            {doorsOf(plan, original).length > 0 && (
              <Button
                size="s"
                look="quiet"
                aria-label={say.leaves2(original.name)}
                title={say.opensNothingAnyMore}
                icon={<LogOut aria-hidden />}
                onClick={() => leave(original)}
              />
            )}
            <Button
              size="s"
              look="quiet"
              aria-label={say.remove2(original.name)}
              title={say.removeSiteUndoBrings}
              icon={<Trash2 aria-hidden />}
              onClick={() =>
                dispatch(
                  { kind: 'removePerson', id: original.id },
                  say.remove3(original.name),
                  say.removedSiteKeypadsStill(original.name),
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
      {say.person}
    </Button>
  );
  return (
    <>
      {people.length === 0 ? (
        <Empty
          title={say.nobodyYet}
          action={
            <span className={css['tools']}>
              {add}
              <Button onClick={() => setTaking(true)}>{say.fromAList}</Button>
            </span>
          }
        >
          {say.addPeopleHereDoor}
        </Empty>
      ) : (
        <>
          <div className={css['tools']}>
            <input
              type="search"
              className={css['search']}
              aria-label={say.findPeople}
              placeholder={say.nameGroupLevelOrDoor}
              value={wanted}
              onChange={(event) => setWanted(event.target.value)}
            />
            <span className={css['count']} role="status">
              {shown.length === people.length
                ? say.people(people.length)
                : say.of(shown.length, people.length)}
            </span>
            {add}
            <Bulk people={shown} />
            <Button onClick={() => setTaking(true)}>{say.fromAList}</Button>
            <Menu
              label={say.peopleAsCsv}
              trigger={<Button icon={<Download aria-hidden />}>{say.csv}</Button>}
              items={[
                { id: 'plain', label: say.withoutCodes, onSelect: () => void save(false) },
                {
                  id: 'codes',
                  label: say.codesWhoeverFileCan,
                  onSelect: () => {
                    store.note(say.listPeopleSavedCodes);
                    void save(true);
                  },
                },
              ]}
            />
          </div>
          <div className={css['sheet']}>
            <DataTable
              caption={say.peopleOfThisSite}
              rows={shown}
              columns={columns}
              rowId={(person) => person.id}
            />
          </div>
          {shown.length === 0 && <p className={css['hint']}>{say.nobodyCalledSoOpens}</p>}
          <p className={css['hint']}>{say.slotKeypadGivenDoor}</p>
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
    ? say.to(dayWords(from), dayWords(until))
    : from
      ? say.from(dayWords(from))
      : until
        ? say.until(dayWords(until))
        : 'always';
