import { lazy, Suspense } from 'react';
import type { DoorSummary } from '#core/verdict/index';
import { Alive } from '../Alive';
import { PAGE_NAMES } from '../frame/TopBar';
import type { SitePage } from '../route';
import css from './SitePages.module.css';

// Pages of the site are fetched when they are first opened: the door bench stays light.
const LogPage = lazy(() => import('./LogPage').then((it) => ({ default: it.LogPage })));
const PackPage = lazy(() => import('./PackPage').then((it) => ({ default: it.PackPage })));
const PeoplePage = lazy(() => import('./PeoplePage').then((it) => ({ default: it.PeoplePage })));
const ReleasePage = lazy(() => import('./ReleasePage').then((it) => ({ default: it.ReleasePage })));
const SuppliesPage = lazy(() => import('./SuppliesPage').then((it) => ({ default: it.SuppliesPage })));
const SetsPage = lazy(() => import('../sets/SetsPage').then((it) => ({ default: it.SetsPage })));
const TypesPage = lazy(() => import('../types/TypesPage').then((it) => ({ default: it.TypesPage })));

interface Props {
  readonly page: SitePage;
  readonly sites: readonly { readonly id: string; readonly name: string }[];
  readonly summaries: Readonly<Record<string, DoorSummary>>;
}

/** Pages about the whole site. */
export const SitePageView = ({ page, sites, summaries }: Props) => (
  <div className={css['page']} tabIndex={0} role="region" aria-label={PAGE_NAMES[page]}>
    <h1>{PAGE_NAMES[page]}</h1>
    <Suspense fallback={<p>One moment…</p>}>
      {page === 'supplies' && <SuppliesPage />}
      {page === 'sets' && <SetsPage />}
      {page === 'types' && <TypesPage />}
      {page === 'release' && <ReleasePage summaries={summaries} />}
      {page === 'people' && <PeoplePage />}
      {page === 'log' && <LogPage />}
      {page === 'pack' && <PackPage sites={sites} />}
      <Alive />
    </Suspense>
  </div>
);
