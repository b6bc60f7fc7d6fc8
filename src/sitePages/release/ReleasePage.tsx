import { useMemo, useState } from 'react';
import { doorsInOrder, findIn } from '#core/plan/index';
import {
  graphOf,
  pictureOf,
  siteVerdicts,
  situationsShown,
  zoneCells,
  type Fix,
  type SiteSituation,
  type Trap,
  type ZoneCell,
} from '#core/reach/index';
import type { DoorSummary } from '#core/verdict/index';
import { LAW } from '#words/findings/index';
import { chainReason, chainTitle, fixWords, siteSituationName, spaceName, trapReason } from '#words/reach';
import { Button } from '../../ui/Button';
import { Empty } from '../../ui/Empty';
import { TabList, TabPanel, TabRoot } from '../../ui/Tabs';
import { useDispatch, usePlan } from '../../store/context';
import { DescribeRooms } from './DescribeRooms';
import { DoorsTable } from './DoorsTable';
import { RoomsPicture } from './RoomsPicture';
import { SiteFaults } from './SiteFaults';
import { useReach, type Reach } from './useReach';
import { Zones } from './Zones';
import css from './Release.module.css';

type View = 'rooms' | 'zones' | 'faults' | 'doors';
const VIEWS: readonly { readonly id: View; readonly label: string }[] = [
  { id: 'rooms', label: 'Rooms' },
  { id: 'zones', label: 'Fire zones' },
  { id: 'faults', label: 'Faults' },
  { id: 'doors', label: 'Doors' },
];

/** The site as a building: who gets out of which room, who gets in, what each fire zone releases, and what any fault makes of it. */
export function ReleasePage({ summaries }: { summaries: Readonly<Record<string, DoorSummary>> }) {
  const plan = usePlan();
  const reach = useReach(plan);
  // Where nobody has described rooms yet the list of doors tells more.
  const [view, setView] = useState<View>(() => (Object.keys(plan.spaces).length > 0 ? 'rooms' : 'doors'));
  if (doorsInOrder(plan).length === 0)
    return <Empty title="No doors yet">What releases what stands here once there are doors.</Empty>;
  return (
    <TabRoot<View> value={view} onChange={setView} className={css['root']}>
      <TabList tabs={VIEWS} label="Release, seen as" />
      <div className={css['desk']}>
        <div className={css['main']}>
          <TabPanel id="rooms">
            <Rooms reach={reach} />
          </TabPanel>
          <TabPanel id="zones">
            <Zones cells={reach.openings ? zoneCells(plan, reach.openings) : null} tree={reach.tree} />
          </TabPanel>
          <TabPanel id="faults">
            <SiteFaults reach={reach} />
          </TabPanel>
          <TabPanel id="doors">
            <DoorsTable summaries={summaries} />
          </TabPanel>
        </div>
        <Verdicts reach={reach} />
      </div>
    </TabRoot>
  );
}

function Rooms({ reach: { openings } }: { reach: Reach }) {
  const plan = usePlan();
  const graph = useMemo(() => graphOf(plan), [plan.spaces, plan.sides, plan.doors]);
  const [wanted, setWanted] = useState<SiteSituation>('rest');
  const situations = situationsShown(plan, openings);
  const situation = situations.includes(wanted) ? wanted : 'rest';
  const here = openings?.get(situation);
  const picture = useMemo(() => (here ? pictureOf(graph, here, situation) : null), [graph, here, situation]);
  return (
    <>
      {graph.spaces.length === 0 ? (
        <Empty title="No rooms yet">
          Say which rooms there are and between which of them each door stands: then Aldaba tells from which
          of them people get out, in every situation.
        </Empty>
      ) : (
        <>
          <div className={css['situations']} role="group" aria-label="Situation">
            {situations.map((one) => (
              <button
                key={one}
                type="button"
                aria-pressed={one === situation}
                className={css['situation']}
                onClick={() => setWanted(one)}
              >
                {siteSituationName(plan, one)}
              </button>
            ))}
          </div>
          <RoomsPicture graph={graph} picture={picture} title={siteSituationName(plan, situation)} />
        </>
      )}
      <DescribeRooms graph={graph} />
    </>
  );
}

/** What stands against the building, and what holds. */
function Verdicts({ reach }: { reach: Reach }) {
  const plan = usePlan();
  const { openings, traps, tree, fixes, stumbled } = reach;
  const graph = useMemo(() => graphOf(plan), [plan.spaces, plan.sides, plan.doors]);
  const found = useMemo(
    () => (openings ? siteVerdicts(plan, graph, openings, traps, tree) : null),
    [openings, traps, tree, graph, plan.zones],
  );
  if (stumbled)
    return (
      <aside className={css['verdicts']} aria-label="Verdicts on the site">
        <p role="alert">Looking at the rooms stumbled. Change anything, or load the page anew.</p>
      </aside>
    );
  return (
    <aside className={css['verdicts']} aria-label="Verdicts on the site" aria-busy={openings === null}>
      <h2>{found === null ? 'One moment…' : `Verdicts: ${found.toSettle} to settle`}</h2>
      {traps.map((trap) => (
        <TrapCard key={trap.space} trap={trap} fixes={fixes.get(trap.space)} />
      ))}
      {found?.zones.map((cell) => (
        <ZoneCard
          key={`${cell.zone} ${cell.door}`}
          cell={cell}
          fixes={fixes.get(`${cell.zone} ${cell.door}`)}
        />
      ))}
      {found?.chains.map((chain) => (
        <article key={chain.relay} className={css[chain.failsOpen ? 'note' : 'stop']}>
          <h3>{chainTitle(chain)}</h3>
          <p>{chainReason(plan, chain)}</p>
        </article>
      ))}
      {found?.nowhere.map(({ door, space }) => (
        <article key={`${door} ${space}`} className={css['stop']}>
          <h3>
            {door} lets people go into {spaceName(plan, space)}
          </h3>
          <p>In a fire nobody gets on from there: a way out ends behind this door.</p>
        </article>
      ))}
      {found && found.rooms > 0 && (
        <article className={css['fine']}>
          <h3>{found.left === found.rooms ? 'Everybody gets out' : 'Everybody else gets out'}</h3>
          <p>
            {found.left} of {found.rooms} rooms, in every situation that is looked at.
          </p>
        </article>
      )}
      {found && found.unproven.length > 0 && (
        <article className={css['unsure']}>
          <h3>Not proven: {found.unproven.map((id) => spaceName(plan, id)).join(', ')}</h3>
          <p>A door on the way is not whole yet, or its plan does not say enough.</p>
        </article>
      )}
      {graph.unsaid.length > 0 && graph.spaces.length > 0 && (
        <article className={css['unsure']}>
          <h3>{graph.unsaid.join(', ')}: nobody has said between which rooms</h3>
          <p>They count as walls until then.</p>
        </article>
      )}
      {found?.breached.map(({ space, situations }) => (
        <article key={space} className={css['note']}>
          <h3>{spaceName(plan, space)} can be entered from outside</h3>
          <p>
            {situations.map((one) => siteSituationName(plan, one)).join('; ')}: every door on the way stands
            open then.
          </p>
        </article>
      ))}
      {found?.allFailSafe && (
        <article className={css['note']}>
          <h3>Every door opens when dead</h3>
          <p>
            Whoever takes the power away walks through the whole site: ask which door must stay shut then.
          </p>
        </article>
      )}
      <p className={css['law']}>{LAW}</p>
    </aside>
  );
}

function ZoneCard({ cell, fixes }: { cell: ZoneCell; fixes: readonly Fix[] | undefined }) {
  const plan = usePlan();
  const { zone, door, asked, opening } = cell;
  const name = findIn(plan.zones, zone)?.name ?? zone;
  const latch = asked === 'release' && opening.out === 'free';
  return (
    <article className={css['stop']}>
      <h3>
        {name}: {door}{' '}
        {asked === 'keep' ? 'opens, and must not' : latch ? 'is not held released' : 'is not released'}
      </h3>
      <p>
        {asked === 'keep'
          ? 'A relay that this zone trips lets it go.'
          : latch
            ? 'When the line of the fire panel burns through the lock holds again.'
            : 'None of the relays that this zone trips frees it, or it asks for an act all the same.'}
      </p>
      <Fixes fixes={fixes} />
    </article>
  );
}

function TrapCard({ trap, fixes }: { trap: Trap; fixes: readonly Fix[] | undefined }) {
  const plan = usePlan();
  return (
    <article className={css['stop']}>
      <h3>Nobody leaves: {spaceName(plan, trap.space)}</h3>
      <p>
        {trap.situations.map((one) => siteSituationName(plan, one)).join('; ')}. {trapReason(trap)}.
      </p>
      <Fixes fixes={fixes} />
    </article>
  );
}

/** What would help, tried by the engine before it is offered. */
function Fixes({ fixes }: { fixes: readonly Fix[] | undefined }) {
  const dispatch = useDispatch();
  if (fixes === undefined) return <p>What would help is being tried…</p>;
  if (fixes.length === 0)
    return <p>No single change that was tried helps: it takes another door, or another lock.</p>;
  return fixes.map((fix) => (
    <Button
      key={`${fix.door} ${fix.what} ${fix.code}`}
      look="stop"
      size="s"
      onClick={() => dispatch(fix.edit, fixWords(fix).toLowerCase())}
    >
      {fixWords(fix)}
    </Button>
  ));
}
