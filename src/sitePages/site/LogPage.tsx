import { format } from 'date-fns/format';
import { useEffect, useState } from 'react';
import type { EditBack } from '#core/plan/index';
import { editWords } from '#words/edits';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { LongBody } from '../../ui/LongBody';
import { CompareDialog } from './CompareDialog';
import { usePlan, useSite, useStore } from '../../store/context';
import table from '../../ui/DataTable.module.css';
import css from '../../parts/SitePages.module.css';

interface Line {
  readonly revision: number;
  readonly at: string;
  readonly author: string;
  readonly doors: readonly string[];
  readonly body: unknown;
  /** True where it can be taken back from here. */
  readonly back: boolean;
}

const NO_ANSWER = 'The server does not answer. Nothing was changed.';

/** Every change of the site, newest first, with who made it. Codes are never in it. */
export function LogPage() {
  const plan = usePlan();
  const { status, complete, ready } = useSite();
  const store = useStore();
  const [comparing, setComparing] = useState<number | null>(null);
  const [lines, setLines] = useState<readonly Line[] | null>(null);
  const takeBack = async ({ revision, body }: Line) => {
    try {
      const response = await fetch(`/api/sites/${encodeURIComponent(id)}/edits/${revision}/back`);
      const answer = (await response.json()) as EditBack & { error?: { message: string } };
      if (!response.ok) store.say(answer.error?.message ?? NO_ANSWER);
      else store.takeBackLogged(answer, editWords(body));
    } catch {
      store.say(NO_ANSWER);
    }
  };
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
      <table className={`${table['table']} ${table['stack']}`}>
        <caption className="hush">Changes of this site, newest first</caption>
        <thead>
          <tr>
            <th scope="col">When</th>
            <th scope="col">Who</th>
            <th scope="col">Door</th>
            <th scope="col">What</th>
            <th scope="col" className={table['right']}>
              Revision
            </th>
            <th scope="col">
              <span className="hush">What can be done</span>
            </th>
          </tr>
        </thead>
        <LongBody rows={lines} keyOf={({ revision }) => String(revision)}>
          {(line) => (
            <tr>
              <th scope="row" className={table['figures']}>
                {format(new Date(line.at), 'yyyy-MM-dd HH:mm')}
              </th>
              <td>{line.author || '—'}</td>
              <td className={table['figures']}>{line.doors.join(' ') || '—'}</td>
              <td className={table['whole']}>{editWords(line.body)}</td>
              <td className={`${table['right']} ${table['figures']}`} data-label="Revision">
                {line.revision}
              </td>
              <td className={`${css['acts']} ${table['last']}`}>
                {line.revision < lines[0]!.revision && (
                  <Button
                    size="s"
                    aria-label={`Compare revision ${line.revision} with now`}
                    onClick={() => setComparing(line.revision)}
                  >
                    Compare
                  </Button>
                )}
                {line.back && (
                  <Button
                    size="s"
                    aria-label={`Take back ${editWords(line.body)}, revision ${line.revision}`}
                    disabled={!complete || !ready}
                    onClick={() => void takeBack(line)}
                  >
                    Take back
                  </Button>
                )}
              </td>
            </tr>
          )}
        </LongBody>
      </table>
      {comparing !== null && (
        <CompareDialog
          from={comparing}
          revisions={lines.map(({ revision, at, body }) => ({
            revision,
            label: `${format(new Date(at), 'yyyy-MM-dd HH:mm')}, ${editWords(body)}`,
          }))}
          onClose={() => setComparing(null)}
        />
      )}
    </div>
  );
}
