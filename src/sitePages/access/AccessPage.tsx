import { say } from '#words/sitePages/access/AccessPage';
import { TabList, TabPanel, TabRoot } from '../../ui/Tabs';
import { useStoredView } from '../../parts/storedView';
import { usePlan } from '../../store/context';
import { later } from '../../parts/lazily';
import { People } from './People';
import { useNow } from '../../parts/moments/today';
import css from '../../parts/access/Access.module.css';

// Everything but the people is fetched when it is opened.
const Asked = later(() => import('./Asked').then((it) => it.Asked));
const Cards = later(() => import('./Cards').then((it) => it.Cards));
const Concerns = later(() => import('./Concerns').then((it) => it.Concerns));
const DaysOff = later(() => import('./DaysOff').then((it) => it.DaysOff));
const HoursView = later(() => import('../../parts/access/HoursView').then((it) => it.HoursView));
const Keypads = later(() => import('./Keypads').then((it) => it.Keypads));
const Levels = later(() => import('./Levels').then((it) => it.Levels));
const WeekView = later(() => import('../../parts/access/WeekView').then((it) => it.WeekView));

type View = 'people' | 'levels' | 'week' | 'hours' | 'days-off' | 'cards' | 'keypads';
const VIEWS: readonly { readonly id: View; readonly label: string }[] = [
  { id: 'people', label: say.people },
  { id: 'levels', label: say.levels },
  { id: 'week', label: say.week },
  { id: 'hours', label: say.hours },
  { id: 'days-off', label: say.daysOff },
  { id: 'cards', label: say.cards },
  { id: 'keypads', label: say.keypads },
];
/** Views that ask nothing about hours. */
const ALONE: ReadonlySet<View> = new Set(['people', 'cards', 'keypads']);
const IDS = VIEWS.map(({ id }) => id);

/** Who opens which doors and when: people, access levels, hours, days off, a week at a glance, and a question answered. */
export function AccessPage() {
  const [view, setView] = useStoredView<View>('access', 'people', IDS);
  const { people } = usePlan();
  const now = useNow();
  const asks = !ALONE.has(view) && Object.keys(people).length > 0;
  return (
    <TabRoot<View> value={view} onChange={setView} className={css['root']}>
      <TabList tabs={VIEWS} label={say.accessSeenAs} />
      <div className={asks ? css['desk'] : css['alone']}>
        <div className={css['main']}>
          <TabPanel id="people">
            <People />
          </TabPanel>
          <TabPanel id="levels">
            <Levels now={now} />
          </TabPanel>
          <TabPanel id="week">
            <WeekView now={now} />
          </TabPanel>
          <TabPanel id="hours">
            <HoursView />
          </TabPanel>
          <TabPanel id="days-off">
            <DaysOff />
          </TabPanel>
          <TabPanel id="cards">
            <Cards />
          </TabPanel>
          <TabPanel id="keypads">
            <Keypads />
          </TabPanel>
        </div>
        {asks && (
          <aside className={css['side']} aria-label={say.questionsAboutAccess}>
            {now && <Asked now={now} />}
            {now && <Concerns now={now} />}
          </aside>
        )}
      </div>
    </TabRoot>
  );
}
