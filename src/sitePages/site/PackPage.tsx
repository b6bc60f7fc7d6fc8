import { useState } from 'react';
import Download from 'lucide-react/icons/download';
import { doorsInOrder } from '#core/plan/index';
import { say } from '#words/sitePages/site/PackPage';
import { Button } from '../../ui/Button';
import { TextField } from '../../ui/Field';
import { cx } from '../../ui/cx';
import buttons from '../../ui/Button.module.css';
import { storedName } from '../../parts/settings';
import { PackLink } from '../../parts/PackLink';
import { usePlan } from '../../store/context';
import { ColourScheme } from './ColourScheme';
import { ImportSite } from './ImportSite';
import { RegionTable } from './RegionTable';
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
          <h2>{say.handOverDoors}</h2>
          {doorsInOrder(plan).length === 0 && <p>{say.noDoorsYet}</p>}
          {doorsInOrder(plan).map((door) => (
            <div key={door.id}>
              <PackLink door={door}>{say.pdf(door.id, door.name || say.unnamedDoor)}</PackLink>
            </div>
          ))}
          {link(`${base}/wires.csv`, say.allWiresCsv0)}
          {link(`${base}/wires.csv?decimal=comma`, say.allWiresCsv02)}
        </section>
        <section className={css['card']}>
          <h2>{say.orderList}</h2>
          <p>{say.devicesCablesMetreSingle}</p>
          {link(`${base}/order.csv`, say.orderListAsCsv)}
          {link(`${base}/order.csv?decimal=comma`, say.orderListCsvSemicolons)}
        </section>
        <section className={css['card']}>
          <h2>{say.takeTheSiteOut}</h2>
          <p>{say.aldabaFileHoldsWhole}</p>
          <label className={css['check']}>
            <input type="checkbox" checked={secrets} onChange={(event) => setSecrets(event.target.checked)} />
            {say.withCodesAndKeypadMemories}
          </label>
          {link(`${base}/export.json${secrets ? '?secrets=include' : ''}`, say.siteAsAldabaJson, true)}
        </section>
        <ImportSite />
        <NewSite count={sites.length} />
        <SiteDetails />
        <RemoveSite />
      </div>
      <RegionTable />
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
    else setProblem(body?.error?.message ?? say.serverDoesNotAnswer);
  };
  return (
    <section className={css['card']}>
      <h2>{say.addASite}</h2>
      <p>{count === 1 ? say.thereIsOneSiteHere : say.thereAreSitesHere(count)}</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (name.trim() !== '') void make();
        }}
      >
        <TextField
          label={say.nameOfTheNewSite}
          value={name}
          maxLength={120}
          onChange={(event) => setName(event.target.value)}
          error={problem}
        />
        <Button type="submit" disabled={name.trim() === ''}>
          {say.addIt}
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
    else setProblem(body?.error?.message ?? say.serverDoesNotAnswer2);
  };
  if (backup !== null) {
    return (
      <section className={css['card']} role="status">
        <h2>{say.isRemoved(site.name)}</h2>
        <p>{say.everythingFileBesideServers}</p>
        <p className={css['path']}>{backup}</p>
        <p>
          <a href="/">{say.goToAnotherSite}</a>
        </p>
      </section>
    );
  }
  return (
    <section className={css['card']}>
      <h2>{say.removeThisSite}</h2>
      <p>{say.doorsPeopleReadingsLog}</p>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (typed.trim() === site.name.trim()) void remove();
        }}
      >
        <TextField
          label={say.typeNameSite}
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
          {say.removeIt}
        </Button>
      </form>
    </section>
  );
}
