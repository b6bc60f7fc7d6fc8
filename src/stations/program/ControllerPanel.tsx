import { useEffect, useMemo, useState } from 'react';
import {
  configurationDifferences,
  configurationOf,
  decidedBy,
  type Arrives,
  type Configuration,
  type Decision,
} from '#core/access/index';
import { frameOf } from '#core/cards/index';
import { cardsInUse, findIn, formatsOf, type Device, type Door, type Plan } from '#core/plan/index';
import { configurationDifferenceWords, decisionWords } from '#words/judged';
import { say } from '#words/stations/program/ControllerPanel';
import { CodesAway } from '../../parts/codes/CodesAway';
import { Button } from '../../ui/Button';
import { SelectField } from '../../ui/Field';
import { MomentFields } from '../../parts/moments/MomentFields';
import { wallNow } from '../../parts/moments/today';
import { useSite } from '../../store/context';
import { askIt, readBack, sendTo, setNetwork, type ControllerState } from './controllerServer';
import css from './ControllerPanel.module.css';

/** What a controller is to hold, and what a simulated one does hold: sent, read back, compared, and asked with its network lost. */
export function ControllerPanel({ door, controller }: { door: Door; controller: Device }) {
  const { plan, complete } = useSite();
  const site = plan.site.id;
  const wanted = useMemo(
    () => (complete ? configurationOf(plan, controller.id) : null),
    [plan, controller.id, complete],
  );
  const [state, setState] = useState<ControllerState | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const read = async () => {
    const answer = await readBack(site, controller.id);
    if (typeof answer === 'string') setTrouble(answer);
    else {
      setTrouble(null);
      setState(answer);
    }
  };
  const doing = async (what: () => Promise<unknown>) => {
    setBusy(true);
    const answer = await what();
    await read();
    if (typeof answer === 'string') setTrouble(answer);
    setBusy(false);
  };
  useEffect(() => void read(), [site, controller.id]);
  if (!complete) return <CodesAway />;
  if (wanted === null) return <p>{say.keepsNoListPeople(controller.tag)}</p>;
  const lost = state?.network === 'lost';
  const held = state?.configuration ?? null;
  const differences = held ? configurationDifferences(wanted, held) : [];
  return (
    <section className={css['controller']} aria-label={say.whatHolds(controller.tag)}>
      <header>
        <h2>{say.simulated(controller.tag)}</h2>
        <p>{say.noDeviceRealSite(decidedBy(plan, controller.id).join(', '))}</p>
      </header>
      <p className={css['state']} role="status" data-right={held !== null && differences.length === 0}>
        {trouble ??
          (state === null
            ? say.itIsBeingAsked
            : lost
              ? say.networkLostNotReached
              : held === null
                ? say.nothingBeenSentYet
                : differences.length === 0
                  ? say.holdsHoldPeopleLevels(wanted.people.length, wanted.levels.length)
                  : say.itHoldsSomethingElseIn(differences.length))}
      </p>
      {differences.length > 0 && (
        <ul>
          {differences.slice(0, 30).map((one) => (
            <li key={`${one.part} ${one.id} ${one.how}`}>{configurationDifferenceWords(one)}</li>
          ))}
          {differences.length > 30 && <li>{say.andMore(differences.length - 30)}</li>}
        </ul>
      )}
      <p className={css['acts']}>
        <Button
          look="main"
          disabled={busy}
          onClick={() => void doing(() => sendTo(site, controller.id, wanted))}
        >
          {say.sendTheList}
        </Button>
        <Button disabled={busy} onClick={() => void doing(async () => null)}>
          {say.readBackAndCompare}
        </Button>
        <Button
          look="quiet"
          disabled={busy || state === null}
          aria-pressed={lost}
          onClick={() => void doing(() => setNetwork(site, controller.id, lost ? 'up' : 'lost'))}
        >
          {lost ? say.putItsNetworkBack : say.cutItsNetwork}
        </Button>
      </p>
      <AskIt door={door} controller={controller} plan={plan} wanted={wanted} />
    </section>
  );
}

interface AskProps {
  readonly door: Door;
  readonly controller: Device;
  readonly plan: Plan;
  readonly wanted: Configuration;
}

/** Somebody holds a card to its reader: the stand-in decides from what it holds, whatever the plan says by now. */
function AskIt({ door, controller, plan, wanted }: AskProps) {
  const people = Object.values(plan.people).sort((a, b) => a.name.localeCompare(b.name));
  const [who, setWho] = useState('');
  const [at, setAt] = useState(wallNow);
  const [answer, setAnswer] = useState<Decision | null | string | undefined>(undefined);
  const person = findIn(plan.people, who) ?? people.find((one) => cardsInUse(one).length > 0) ?? people[0];
  if (!person) return null;
  const [card] = cardsInUse(person);
  const format = card && formatsOf(plan).find(({ id }) => id === card.format);
  const bits = card && format ? frameOf(format, card) : null;
  const arrives: Arrives | null =
    bits !== null ? { bits } : person.code !== '' ? { code: person.code } : null;
  const ask = async () => {
    if (!arrives) return;
    const said = await askIt(plan.site.id, controller.id, door.id, arrives, at);
    setAnswer(typeof said === 'string' ? said : said.decision);
  };
  return (
    <form
      className={css['ask']}
      aria-label={say.ask(controller.tag)}
      onSubmit={(event) => {
        event.preventDefault();
        void ask();
      }}
    >
      <SelectField
        label={say.somebodyComes}
        value={person.id}
        onChange={({ target }) => {
          setWho(target.value);
          setAnswer(undefined);
        }}
      >
        {people.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </SelectField>
      <MomentFields at={at} onChange={setAt} />
      <Button type="submit" disabled={!arrives}>
        {say.askIt}
      </Button>
      <p role="status">
        {answer === undefined
          ? arrives
            ? ''
            : say.neitherCardNorCode(person.name)
          : answer === null
            ? say.holdsNothingNobodyLet
            : typeof answer === 'string'
              ? answer
              : decisionWords(plan, wanted, answer)}
      </p>
    </form>
  );
}
