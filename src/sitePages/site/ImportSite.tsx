import { useState } from 'react';
import { say } from '#words/sitePages/site/ImportSite';
import { Button } from '../../ui/Button';
import { useServerWork, WorkLine } from '../../parts/serverWork';
import css from '../../parts/SitePages.module.css';

interface Summary {
  readonly name: string;
  readonly exists: boolean;
  readonly doors: number;
  readonly devices: number;
  readonly wires: number;
  readonly people: number;
  readonly codes: number;
  readonly keypads: number;
  readonly readings: number;
}

interface Answer {
  summary?: Summary;
  notes?: readonly { readonly path: string; readonly was: string; readonly is: string | null }[];
  site?: string;
  error?: { message: string; problems?: { path: string; message: string }[] };
}

/** Says what a file holds before anything is taken in. */
export function ImportSite() {
  const [file, setFile] = useState<File | null>(null);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const work = useServerWork();
  const send = async (chosen: File, dry: boolean) => {
    try {
      const body = await work.begin(async (key, signal) => {
        const response = await fetch(`/api/import?key=${key}${dry ? '&dry=1' : ''}`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: await chosen.text(),
          signal,
        });
        return (await response.json()) as Answer;
      });
      if (!body) return;
      setAnswer(body);
      if (body.site) location.assign(`/s/${encodeURIComponent(body.site)}`);
    } catch {
      setAnswer({ error: { message: say.serverDoesNotAnswer } });
    }
  };
  const { summary, notes = [], error } = answer ?? {};
  return (
    <section className={css['card']}>
      <h2>{say.takeASiteIn}</h2>
      <p>{say.chooseAldabaFileRead}</p>
      <input
        type="file"
        accept=".json,application/json"
        aria-label={say.aldabaFile}
        onChange={(event) => {
          const chosen = event.target.files?.[0] ?? null;
          setFile(chosen);
          setAnswer(null);
          if (chosen) void send(chosen, true);
        }}
      />
      <WorkLine work={work} what={say.readingTheFile} />
      {summary && (
        <>
          <p>
            <b>{summary.name}</b>
            {say.doorsDevicesWiresPeople(
              summary.doors,
              summary.devices,
              summary.wires,
              summary.people,
              summary.codes,
              summary.keypads,
              summary.readings,
            )}
            {summary.exists && say.siteIdHereAlready}
          </p>
          {notes.length > 0 && (
            <>
              <p>{say.readOtherwiseThanWritten}</p>
              <ul className={css['problems']} tabIndex={0} aria-label={say.readOtherwise}>
                {notes.map(({ path, was, is }) => (
                  <li key={path}>
                    {path}: “{was}” {is === null ? say.isNotUsedAnyMore : say.isReadAs(is)}
                  </li>
                ))}
              </ul>
            </>
          )}
          <Button
            look="main"
            disabled={work.ahead !== null || !file}
            onClick={() => file && void send(file, false)}
          >
            {say.takeItIn}
          </Button>
        </>
      )}
      {error && (
        <div role="alert">
          <p className={css['bad']}>{error.message}</p>
          {error.problems && (
            <ul className={css['problems']} tabIndex={0} aria-label={say.problemsInTheFile}>
              {error.problems.map((problem, index) => (
                <li key={index}>
                  {problem.path || '(file)'}: {problem.message}
                </li>
              ))}
            </ul>
          )}
        </div>
      )}
    </section>
  );
}
