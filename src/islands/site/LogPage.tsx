import { format } from 'date-fns';
import { useEffect, useState } from 'react';
import { editWords } from '#words/edits';
import { Empty } from '../../ui/Empty';
import { LongBody } from '../../ui/LongBody';
import { usePlan, useSite } from '../store/context';
import table from '../../ui/DataTable.module.css';
import css from './SitePages.module.css';

interface Line {
  readonly revision: number;
  readonly at: string;
  readonly author: string;
  readonly doors: readonly string[];
  readonly body: unknown;
}

/** Every change of the site, newest first, with who made it. Codes are never in it. */
export function LogPage() {
  const plan = usePlan();
  const { status } = useSite();
  const [lines, setLines] = useState<readonly Line[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const { id } = plan.site;
  useEffect(() => {
    if (status === 'saving') return;
    let gone = false;
    fetch(`/api/sites/${encodeURIComponent(id)}/edits?limit=300`)
      .then(async (response) => {
        if (!response.ok) throw new Error(String(response.status));
        const body = (await response.json()) as { edits: Line[] };
        if (!gone) setLines(body.edits);
      })
      .catch(() => !gone && setProblem('The log cannot be read now: the server does not answer.'));
    return () => {
      gone = true;
    };
  }, [id, status]);
  if (problem) return <p className={css['bad']}>{problem}</p>;
  if (!lines) return <p className={css['note']}>Reading the log…</p>;
  if (lines.length === 0)
    return <Empty title="No changes yet">Every change is kept here, with its time and its author.</Empty>;
  return (
    <div className={css['sheet']}>
      <table className={table['table']}>
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Who</th>
            <th scope="col">Door</th>
            <th scope="col">What</th>
            <th scope="col" className={table['right']}>
              Revision
            </th>
          </tr>
        </thead>
        <LongBody rows={lines} keyOf={({ revision }) => String(revision)}>
          {(line) => (
            <tr>
              <td className={table['figures']}>{format(new Date(line.at), 'yyyy-MM-dd HH:mm')}</td>
              <td>{line.author || '—'}</td>
              <td className={table['figures']}>{line.doors.join(' ') || '—'}</td>
              <td>{editWords(line.body)}</td>
              <td className={`${table['right']} ${table['figures']}`}>{line.revision}</td>
            </tr>
          )}
        </LongBody>
      </table>
    </div>
  );
}
