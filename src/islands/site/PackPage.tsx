import { useState } from 'react';
import Download from 'lucide-react/icons/download';
import { doorsInOrder } from '#core/plan/index';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { cx } from '../../ui/cx';
import buttons from '../../ui/Button.module.css';
import { storedName } from '../settings';
import { PackLink } from '../handover/PackLink';
import { usePlan } from '../store/context';
import { ColourScheme } from './ColourScheme';
import { SiteDetails } from './SiteDetails';
import css from './SitePages.module.css';

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

/** What goes out of a site and what comes in. */
export function PackPage({ sites }: { sites: readonly { readonly id: string; readonly name: string }[] }) {
  const plan = usePlan();
  const [secrets, setSecrets] = useState(false);
  const base = `/api/sites/${encodeURIComponent(plan.site.id)}`;
  const link = (href: string, text: string, main = false) => (
    <a href={href} download className={cx(buttons['button'], buttons['m'], buttons[main ? 'main' : 'plain'])}>
      <Download aria-hidden /> {text}
    </a>
  );
  return (
    <>
      <div className={css['columns']}>
        <section className={css['card']}>
          <h2>Hand over doors</h2>
          {doorsInOrder(plan).length === 0 && <p>No doors yet.</p>}
          {doorsInOrder(plan).map((door) => (
            <div key={door.id}>
              <PackLink door={door}>
                {door.id} {door.name || 'Unnamed door'}, PDF
              </PackLink>
            </div>
          ))}
          {link(`${base}/wires.csv`, 'All wires as CSV (0.75, commas between)')}
          {link(`${base}/wires.csv?decimal=comma`, 'All wires as CSV (0,75, semicolons between)')}
        </section>
        <section className={css['card']}>
          <h2>Order list</h2>
          <p>
            Devices, cables by the metre, single wire, ferrules and caps of all doors, added up. What is
            assumed is in it as it is assumed.
          </p>
          {link(`${base}/order.csv`, 'Order list as CSV')}
          {link(`${base}/order.csv?decimal=comma`, 'Order list as CSV, semicolons between')}
        </section>
        <section className={css['card']}>
          <h2>Take the site out</h2>
          <p>An Aldaba file holds the whole site in plain JSON and can be taken in again without loss.</p>
          <label className={css['check']}>
            <input type="checkbox" checked={secrets} onChange={(event) => setSecrets(event.target.checked)} />
            With codes and keypad memories
          </label>
          {link(`${base}/export.json${secrets ? '?secrets=include' : ''}`, 'Site as Aldaba JSON', true)}
        </section>
        <Import />
        <NewSite count={sites.length} />
        <SiteDetails />
        <RemoveSite />
      </div>
      <ColourScheme />
    </>
  );
}

/** Says what a file holds before anything is taken in. */
function Import() {
  const [file, setFile] = useState<File | null>(null);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const [busy, setBusy] = useState(false);
  const send = async (chosen: File, dry: boolean) => {
    setBusy(true);
    try {
      const response = await fetch(`/api/import${dry ? '?dry=1' : ''}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: await chosen.text(),
      });
      const body = (await response.json()) as Answer;
      setAnswer(body);
      if (body.site) location.assign(`/s/${encodeURIComponent(body.site)}`);
    } catch {
      setAnswer({ error: { message: 'The server does not answer. Nothing was imported.' } });
    } finally {
      setBusy(false);
    }
  };
  const { summary, notes = [], error } = answer ?? {};
  return (
    <section className={css['card']}>
      <h2>Take a site in</h2>
      <p>
        Choose an Aldaba file: it is read and summed up first. It becomes a site of its own; nothing here is
        overwritten.
      </p>
      <input
        type="file"
        accept=".json,application/json"
        aria-label="Aldaba file"
        onChange={(event) => {
          const chosen = event.target.files?.[0] ?? null;
          setFile(chosen);
          setAnswer(null);
          if (chosen) void send(chosen, true);
        }}
      />
      {summary && (
        <>
          <p>
            <b>{summary.name}</b>: {summary.doors} doors, {summary.devices} devices, {summary.wires} wires,{' '}
            {summary.people} people ({summary.codes} with a code), {summary.keypads} keypad memories,{' '}
            {summary.readings} readings.
            {summary.exists && ' A site with this id is here already: the file comes in beside it.'}
          </p>
          {notes.length > 0 && (
            <>
              <p>Read otherwise than it is written:</p>
              <ul className={css['problems']} tabIndex={0} aria-label="Read otherwise">
                {notes.map(({ path, was, is }) => (
                  <li key={path}>
                    {path}: “{was}” {is === null ? 'is not used any more' : `is read as “${is}”`}
                  </li>
                ))}
              </ul>
            </>
          )}
          <Button look="main" disabled={busy || !file} onClick={() => file && void send(file, false)}>
            Take it in
          </Button>
        </>
      )}
      {error && (
        <div role="alert">
          <p className={css['bad']}>{error.message}</p>
          {error.problems && (
            <ul className={css['problems']} tabIndex={0} aria-label="Problems in the file">
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

function NewSite({ count }: { count: number }) {
  const [name, setName] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const make = async () => {
    const response = await fetch('/api/sites', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name, author: storedName() }),
    }).catch(() => null);
    const body = (await response?.json().catch(() => null)) as Answer | null;
    if (body?.site) location.assign(`/s/${encodeURIComponent(body.site)}`);
    else setProblem(body?.error?.message ?? 'The server does not answer. Nothing was made.');
  };
  return (
    <section className={css['card']}>
      <h2>Add a site</h2>
      <p>{count === 1 ? 'There is one site here.' : `There are ${count} sites here.`}</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() !== '') void make();
        }}
      >
        <TextField
          label="Name of the new site"
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
          error={problem}
        />
        <Button type="submit" disabled={name.trim() === ''}>
          Add it
        </Button>
      </form>
    </section>
  );
}

/** A site goes only after its name was typed, and a backup of everything is written first. */
function RemoveSite() {
  const { site } = usePlan();
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [backup, setBackup] = useState<string | null>(null);
  const remove = async () => {
    const response = await fetch(`/api/sites/${encodeURIComponent(site.id)}`, {
      method: 'DELETE',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: typed }),
    }).catch(() => null);
    const body = (await response?.json().catch(() => null)) as {
      backup?: string;
      error?: { message: string };
    } | null;
    if (body?.backup) setBackup(body.backup);
    else setProblem(body?.error?.message ?? 'The server does not answer. Nothing was removed.');
  };
  if (backup !== null) {
    return (
      <section className={css['card']} role="status">
        <h2>{site.name} is removed</h2>
        <p>
          Everything there was is in this file beside the server’s database, to be put back with “aldaba
          restore”:
        </p>
        <p className={css['path']}>{backup}</p>
        <p>
          <a href="/">Go to another site</a>
        </p>
      </section>
    );
  }
  return (
    <section className={css['card']}>
      <h2>Remove this site</h2>
      <p>Its doors, people, readings and log go with it. A backup of the whole database is written first.</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (typed.trim() === site.name.trim()) void remove();
        }}
      >
        <TextField
          label="Type the name of the site"
          value={typed}
          autoComplete="off"
          maxLength={200}
          onChange={(event) => {
            setTyped(event.target.value);
            setProblem(null);
          }}
          error={problem}
        />
        <Button type="submit" look="stop" disabled={typed.trim() !== site.name.trim()}>
          Remove it
        </Button>
      </form>
    </section>
  );
}
