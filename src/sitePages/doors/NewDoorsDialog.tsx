import { useMemo, useState } from 'react';
import X from 'lucide-react/icons/x';
import { isRunEntered, runOf, type NewDoor } from '#core/door/index';
import { newDoors } from '#core/door/newDoors';
import { readDoorRows } from '#core/formats/table/doorRows';
import { tableOf } from '#core/formats/table/tableOf';
import { doorsInOrder, nextDoorId, type DoorId, type Plan } from '#core/plan/index';
import { formatLength, METRES_PER_FOOT, metres, readQuantity, type LengthUnit } from '#core/units/index';
import { leftOutWords, newDoorFaultWords } from '#words/doors';
import { quantityFaultWords } from '#words/quantities';
import { say } from '#words/sitePages/doors/NewDoorsDialog';
import { Button } from '../../ui/Button';
import { Dialog } from '../../ui/Dialog';
import { SelectField, TextField } from '../../ui/Field';
import { useDispatch, usePlan, useUnit } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import css from './Doors.module.css';

/** As many as one table takes. */
const MOST = 200;

interface Row {
  readonly key: number;
  readonly id: string;
  readonly name: string;
  readonly like: DoorId | null;
  /** As typed, in the site's unit or with another behind it; empty while nobody knows it. */
  readonly run: string;
  readonly people: boolean;
  /** What could not be read of a pasted row. */
  readonly why?: string;
}

let keys = 0;
const numbered = (plan: Plan, rows: readonly Row[], like: DoorId | null, people: boolean): Row => ({
  key: (keys += 1),
  id: nextDoorId(
    plan,
    rows.map(({ id }) => id),
  ),
  name: '',
  like,
  run: '',
  people,
});

function grown(plan: Plan, rows: readonly Row[], count: number, like: DoorId | null, people: boolean): Row[] {
  const next = rows.slice(0, count);
  while (next.length < count) next.push(numbered(plan, next, like, people));
  return next;
}

/** Doors that are made at once, each like a door that is there: numbers, names, runs and people in one table. */
export function NewDoorsDialog({
  like: first,
  count = 1,
  open,
  onOpenChange,
  onMade,
}: {
  /** Door that they are like to begin with; null for bare ones. */
  like: DoorId | null;
  count?: number;
  open: boolean;
  onOpenChange(open: boolean): void;
  onMade?(id: DoorId): void;
}) {
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title={first === null ? say.addDoors : count === 1 ? say.copy(first) : say.doorsLike(first)}
      description={say.hardwareSettingsWiresBrief}
    >
      {open && (
        <NewDoorsForm
          like={first}
          count={count}
          onDone={() => onOpenChange(false)}
          {...(onMade ? { onMade } : {})}
        />
      )}
    </Dialog>
  );
}

function NewDoorsForm({
  like: first,
  count,
  onDone,
  onMade,
}: {
  like: DoorId | null;
  count: number;
  onDone(): void;
  onMade?(id: DoorId): void;
}) {
  const plan = usePlan();
  const unit = useUnit();
  const dispatch = useDispatch();
  const [like, setLike] = useState<DoorId | null>(first);
  const [people, setPeople] = useState(false);
  const [rows, setRows] = useState<readonly Row[]>(() => grown(plan, [], count, first, false));
  const [pasting, setPasting] = useState(false);
  const runs = rows.map(({ run }) => (run.trim() === '' ? null : readQuantity(run, 'm', { bare: unit })));
  const wishes = rows.map(({ id, name, like: of, people: with_ }, index): NewDoor => ({
    id: id.trim(),
    name: name.trim(),
    like: of,
    run: runs[index]?.kind === 'value' ? metres((runs[index] as { value: number }).value) : null,
    people: with_ && of !== null,
  }));
  const made = useMemo(() => newDoors(plan, wishes), [plan, JSON.stringify(wishes)]);
  const why = (index: number): string | null => {
    const read = runs[index];
    if (rows[index]?.why) return rows[index].why;
    if (read && read.kind !== 'value')
      return read.kind === 'fault' ? quantityFaultWords(read.fault, 'm') : say.aLengthOrNothing;
    const fault = made.faults[index];
    return fault ? newDoorFaultWords(fault) : null;
  };
  const bad = rows.filter((_, index) => why(index) !== null).length;
  const change = (key: number, patch: Partial<Row>) =>
    setRows(rows.map((row) => (row.key === key ? { ...row, ...patch, why: undefined } : row)));
  const all = (patch: Partial<Row>) => setRows(rows.map((row) => ({ ...row, ...patch })));
  const left = [...new Set([...made.left.values()].flatMap(leftOutWords))];
  const add = () => {
    if (!made.edit || bad > 0 || rows.length === 0) return;
    const said = rows.length === 1 ? say.added(rows[0]!.id) : say.doorsAdded(rows.length);
    if (!dispatch(made.edit, rows.length === 1 ? say.add(rows[0]!.id) : say.addDoors2(rows.length), said))
      return;
    onDone();
    onMade?.(wishes[0]!.id);
  };
  return (
    <form
      className={css['form']}
      onSubmit={(event) => {
        event.preventDefault();
        add();
      }}
    >
      <div className={css['top']}>
        <SelectField
          label={say.like}
          value={like ?? ''}
          onChange={(event) => {
            const of = event.target.value === '' ? null : event.target.value;
            setLike(of);
            all({ like: of });
          }}
        >
          <option value="">{say.noDoorNothingThem}</option>
          {doorsInOrder(plan).map(({ id, name }) => (
            <option key={id} value={id}>
              {id} {name}
            </option>
          ))}
        </SelectField>
        <TextField
          label={say.howMany}
          type="number"
          min={1}
          max={MOST}
          value={rows.length}
          onChange={(event) => {
            const wanted = Math.trunc(Number(event.target.value));
            if (wanted >= 1 && wanted <= MOST) setRows(grown(plan, rows, wanted, like, people));
          }}
        />
        <label className={css['check']}>
          <input
            type="checkbox"
            checked={people}
            disabled={like === null}
            onChange={(event) => {
              setPeople(event.target.checked);
              all({ people: event.target.checked });
            }}
          />
          {say.whoeverOpensOpensTheseToo(like ?? 'it')}
        </label>
      </div>
      <Button size="s" look="quiet" aria-expanded={pasting} onClick={() => setPasting(!pasting)}>
        {say.pasteListReadFile}
      </Button>
      {pasting && (
        <PasteList
          onTake={(text) => {
            const read = readDoorRows(plan, tableOf(text, /\s{2,}/), { unit, like, people }).rows;
            setRows(read.slice(0, MOST).map((row) => rowOf(row, unit)));
            setPasting(false);
          }}
        />
      )}
      <div className={css['rows']} tabIndex={0} role="region" aria-label={say.newDoors}>
        <table className={table['table']}>
          <caption className="hush">{say.theNewDoors}</caption>
          <thead>
            <tr>
              <th scope="col">{say.number}</th>
              <th scope="col">{say.name}</th>
              <th scope="col">{say.like}</th>
              <th scope="col">{say.run(unit)}</th>
              <th scope="col">{say.people}</th>
              <th scope="col">
                <span className="hush">{say.leaveOut}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, index) => (
              <tr key={row.key}>
                <td>
                  <input
                    className={css['number']}
                    aria-label={say.numberOfNewDoor(index + 1)}
                    aria-invalid={why(index) !== null || undefined}
                    value={row.id}
                    maxLength={60}
                    onChange={(event) => change(row.key, { id: event.target.value })}
                  />
                </td>
                <td>
                  <input
                    className={css['name']}
                    aria-label={say.nameOf(row.id)}
                    value={row.name}
                    maxLength={80}
                    autoFocus={index === 0}
                    onChange={(event) => change(row.key, { name: event.target.value })}
                  />
                  {why(index) !== null && (
                    <span role="alert" className={css['why']}>
                      {why(index)}
                    </span>
                  )}
                </td>
                <td className={table['figures']}>{row.like ?? '—'}</td>
                <td>
                  <input
                    className={css['run']}
                    aria-label={say.cableRunOf(row.id, unit)}
                    placeholder={assumedRun(plan, row.like, unit)}
                    disabled={row.like === null}
                    value={row.run}
                    onChange={(event) => change(row.key, { run: event.target.value })}
                  />
                </td>
                <td>
                  <input
                    type="checkbox"
                    aria-label={say.peopleOfOpen(row.like ?? say.theOriginal, row.id)}
                    checked={row.people && row.like !== null}
                    disabled={row.like === null}
                    onChange={(event) => change(row.key, { people: event.target.checked })}
                  />
                </td>
                <td className={table['right']}>
                  <Button
                    size="s"
                    look="quiet"
                    aria-label={say.leaveOut2(row.id)}
                    icon={<X aria-hidden />}
                    disabled={rows.length === 1}
                    onClick={() => setRows(rows.filter(({ key }) => key !== row.key))}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <div role="status" className={css['status']}>
        {bad > 0 && <p className={css['bad']}>{say.cannotBeMadeSo(bad)}</p>}
        {rows.some(({ run, like: of }) => of !== null && run.trim() === '') && <p>{say.runLeftEmptyTaken}</p>}
        {left.map((line) => (
          <p key={line}>{line}</p>
        ))}
      </div>
      <Button type="submit" look="main" disabled={!made.edit || bad > 0}>
        {rows.length === 1 ? say.add2(rows[0]!.id) : say.addDoors3(rows.length)}
      </Button>
    </form>
  );
}

/** The run that stands where none is typed. */
function assumedRun(plan: Plan, like: DoorId | null, unit: LengthUnit): string {
  const run = like === null ? null : runOf(plan, like);
  if (run === null || like === null) return '';
  return `${formatLength(run, unit)}${isRunEntered(plan, like) ? '' : ' ?'}`;
}

const rowOf = (row: ReturnType<typeof readDoorRows>['rows'][number], unit: LengthUnit): Row => ({
  key: (keys += 1),
  id: row.id,
  name: row.name,
  like: row.like,
  run:
    row.run === null
      ? ''
      : String(Math.round((unit === 'ft' ? row.run / METRES_PER_FOOT : row.run) * 100) / 100),
  people: row.people,
  ...(row.fault ? { why: newDoorFaultWords(row.fault) } : {}),
});

function PasteList({ onTake }: { onTake(text: string): void }) {
  const [text, setText] = useState('');
  return (
    <div className={css['paste']}>
      <label>
        <span>{say.oneDoorLineNumber}</span>
        <textarea
          rows={5}
          value={text}
          spellCheck={false}
          autoFocus
          placeholder={say.d21ReadingRoomEast}
          onChange={(event) => setText(event.target.value)}
        />
      </label>
      <label>
        {say.readFileCsvTsv}{' '}
        <input
          type="file"
          accept=".csv,.tsv,.txt,text/*"
          onChange={(event) => {
            const [file] = event.target.files ?? [];
            if (file) void file.text().then(setText);
          }}
        />
      </label>
      <Button disabled={text.trim() === ''} onClick={() => onTake(text)}>
        {say.fillTheTable}
      </Button>
    </div>
  );
}
