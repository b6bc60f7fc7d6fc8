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
import { say } from '#words/sitePages/release/ReleasePage';
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
  { id: 'rooms', label: say.rooms },
  { id: 'zones', label: say.fireZones },
  { id: 'faults', label: say.faults },
  { id: 'doors', label: say.doors },
];

/** The site as a building: who gets out of which room, who gets in, what each fire zone releases, and what any fault makes of it. */
export function ReleasePage({ summaries }: { summaries: Readonly<Record<string, DoorSummary>> }) {
  const plan = usePlan();
  const reach = useReach(plan);
  // Where nobody has described rooms yet the list of doors tells more.
  const [view, setView] = useState<View>(() => (Object.keys(plan.spaces).length > 0 ? 'rooms' : 'doors'));
  if (doorsInOrder(plan).length === 0)
    return <Empty title={say.noDoorsYet}>{say.releasesStandsHereOnce}</Empty>;
  return (
    <TabRoot<View> value={view} onChange={setView} className={css['root']}>
      <TabList tabs={VIEWS} label={say.releaseSeenAs} />
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
        <Empty title={say.noRoomsYet}>{say.sayWhichRoomsBetween}</Empty>
      ) : (
        <>
          <div className={css['situations']} role="group" aria-label={say.situation}>
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
      <aside className={css['verdicts']} aria-label={say.verdictsOnTheSite}>
        <p role="alert">{say.lookingRoomsStumbledChange}</p>
      </aside>
    );
  return (
    <aside className={css['verdicts']} aria-label={say.verdictsOnTheSite} aria-busy={openings === null}>
      <h2>{found === null ? say.oneMoment : say.verdictsToSettle(found.toSettle)}</h2>
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
          <h3>{say.letsPeopleGoInto(door, spaceName(plan, space))}</h3>
          <p>{say.fireNobodyGetsWay}</p>
        </article>
      ))}
      {found && found.rooms > 0 && (
        <article className={css['fine']}>
          <h3>{found.left === found.rooms ? say.everybodyGetsOut : say.everybodyElseGetsOut}</h3>
          <p>{say.roomsEverySituationLooked(found.left, found.rooms)}</p>
        </article>
      )}
      {found && found.unproven.length > 0 && (
        <article className={css['unsure']}>
          <h3>{say.notProven(found.unproven.map((id) => spaceName(plan, id)).join(', '))}</h3>
          <p>{say.doorWayNotWhole}</p>
        </article>
      )}
      {graph.unsaid.length > 0 && graph.spaces.length > 0 && (
        <article className={css['unsure']}>
          <h3>{say.nobodySaidBetweenWhich(graph.unsaid.join(', '))}</h3>
          <p>{say.theyCountWallsUntil}</p>
        </article>
      )}
      {found?.breached.map(({ space, situations }) => (
        <article key={space} className={css['note']}>
          <h3>{say.canBeEnteredFromOutside(spaceName(plan, space))}</h3>
          <p>{say.everyDoorWayStands(situations.map((one) => siteSituationName(plan, one)).join('; '))}</p>
        </article>
      ))}
      {found?.allFailSafe && (
        <article className={css['note']}>
          <h3>{say.everyDoorOpensWhenDead}</h3>
          <p>{say.whoeverTakesPowerAway}</p>
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
        {asked === 'keep' ? say.opensAndMustNot : latch ? say.isNotHeldReleased : say.isNotReleased}
      </h3>
      <p>
        {asked === 'keep' ? say.relayZoneTripsLets : latch ? say.whenLineFirePanel : say.noneRelaysZoneTrips}
      </p>
      <Fixes fixes={fixes} />
    </article>
  );
}

function TrapCard({ trap, fixes }: { trap: Trap; fixes: readonly Fix[] | undefined }) {
  const plan = usePlan();
  return (
    <article className={css['stop']}>
      <h3>{say.nobodyLeaves(spaceName(plan, trap.space))}</h3>
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
  if (fixes === undefined) return <p>{say.wouldHelpBeingTried}</p>;
  if (fixes.length === 0) return <p>{say.noSingleChangeTried}</p>;
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
