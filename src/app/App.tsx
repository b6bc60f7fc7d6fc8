import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { know, type DeviceType } from '#core/devices/index';
import type { Cause } from '#core/causes/index';
import { doorsInOrder, findIn, type DoorId, type Plan } from '#core/plan/index';
import { STATIONS } from '#core/checks/stations';
import type { DoorSummary, Judgement } from '#core/verdict/index';
import { Button } from '../ui/Button';
import { cx } from '../ui/cx';
import { Empty } from '../ui/Empty';
import { Boundary } from './Boundary';
import { DoorSheet } from './DoorSheet';
import type { FindDialog } from './frame/FindDialog';
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
import { useAddDoor } from '../parts/doors';
import { HighlightContext, NavigationContext } from '../parts/navigation';
import { ProposalContext } from '../parts/proposal';
import { preload } from './preload';
import { titleOf } from './title';
import { parseRoute, routePath, type Route } from '../parts/route';
import { storedName } from '../parts/settings';
import { StoreProvider, useSite, useStore } from '../store/context';
import { SiteStore } from '../store/siteStore';
import { useCauses } from '../store/useCauses';
import { useSummaries } from '../store/useSummaries';
import { browserTabKeep } from '../store/tabKeep';
import { useVerdicts } from '../store/useVerdicts';
import { Alive } from './Alive';
import { SitePageView } from './SitePageView';
import type { Told } from './Toasts';
import css from './App.module.css';

const UndoDialog = lazy(async () => ({ default: (await import('./frame/UndoDialog')).UndoDialog }));
const ShortcutsDialog = lazy(async () => ({
  default: (await import('./frame/SmallDialogs')).ShortcutsDialog,
}));
const NameDialog = lazy(async () => ({ default: (await import('./frame/SmallDialogs')).NameDialog }));
const SessionsDialog = lazy(async () => ({
  default: (await import('./frame/SessionsDialog')).SessionsDialog,
}));
const Toasts = lazy(async () => ({ default: (await import('./Toasts')).Toasts }));

interface Props {
  readonly plan: Plan;
  /** Doors that are whole in the plan; null where it is all of the site. */
  readonly doors: readonly DoorId[] | null;
  /** Types of the library that the plan uses: the library itself comes a moment later. */
  readonly types: readonly DeviceType[];
  readonly revision: number;
  readonly sites: readonly { readonly id: string; readonly name: string }[];
  readonly summaries: readonly DoorSummary[];
  /** Verdict of the door that the page opens on; null where it opens on none. */
  readonly judgement: Judgement | null;
  readonly path: string;
  /** Who signed in; empty on a server that only this machine reaches. */
  readonly who: string;
  /** False for somebody whose passphrase does not show codes. */
  readonly codes?: boolean;
  /** What is left of the site where the database file is damaged. */
  readonly rescue?: Rescue | null;
}

/** The whole application for one site. */
export function App({ plan, types, doors, revision, path, who, codes = true, ...given }: Props) {
  know(types);
  const [told, setTold] = useState<Told | null>(null);
  const store = useMemo(
    () =>
      new SiteStore({
        plan,
        revision,
        complete: false,
        codes,
        doors,
        admission: () => import('#core/admission/index'),
        ...(tab ? { keep: tab.keep, left: tab.left } : {}),
        author: () => who || storedName(),
        tell: (text, takeBack) => setTold({ text, takeBack }),
      }),
    [plan, doors, revision, who, codes],
  );
  return (
    <StoreProvider store={store}>
      <Site {...given} revision={revision} path={path} who={who} />
      {told && (
        <Suspense>
          <Toasts told={told} />
        </Suspense>
      )}
    </StoreProvider>
  );
}

/** What this tab has not saved outlives it. */
const tab = browserTabKeep();

/** The view that the page opens on is on its way before anything of the page comes alive. */
if (typeof location !== 'undefined') {
  const opened = parseRoute(location.pathname.split('/').slice(3).join('/'));
  if (opened) void preload(opened);
}

const HOME: Route = { kind: 'door', door: null, station: 'wire' };

/** Where the browser is, kept in the address bar. */
function useRoute(site: string, path: string): [Route, (route: Route) => void] {
  const [route, setRoute] = useState<Route>(() => parseRoute(path) ?? HOME);
  useEffect(() => {
    const back = () => {
      const [, , , ...rest] = location.pathname.split('/');
      setRoute(parseRoute(rest.join('/')) ?? HOME);
    };
    // A page that was kept in the browser is the same for every address of its site.
    if (location.pathname !== routePath(site, parseRoute(path) ?? HOME)) back();
    window.addEventListener('popstate', back);
    return () => window.removeEventListener('popstate', back);
  }, [site, path]);
  const go = useCallback(
    (next: Route) => {
      history.pushState(null, '', routePath(site, next));
      setRoute(next);
    },
    [site],
  );
  return [route, go];
}

function Site({
  sites,
  path,
  who,
  revision,
  summaries: known,
  judgement,
  rescue = null,
}: Omit<Props, 'plan' | 'types' | 'doors'>) {
  const store = useStore();
  const { plan, version, complete, codes, ready, reachable, asking, doors: whole } = useSite();
  const [route, go] = useRoute(plan.site.id, path);
  const [finding, setFinding] = useState(false);
  const [Find, setFind] = useState<typeof FindDialog | null>(null);
  // Fetched as soon as edits can be made; what is typed before it is there is kept for it.
  useEffect(() => {
    if (ready || finding) void import('./frame/FindDialog').then((it) => setFind(() => it.FindDialog));
  }, [ready, finding]);
  const takeTyped = useTypedAhead(finding, () => setFinding(false));
  const [keys, setKeys] = useState(false);
  const [naming, setNaming] = useState(false);
  const [signedIn, setSignedIn] = useState(false);
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
  const [given] = useState(() => ({ revision, summaries: known, judgement, doors: plan.doors }));
  // What something is missing of is not judged, here or by the server.
  const incomplete = isIncomplete(rescue);
  const judging = useVerdicts(
    plan,
    version,
    { complete, alone: !reachable && whole === null, revision: store.revision },
    doorId,
    given,
  );
  const { version: judged, summaries: worked } = judging;
  const verdict = incomplete ? null : judging.verdict;
  const failure = incomplete ? 'the database file is damaged, and something is missing' : judging.failure;
  // What the page did not know the server goes on judging; what this tab has worked out is newer.
  const filled = useSummaries(
    plan.site.id,
    !incomplete && given.summaries.length < Object.keys(given.doors).length,
  );
  const summaries = useMemo(
    () => (incomplete ? {} : { ...Object.fromEntries(filled.map((one) => [one.door, one])), ...worked }),
    [filled, worked, incomplete],
  );
  // What stands against the door as it is now; an older verdict is not asked about.
  const against = !incomplete && complete && judged === version && (verdict?.summary.toSettle ?? 0) > 0;
  const causes = useCauses(plan, version, doorId, against);
  const [shown, setShown] = useState<{ cause: Cause | null; key: string }>({ cause: null, key: '' });
  const causeKey = `${doorId ?? ''} ${version}`;
  const proposal = useMemo(
    () => ({
      cause: shown.key === causeKey ? shown.cause : null,
      show: (cause: Cause | null) => setShown({ cause, key: causeKey }),
    }),
    [shown, causeKey],
  );

  useEffect(() => {
    const leaving = (event: BeforeUnloadEvent) => {
      // The browser asks before a tab with unsaved work closes.
      if (store.isUnsaved()) event.preventDefault();
    };
    window.addEventListener('beforeunload', leaving);
    const events = new EventSource(`/api/sites/${encodeURIComponent(plan.site.id)}/events`);
    events.addEventListener('message', ({ data }) => store.catchUp(Number(data)));
    events.addEventListener('open', () => store.reach(true));
    // An answer that is an error ends the stream; without any it is tried again.
    events.addEventListener('error', () => events.readyState !== EventSource.CLOSED && store.reach(false));
    // A stream does not notice that the phone has left the network; the browser does.
    const [lost, back] = [() => store.reach(false), () => store.reach(true)];
    window.addEventListener('offline', lost);
    window.addEventListener('online', back);
    return () => {
      events.close();
      window.removeEventListener('offline', lost);
      window.removeEventListener('online', back);
      window.removeEventListener('beforeunload', leaving);
      store.close();
    };
  }, [store, plan.site.id]);

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
    '/': () => setFinding(true),
    '?': () => setKeys(true),
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
                onFind={() => setFinding(true)}
                onShortcuts={() => setKeys(true)}
                onName={() => setNaming(true)}
                onSessions={() => setSignedIn(true)}
                onLedger={() => setDrawer(drawer === 'ledger' ? null : 'ledger')}
              />
              {rescue && <DamageLine rescue={rescue} site={plan.site.id} />}
              {reachable ? !codes && <NoCodesLine /> : <NetworkLine />}
              <aside data-drawer="ledger" className={cx(css['ledger'], drawer === 'ledger' && css['open'])}>
                <Ledger door={doorId} station={station} summaries={summaries} />
              </aside>
              {awaited ? (
                <main className={css['main']} aria-busy>
                  <Empty title="Fetching the rest of the site">
                    The page brought the door that was asked for. The others are on their way.
                  </Empty>
                </main>
              ) : route.kind === 'page' ? (
                <main className={css['main']}>
                  <Boundary of={`${route.page} ${version}`} what="This page">
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
                  aria-label="Close"
                  onClick={() => setDrawer(null)}
                />
              )}
            </div>
          </IncompleteContext>
          {Find && (
            <Find
              open={finding}
              onOpenChange={setFinding}
              door={doorId}
              takeTyped={takeTyped}
              onKeys={() => setKeys(true)}
            />
          )}
          <Suspense>
            {keys && <ShortcutsDialog open onOpenChange={setKeys} />}
            {naming && <NameDialog open onOpenChange={setNaming} />}
            {signedIn && <SessionsDialog onClose={() => setSignedIn(false)} />}
            {asking && <UndoDialog />}
          </Suspense>
        </ProposalContext>
      </HighlightContext>
    </NavigationContext>
  );
}

/** An empty site leads to its first door in one step. */
function NoDoor({ missing }: { missing: string | null }) {
  const { plan } = useSite();
  const add = useAddDoor();
  const first = useRef<HTMLButtonElement>(null);
  // There is nothing else to do here: whoever goes by keyboard stands on it.
  useEffect(() => {
    if (document.activeElement === document.body) first.current?.focus();
  }, []);
  if (missing !== null) {
    return (
      <Empty title={`There is no door ${missing}`}>
        It may have been removed. Choose another from the ledger.
      </Empty>
    );
  }
  return (
    <Empty
      title={`${plan.site.name} has no doors yet`}
      action={
        <Button look="main" size="l" ref={first} data-start onClick={add}>
          Plan the first door
        </Button>
      }
    >
      Brief a door, choose its hardware, and Aldaba wires it, proves what it does in every situation, and
      prints the pack to hand over.
    </Empty>
  );
}
