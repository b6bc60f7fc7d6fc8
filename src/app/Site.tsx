import { useEffect, useMemo, useState } from 'react';
import { doorsInOrder, findIn } from '#core/plan/index';
import { STATIONS } from '#core/checks/stations';
import type { DoorSummary, Judgement } from '#core/verdict/index';
import { say } from '#words/app/Site';
import { cx } from '../ui/cx';
import { Empty } from '../ui/Empty';
import { Boundary } from './Boundary';
import { DoorSheet } from './DoorSheet';
import { Ledger } from './frame/Ledger';
import { TopBar } from './frame/TopBar';
import { NetworkLine, NoCodesLine } from './frame/NetworkLine';
import { DamageLine } from './frame/DamageLine';
import { IncompleteContext, isIncomplete, type Rescue } from '../parts/rescue';
import { useDrawerFocus } from './frame/drawerFocus';
import { useFocusRule } from './frame/focusRule';
import { SkipLinks } from './frame/SkipLinks';
import { useShortcuts } from './frame/shortcuts';
import { useTypedAhead } from './frame/typedAhead';
import { VerdictMargin } from './frame/VerdictMargin';
import { HighlightContext, NavigationContext } from '../parts/navigation';
import { ProposalContext } from '../parts/proposal';
import { titleOf } from './title';
import { useSite, useStore } from '../store/context';
import { Alive } from './Alive';
import { SitePageView } from './SitePageView';
import css from './Site.module.css';
import { NoDoor } from './NoDoor';
import { SiteDialogs, type OpenDialog } from './SiteDialogs';
import { useJudged } from './useJudged';
import { useRoute } from './useRoute';
import { useServerEvents } from './useServerEvents';

interface Props {
  readonly sites: readonly { readonly id: string; readonly name: string }[];
  readonly path: string;
  readonly who: string;
  readonly revision: number;
  readonly summaries: readonly DoorSummary[];
  readonly judgement: Judgement | null;
  readonly rescue?: Rescue | null;
}

/** A site as it stands on the screen: bars, ledger, the view that is asked for, verdicts, bench. */
export function Site({ sites, path, who, revision, summaries: known, judgement, rescue = null }: Props) {
  const store = useStore();
  const { plan, version, codes, reachable, doors: whole } = useSite();
  const [route, go] = useRoute(plan.site.id, path);
  const [dialog, setDialog] = useState<OpenDialog>(null);
  const takeTyped = useTypedAhead(dialog === 'find', () => setDialog(null));
  const [drawer, setDrawer] = useState<'ledger' | 'verdicts' | null>(null);
  const [benchShown, setBenchShown] = useState(true);
  const [wireFocus, setWireFocus] = useState(0);
  const [lit, setLit] = useState<string | null>(null);
  const highlight = useMemo(() => ({ id: lit, point: setLit }), [lit]);

  const doors = doorsInOrder(plan);
  const wanted = route.kind === 'door' ? (route.door ?? doors[0]?.id ?? null) : null;
  const door = wanted === null ? undefined : findIn(plan.doors, wanted);
  const doorId = door?.id ?? null;
  const station = route.kind === 'door' ? route.station : 'wire';
  // What something is missing of is not judged, here or by the server.
  const incomplete = isIncomplete(rescue);
  const { verdict, failure, summaries, judged, causes, proposal } = useJudged(
    { revision, summaries: known, judgement },
    doorId,
    incomplete,
  );
  useServerEvents(store, plan.site.id);

  // What is asked for is not among what the page brought.
  const awaited = whole !== null && (route.kind === 'page' || (doorId !== null && !whole.includes(doorId)));
  useEffect(() => {
    if (awaited) void store.makeReady().then(() => store.complete());
  }, [awaited, store]);

  useEffect(() => setDrawer(null), [doorId, route]);
  const title = titleOf(route, plan.site.name, doorId);
  useEffect(() => {
    document.title = title;
  }, [title]);
  useFocusRule(`${title} ${plan.site.id}`);
  useDrawerFocus(drawer, () => setDrawer(null));

  const step = (by: number) => {
    const index = doors.findIndex(({ id }) => id === doorId);
    const next = doors[(index + by + doors.length) % Math.max(1, doors.length)];
    if (next) go({ kind: 'door', door: next.id, station });
  };
  const nextFinding = () => {
    const notes = [...document.querySelectorAll<HTMLElement>('[data-finding]')];
    const at = notes.indexOf(document.activeElement as HTMLElement);
    notes[(at + 1) % Math.max(1, notes.length)]?.focus();
  };
  useShortcuts({
    '/': () => setDialog('find'),
    '?': () => setDialog('keys'),
    '[': () => step(-1),
    ']': () => step(1),
    b: () => setBenchShown((shown) => !shown),
    w: () => {
      if (doorId === null) return;
      if (station !== 'wire') go({ kind: 'door', door: doorId, station: 'wire' });
      setWireFocus((count) => count + 1);
    },
    f: nextFinding,
    undo: () => store.undo(),
    redo: () => store.redo(),
    ...Object.fromEntries(
      STATIONS.map((one, index) => [
        String(index + 1),
        () => doorId !== null && go({ kind: 'door', door: doorId, station: one }),
      ]),
    ),
  });

  const lines = css[['', 'oneLine', 'twoLines'][(rescue ? 1 : 0) + (reachable && codes ? 0 : 1)]!];

  return (
    <NavigationContext value={go}>
      <HighlightContext value={highlight}>
        <ProposalContext value={proposal}>
          <IncompleteContext value={incomplete}>
            <div
              className={cx(css['frame'], route.kind === 'page' && css['plain'], lines)}
              data-saved={store.getState().status}
            >
              <SkipLinks />
              <p className="hush" role="status">
                {title}
              </p>
              <TopBar
                route={route}
                who={who}
                sites={sites}
                onFind={() => setDialog('find')}
                onShortcuts={() => setDialog('keys')}
                onName={() => setDialog('name')}
                onSessions={() => setDialog('sessions')}
                onLedger={() => setDrawer(drawer === 'ledger' ? null : 'ledger')}
              />
              {rescue && <DamageLine rescue={rescue} site={plan.site.id} />}
              {reachable ? !codes && <NoCodesLine /> : <NetworkLine />}
              <aside data-drawer="ledger" className={cx(css['ledger'], drawer === 'ledger' && css['open'])}>
                <Ledger door={doorId} station={station} summaries={summaries} />
              </aside>
              {awaited ? (
                <main className={css['main']} aria-busy>
                  <Empty title={say.fetchingRestSite}>{say.pageBroughtDoorAsked}</Empty>
                </main>
              ) : route.kind === 'page' ? (
                <main className={css['main']}>
                  <Boundary of={`${route.page} ${version}`} what={say.thisPage}>
                    <SitePageView page={route.page} sites={sites} summaries={summaries} />
                  </Boundary>
                </main>
              ) : door ? (
                <Boundary of={`${door.id} ${version}`}>
                  <DoorSheet
                    key={door.id}
                    door={door}
                    station={station}
                    verdict={verdict}
                    benchShown={benchShown}
                    wireFocus={wireFocus}
                    onVerdicts={() => setDrawer(drawer === 'verdicts' ? null : 'verdicts')}
                    margin={
                      <aside
                        data-drawer="verdicts"
                        className={cx(css['margin'], drawer === 'verdicts' && css['open'])}
                      >
                        <VerdictMargin
                          verdict={verdict}
                          causes={causes}
                          failure={failure}
                          door={door.id}
                          version={judged}
                        />
                      </aside>
                    }
                  />
                </Boundary>
              ) : (
                <main className={css['main']}>
                  <NoDoor missing={wanted} />
                  <Alive />
                </main>
              )}
              {drawer && (
                <button
                  type="button"
                  className={css['veil']}
                  aria-label={say.close}
                  onClick={() => setDrawer(null)}
                />
              )}
            </div>
          </IncompleteContext>
          <SiteDialogs open={dialog} onOpen={setDialog} door={doorId} takeTyped={takeTyped} />
        </ProposalContext>
      </HighlightContext>
    </NavigationContext>
  );
}
