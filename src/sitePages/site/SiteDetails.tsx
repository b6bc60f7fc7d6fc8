import { useState } from 'react';
import type { Region, Site } from '#core/plan/index';
import { REGIONS } from '#words/site';
import { say } from '#words/sitePages/site/SiteDetails';
import { SelectField, TextField } from '../../ui/Field';
import { useDispatch, usePlan } from '../../store/context';
import css from '../../parts/SitePages.module.css';

/** Texts about the site, with what they are called and what undo calls a change of one. */
const TEXTS = [
  { field: 'name', label: say.name, hint: '', most: 120 },
  { field: 'address', label: say.address, hint: '', most: 300 },
  { field: 'reference', label: say.jobNumber, hint: say.whichYouCustomerKnow, most: 80 },
  {
    field: 'company',
    label: say.company,
    hint: say.whoPlansInstallsHead,
    most: 200,
  },
  { field: 'contact', label: say.telephoneOrEMail, hint: '', most: 200 },
  { field: 'notes', label: say.notes, hint: '', most: 300 },
] as const;
type Text = (typeof TEXTS)[number];

/** What the site is called, where it is, who installs it, and by whose rules. */
export function SiteDetails() {
  const { site } = usePlan();
  const dispatch = useDispatch();
  return (
    <section className={css['card']}>
      <h2>{say.thisSite}</h2>
      <form onSubmit={(event) => event.preventDefault()}>
        {TEXTS.map((text) => (
          <SiteText key={`${text.field} ${site[text.field]}`} text={text} site={site} />
        ))}
        <SelectField
          label={say.region}
          hint={say.namesStandardsPackPoints}
          value={site.region}
          onChange={(event) =>
            dispatch(
              { kind: 'setSite', patch: { region: event.target.value as Region } },
              say.changeTheRegion,
            )
          }
        >
          {Object.entries(REGIONS).map(([id, { name }]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <TimeZone key={site.timeZone} site={site} />
      </form>
    </section>
  );
}

function SiteText({ text: { field, label, hint, most }, site }: { text: Text; site: Site }) {
  const dispatch = useDispatch();
  const [draft, setDraft] = useState(site[field]);
  const keep = () => {
    const text = draft.trim();
    // A site without a name cannot be told from another.
    if (text === site[field] || (field === 'name' && text === '')) return setDraft(site[field]);
    dispatch({ kind: 'setSite', patch: { [field]: text } }, say.change(label.toLowerCase()));
  };
  return (
    <TextField
      label={label}
      {...(hint ? { hint } : {})}
      value={draft}
      maxLength={most}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
    />
  );
}

/** Where the site's clocks are changed, by the IANA database. Another zone than one of it is refused and said. */
function TimeZone({ site }: { site: Site }) {
  const dispatch = useDispatch();
  const [draft, setDraft] = useState(site.timeZone);
  const [wrong, setWrong] = useState(false);
  // Filled when it is first needed: the server may know other zones than this machine.
  const [zones, setZones] = useState<readonly string[]>([]);
  const keep = async () => {
    const zone = draft.trim();
    if (zone === site.timeZone) return setWrong(false);
    const { isTimeZone } = await import('#core/access/clock');
    if (zone !== '' && !isTimeZone(zone)) return setWrong(true);
    setWrong(false);
    dispatch({ kind: 'setSite', patch: { timeZone: zone } }, say.changeTheTimeZone);
  };
  return (
    <>
      <TextField
        label={say.timeZone}
        hint={say.suchEuropeBerlinWhen}
        value={draft}
        maxLength={60}
        list="time-zones"
        onFocus={() => setZones(Intl.supportedValuesOf('timeZone'))}
        error={wrong ? say.noSuchTimeZone : null}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={() => void keep()}
        onKeyDown={(event) => event.key === 'Enter' && void keep()}
      />
      <datalist id="time-zones">
        {zones.map((zone) => (
          <option key={zone} value={zone} />
        ))}
      </datalist>
    </>
  );
}
