import { useState } from 'react';
import Download from 'lucide-react/icons/download';
import { doorsInOrder } from '#core/plan/index';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { cx } from '../../ui/cx';
import buttons from '../../ui/Button.module.css';
import { storedName } from '../../parts/settings';
import { PackLink } from '../../parts/PackLink';
import { usePlan } from '../../store/context';
import { ColourScheme } from './ColourScheme';
import { ImportSite } from './ImportSite';
import { SiteDetails } from './SiteDetails';
import css from '../../parts/SitePages.module.css';

/** What the server answers to a new site. */
interface Answer {
  readonly site?: string;
  readonly error?: { readonly message: string };
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
        <ImportSite />
        <NewSite count={sites.length} />
        <SiteDetails />
        <RemoveSite />
      </div>
      <ColourScheme />
    </>
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
