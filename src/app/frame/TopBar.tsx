import Search from 'lucide-react/icons/search';
import Settings2 from 'lucide-react/icons/settings-2';
import Undo2 from 'lucide-react/icons/undo-2';
import Redo2 from 'lucide-react/icons/redo-2';
import { say } from '#words/app/frame/TopBar';
import { cx } from '../../ui/cx';
import { Knocker } from '../../ui/glyphs';
import { Kbd } from '../../ui/Kbd';
import { Menu } from '../../ui/Menu';
import { PAGE_NAMES, routePath, SITE_PAGES, type Route } from '../../parts/route';
import { useNavigate } from '../../parts/navigation';
import { applyTheme, type Theme } from '../../parts/settings';
import { useSite, useStore } from '../../store/context';
import { SaveStatus } from './SaveStatus';
import css from './TopBar.module.css';

interface Props {
  readonly route: Route;
  /** Who signed in; empty where nobody has to. */
  readonly who: string;
  readonly sites: readonly { readonly id: string; readonly name: string }[];
  onFind(): void;
  onShortcuts(): void;
  onName(): void;
  onSessions(): void;
  onLedger(): void;
}

/** Ends the session; the sign-in page follows. */
function signOut(): void {
  void fetch('/api/sign-out', { method: 'POST' }).finally(() => location.assign('/sign-in'));
}

export function TopBar({ route, who, sites, onFind, onShortcuts, onName, onSessions, onLedger }: Props) {
  const store = useStore();
  const { plan, canUndo, canRedo } = useSite();
  const go = useNavigate();
  const { id, units } = plan.site;
  const theme = (to: Theme, label: string) => ({ id: `theme-${to}`, label, onSelect: () => applyTheme(to) });
  const link = (to: Route, label: string, on: boolean) => (
    <a
      key={label}
      href={routePath(id, to)}
      className={cx(on && css['on'])}
      aria-current={on ? 'page' : undefined}
      onClick={(event) => {
        if (event.metaKey || event.ctrlKey) return;
        event.preventDefault();
        go(to);
      }}
    >
      {label}
    </a>
  );
  return (
    <header className={css['top']}>
      <a className={css['mark']} href={routePath(id, { kind: 'door', door: null, station: 'wire' })}>
        <Knocker />
        {say.aldaba}
      </a>
      <Menu
        label={say.sites}
        trigger={
          <button type="button" className={css['site']}>
            {plan.site.name}
          </button>
        }
        items={[
          ...sites.map((site) => ({
            id: site.id,
            label: site.id === id ? plan.site.name : site.name,
            checked: site.id === id,
            onSelect: () => location.assign(`/s/${encodeURIComponent(site.id)}`),
          })),
          { id: 'new', label: say.addOrImportASite, onSelect: () => go({ kind: 'page', page: 'pack' }) },
        ]}
      />
      <nav className={css['nav']} aria-label={say.site}>
        {link(
          { kind: 'door', door: null, station: 'wire' },
          say.doors,
          route.kind === 'door' || route.page === 'doors',
        )}
        {SITE_PAGES.filter((page) => page !== 'doors').map((page) =>
          link({ kind: 'page', page }, PAGE_NAMES[page], route.kind === 'page' && route.page === page),
        )}
      </nav>
      <button type="button" className={cx(css['icon'], css['narrow'])} onClick={onLedger}>
        {say.doors}
      </button>
      <button type="button" className={css['find']} onClick={onFind}>
        <Search size={14} aria-hidden />
        <span>{say.findDoorWirePerson}</span>
        <Kbd>/</Kbd>
      </button>
      <span className={css['steps']}>
        <button
          type="button"
          className={css['icon']}
          disabled={!canUndo}
          title={canUndo ? say.undo(canUndo) : say.nothingToUndo}
          aria-label={say.undo2}
          onClick={() => store.undo()}
        >
          <Undo2 size={16} aria-hidden />
        </button>
        <button
          type="button"
          className={css['icon']}
          disabled={!canRedo}
          title={canRedo ? say.redo(canRedo) : say.nothingToRedo}
          aria-label={say.redo2}
          onClick={() => store.redo()}
        >
          <Redo2 size={16} aria-hidden />
        </button>
      </span>
      <SaveStatus />
      <Menu
        label={say.settings}
        trigger={
          <button type="button" className={css['icon']} aria-label={say.settings}>
            <Settings2 size={17} aria-hidden />
          </button>
        }
        items={[
          theme('system', say.themeAsTheSystem),
          theme('light', say.themeLight),
          theme('dark', say.themeDark),
          {
            id: 'units',
            label: units === 'metric' ? say.lengthsInFeetAwgOffered : say.lengthsInMetresMmOffered,
            onSelect: () =>
              store.dispatch(
                { kind: 'setSite', patch: { units: units === 'metric' ? 'american' : 'metric' } },
                say.changeTheUnits,
              ),
          },
          ...(who ? [] : [{ id: 'name', label: say.yourName, onSelect: onName }]),
          { id: 'keys', label: say.keyboardShortcuts, hint: '?', onSelect: onShortcuts },
          ...(who ? [{ id: 'sessions', label: say.whoIsSignedIn, onSelect: onSessions }] : []),
          ...(who ? [{ id: 'sign-out', label: say.signOut(who), onSelect: signOut }] : []),
        ]}
      />
    </header>
  );
}
