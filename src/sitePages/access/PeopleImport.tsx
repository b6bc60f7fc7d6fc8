import { useMemo, useState } from 'react';
import { readPeopleRows } from '#core/formats/table/peopleRows';
import { personOutcomeWords } from '#words/people';
import { say } from '#words/sitePages/access/PeopleImport';
import { Button } from '../../ui/Button';
import { cx } from '../../ui/cx';
import { Dialog } from '../../ui/Dialog';
import { LongBody } from '../../ui/LongBody';
import { useDispatch, usePlan } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import css from '../../parts/access/Access.module.css';

const EXAMPLE = 'name;group;levels;card;first day;last day\nOdd Fenwick;Readers;;71-2004;;31.12.2026';

/** People from a list: pasted or read from a file. Every row says what it would do; those that cannot be read stay. */
export function PeopleImport({ open, onOpenChange }: { open: boolean; onOpenChange(open: boolean): void }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [text, setText] = useState('');
  const read = useMemo(() => (text.trim() === '' ? null : readPeopleRows(plan, text)), [plan, text]);
  const count = (kind: string) => read?.rows.filter(({ outcome }) => outcome.kind === kind).length ?? 0;
  const faults = count('fault');
  const summary = [
    [count('new'), 'added'],
    [count('changed'), 'changed'],
    [count('same'), say.asTheyAre],
  ]
    .filter(([n]) => n !== 0)
    .map(([n, what]) => `${n} ${what}`)
    .join(', ');
  const take = () => {
    if (!read?.edit || !dispatch(read.edit, say.takeListPeople)) return;
    const head = text.split(/\r?\n/).find((line) => line.trim() !== '') ?? '';
    const lines = text.split(/\r?\n/);
    const left = read.rows.filter(({ outcome }) => outcome.kind === 'fault');
    setText(left.length > 0 ? [head, ...left.map(({ line }) => lines[line - 1] ?? '')].join('\n') : '');
    if (left.length === 0) onOpenChange(false);
  };
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      wide
      title={say.takeListPeople2}
      description={say.onePersonRowUnder}
    >
      <div className={css['form']}>
        <label className={css['text']}>
          <span>{say.people}</span>
          <textarea
            value={text}
            rows={read ? 4 : 8}
            spellCheck={false}
            placeholder={EXAMPLE}
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
        {read?.unread && <p role="alert">{say.noHeadingNamesPerson}</p>}
        {read && !read.unread && (
          <>
            <p role="status">
              <b>{summary || say.nothingToDoYet}</b>
              {faults > 0 && <strong className={css['fault']}>{say.cannotReadStayHere(faults)}</strong>}
            </p>
            <div className={css['previewRows']} tabIndex={0} role="region" aria-label={say.whatEachRowDoes}>
              <table className={table['table']}>
                <caption className="hush">{say.rowsAsTheyWereRead}</caption>
                <thead>
                  <tr>
                    <th scope="col">{say.line}</th>
                    <th scope="col">{say.whatItDoes}</th>
                  </tr>
                </thead>
                <LongBody rows={read.rows} keyOf={({ line }) => String(line)}>
                  {({ line, outcome }) => (
                    <tr>
                      <th scope="row">{line}</th>
                      <td className={cx(outcome.kind === 'fault' && css['fault'])}>
                        {personOutcomeWords(outcome)}
                      </td>
                    </tr>
                  )}
                </LongBody>
              </table>
            </div>
          </>
        )}
        <Button look="main" disabled={!read?.edit} onClick={take}>
          {say.takeItIn}
        </Button>
      </div>
    </Dialog>
  );
}
