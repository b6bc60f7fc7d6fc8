import { useEffect, useState } from 'react';
import type { PlanDifferences } from '#core/plan/index';
import { comparedWords } from '#words/differences';
import { say } from '#words/sitePages/site/CompareDialog';
import { Dialog } from '../../ui/Dialog';
import { Empty } from '../../ui/Empty';
import { SelectField } from '../../ui/Field';
import { useSite } from '../../store/context';
import css from '../../parts/SitePages.module.css';

interface Props {
  /** The older revision to begin with. */
  readonly from: number;
  readonly revisions: readonly { readonly revision: number; readonly label: string }[];
  onClose(): void;
}

type Answer = PlanDifferences & { readonly error?: { readonly message: string } };

/** Two revisions of the site side by side: what became of what, door by door. */
export function CompareDialog({ from: first, revisions, onClose }: Props) {
  const { plan } = useSite();
  const newest = revisions[0]?.revision ?? first;
  const [from, setFrom] = useState(first);
  const [to, setTo] = useState(newest);
  const [answer, setAnswer] = useState<{ readonly of: string; readonly said: Answer | null } | null>(null);
  const of = `${from} ${to}`;
  useEffect(() => {
    let gone = false;
    fetch(`/api/sites/${encodeURIComponent(plan.site.id)}/compare?from=${from}&to=${to}`)
      .then(async (response) => (await response.json()) as Answer)
      .catch(() => null)
      .then((said) => !gone && setAnswer({ of, said }));
    return () => {
      gone = true;
    };
  }, [plan.site.id, from, to, of]);
  const said = answer?.of === of ? answer.said : undefined;
  const choose = (label: string, value: number, set: (revision: number) => void) => (
    <SelectField label={label} value={value} onChange={(event) => set(Number(event.target.value))}>
      {revisions.map(({ revision, label: name }) => (
        <option key={revision} value={revision}>
          {revision === newest ? say.now(revision) : `${revision}, ${name}`}
        </option>
      ))}
    </SelectField>
  );
  return (
    <Dialog
      open
      wide
      onOpenChange={(open) => !open && onClose()}
      title={say.compareTwoRevisions}
      description={say.notChangedChangedBack}
    >
      <div className={css['two']}>
        {choose(say.asItWasAt, from, setFrom)}
        {choose(say.against, to, setTo)}
      </div>
      <Result said={said} />
    </Dialog>
  );
}

/** Undefined while it is asked for, null where nobody answered. */
function Result({ said }: { said: Answer | null | undefined }) {
  if (said === undefined) return <p className={css['note']}>{say.comparing}</p>;
  if (said === null || said.error)
    return (
      <p className={css['bad']} role="alert">
        {said?.error?.message ?? say.theServerDoesNotAnswer}
      </p>
    );
  const parts = comparedWords(said);
  if (parts.length === 0) return <Empty title={say.noDifference}>{say.betweenTheseTwoNothing}</Empty>;
  return (
    <div className={css['compared']} role="region" aria-label={say.differences} tabIndex={0}>
      {parts.map(({ door, lines }) => (
        <section key={door ?? ''}>
          <h3>{door ?? say.site}</h3>
          <ul>
            {lines.map((line, index) => (
              <li key={`${index} ${line}`}>{line}</li>
            ))}
          </ul>
        </section>
      ))}
    </div>
  );
}
