import { useState } from 'react';
import Plus from 'lucide-react/icons/plus';
import { does } from '#core/devices/index';
import { doorParts } from '#core/door/index';
import { languageOf, type KeypadLanguage } from '#core/keypads/index';
import { peopleAt, type Device, type Door, type Person } from '#core/plan/index';
import { cardsWords } from '#words/cards';
import { say } from '#words/stations/program/ProgramStation';
import { CodesAway } from '../../parts/codes/CodesAway';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { TabList, TabPanel, TabRoot } from '../../ui/Tabs';
import type { Bench } from '../../parts/bench/useBench';
import { StationFrame } from '../../parts/StationFrame';
import { later } from '../../parts/lazily';
import { useStoredView } from '../../parts/storedView';
import { useDispatch, usePlan, useSite, useStore } from '../../store/context';
import { KeypadProgramming } from './KeypadProgramming';
import table from '../../ui/DataTable.module.css';
import css from './ProgramStation.module.css';

// What is not seen at once is fetched when it is opened.
const ControllerPanel = later(() => import('./ControllerPanel').then((it) => it.ControllerPanel));
const DoorHours = later(() => import('./DoorHours').then((it) => it.DoorHours));
const LanguageView = later(() => import('./LanguageView').then((it) => it.LanguageView));
const PersonDialog = later(() => import('./PersonDialog').then((it) => it.PersonDialog));

type View = 'sheet' | 'people' | 'hours' | 'language' | 'controller';
const TABS: readonly { readonly id: View; readonly label: string }[] = [
  { id: 'sheet', label: say.keySheet },
  { id: 'people', label: say.people },
  { id: 'hours', label: say.hours },
  { id: 'language', label: say.language },
  { id: 'controller', label: say.controller },
];
const IDS = TABS.map(({ id }) => id);

/** Who opens this door, and how that gets into what decides. */
export function ProgramStation({ door, bench }: { door: Door; bench: Bench }) {
  const { plan, complete } = useSite();
  const { decider } = doorParts(plan, door.id);
  const language = languageOf(plan, decider?.type.language);
  const keypad = language && decider ? decider.device : null;
  /** The keypad whose key sheet is worked off. */
  const [sheetOf, setSheetOf] = useState<string | null>(null);
  const atDoor = keypad !== null && sheetOf === keypad.id;
  const keepsList = decider !== null && !language && does(decider.type, 'clock');
  const tabs = TABS.filter(({ id }) =>
    id === 'sheet' || id === 'language' ? keypad !== null : id !== 'controller' || keepsList,
  );
  const [chosen, setView] = useStoredView<View>('program', 'sheet', IDS);
  const view = tabs.some(({ id }) => id === chosen) ? chosen : 'people';
  if (atDoor && keypad && language && complete)
    return (
      <StationFrame door={door}>
        <div className={css['program']}>
          <Programming
            door={door}
            keypad={keypad}
            language={language}
            bench={bench}
            atDoor
            onSheet={setSheetOf}
          />
        </div>
      </StationFrame>
    );
  return (
    <TabRoot<View> value={view} onChange={setView} className={css['root']}>
      <StationFrame door={door} tools={<TabList tabs={tabs} label={say.programSeenAs} />}>
        <div className={css['program']}>
          <TabPanel id="sheet">
            {keypad && language && !complete && <CodesAway className={css['note']} />}
            {keypad && language && complete && (
              <Programming
                door={door}
                keypad={keypad}
                language={language}
                bench={bench}
                atDoor={false}
                onSheet={setSheetOf}
              />
            )}
          </TabPanel>
          <TabPanel id="people">
            <People door={door} keypad={keypad} />
            {!decider && <Empty title={say.nothingToProgramYet}>{say.addControllerKeypadWire}</Empty>}
            {decider && !language && (
              <section>
                <h2>{say.holdsTheCardsItself(decider.device.tag)}</h2>
                <p className={css['note']}>{say.somebodyComesDoorBench(keepsList)}</p>
              </section>
            )}
          </TabPanel>
          <TabPanel id="hours">
            <DoorHours door={door} />
          </TabPanel>
          <TabPanel id="controller">
            {keepsList && <ControllerPanel door={door} controller={decider.device} />}
          </TabPanel>
          <TabPanel id="language">
            {keypad && language && <LanguageView keypad={keypad} language={language} />}
          </TabPanel>
        </div>
      </StationFrame>
    </TabRoot>
  );
}

interface ProgrammingProps {
  readonly door: Door;
  readonly keypad: Device;
  readonly language: KeypadLanguage;
  readonly bench: Bench;
  readonly atDoor: boolean;
  onSheet(keypad: string | null): void;
}

const Programming = ({ onSheet, ...props }: ProgrammingProps) => (
  <KeypadProgramming
    key={props.keypad.id}
    {...props}
    onAtDoor={(is) => onSheet(is ? props.keypad.id : null)}
  />
);

const mask = (code: string) => (code === '' ? '—' : '•'.repeat(code.length));

function People({ door, keypad }: { door: Door; keypad: Device | null }) {
  const plan = usePlan();
  const dispatch = useDispatch();
  const [open, setOpen] = useState<Person | 'new' | null>(null);
  const store = useStore();
  const [shown, setShown] = useState(false);
  const here = peopleAt(plan, door.id).sort((a, b) => a.name.localeCompare(b.name));
  const elsewhere = Object.values(plan.people).filter((person) => !here.includes(person));
  return (
    <section>
      <header className={css['head']}>
        <h2>{say.whoOpens(door.id)}</h2>
        <Button
          size="s"
          look="quiet"
          aria-pressed={shown}
          onClick={() => {
            if (!shown) store.note(say.codesOfShown(door.id));
            setShown(!shown);
          }}
          disabled={here.every((one) => one.code === '')}
        >
          {shown ? say.hideCodes : say.showCodes}
        </Button>
        <Button size="s" icon={<Plus aria-hidden />} onClick={() => setOpen('new')}>
          {say.addAPerson}
        </Button>
      </header>
      {here.length > 0 && (
        <table className={table['table']}>
          <caption className="hush">{say.whoOpensThisDoor}</caption>
          <thead>
            <tr>
              <th scope="col">{say.name}</th>
              {keypad && (
                <th scope="col" className={table['right']}>
                  {say.slot}
                </th>
              )}
              <th scope="col">{say.code}</th>
              <th scope="col">{say.card}</th>
              <th scope="col">{say.role}</th>
              <th scope="col">
                <span className="hush">{say.change}</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {here.map((person) => (
              <tr key={person.id}>
                <th scope="row">{person.name}</th>
                {keypad && (
                  <td className={`${table['right']} ${table['figures']}`}>
                    {person.slots[keypad.id] ?? '—'}
                  </td>
                )}
                <td className={table['figures']}>{shown ? person.code || '—' : mask(person.code)}</td>
                <td className={table['figures']}>{cardsWords(person.cards) || '—'}</td>
                <td>{person.role === 'administrator' ? say.administers : say.opensDoors}</td>
                <td className={css['acts']}>
                  <Button size="s" look="quiet" onClick={() => setOpen(person)}>
                    {say.change}
                  </Button>
                  <Button
                    size="s"
                    look="quiet"
                    onClick={() =>
                      dispatch(
                        {
                          kind: 'setPerson',
                          id: person.id,
                          patch: { doors: person.doors.filter((one) => one !== door.id) },
                        },
                        say.takeOff(person.name, door.id),
                        say.offKeypadHoldsCode(person.name, door.id),
                      )
                    }
                  >
                    {say.removeFrom(door.id)}
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {elsewhere.length > 0 && (
        <p className={css['others']}>
          {say.alsoOnSite}
          {elsewhere.map((person) => (
            <Button
              key={person.id}
              size="s"
              look="quiet"
              onClick={() =>
                dispatch(
                  { kind: 'setPerson', id: person.id, patch: { doors: [...person.doors, door.id] } },
                  say.letOpen(person.name, door.id),
                )
              }
            >
              + {person.name}
            </Button>
          ))}
        </p>
      )}
      {open && (
        <PersonDialog
          person={open === 'new' ? null : open}
          door={door}
          keypad={keypad}
          onClose={() => setOpen(null)}
        />
      )}
    </section>
  );
}
