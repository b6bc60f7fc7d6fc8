import { format } from 'date-fns/format';
import { useEffect, useState } from 'react';
import type { EditBack } from '#core/plan/index';
import { editWords } from '#words/edits';
import { say } from '#words/sitePages/site/LogPage';
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

const NO_ANSWER = say.serverDoesNotAnswer;

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
      .catch(() => !gone && setProblem(say.logCannotReadNow));
    return () => {
      gone = true;
    };
  }, [id, status]);
  if (problem) return <p className={css['bad']}>{problem}</p>;
  if (!lines) return <p className={css['note']}>{say.readingTheLog}</p>;
  if (lines.length === 0) return <Empty title={say.noChangesYet}>{say.everyChangeKeptHere}</Empty>;
  return (
    <div className={css['sheet']}>
      <table className={`${table['table']} ${table['stack']}`}>
        <caption className="hush">{say.changesSiteNewestFirst}</caption>
        <thead>
          <tr>
            <th scope="col">{say.when}</th>
            <th scope="col">{say.who}</th>
            <th scope="col">{say.door}</th>
            <th scope="col">{say.what}</th>
            <th scope="col" className={table['right']}>
              {say.revision}
            </th>
            <th scope="col">
              <span className="hush">{say.whatCanBeDone}</span>
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
              <td className={`${table['right']} ${table['figures']}`} data-label={say.revision}>
                {line.revision}
              </td>
              <td className={`${css['acts']} ${table['last']}`}>
                {line.revision < lines[0]!.revision && (
                  <Button
                    size="s"
                    aria-label={say.compareRevisionWithNow(line.revision)}
                    onClick={() => setComparing(line.revision)}
                  >
                    {say.compare}
                  </Button>
                )}
                {line.back && (
                  <Button
                    size="s"
                    aria-label={say.takeBackRevision(editWords(line.body), line.revision)}
                    disabled={!complete || !ready}
                    onClick={() => void takeBack(line)}
                  >
                    {say.takeBack}
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
