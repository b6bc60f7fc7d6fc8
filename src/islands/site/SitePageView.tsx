import type { DoorSummary } from '#core/verdict/index';
import { PAGE_NAMES } from '../frame/TopBar';
import type { SitePage } from '../route';
import { LogPage } from './LogPage';
import { PackPage } from './PackPage';
import { PeoplePage } from './PeoplePage';
import { ReleasePage } from './ReleasePage';
import { SuppliesPage } from './SuppliesPage';
import css from './SitePages.module.css';

interface Props {
  readonly page: SitePage;
  readonly sites: readonly { readonly id: string; readonly name: string }[];
  readonly summaries: Readonly<Record<string, DoorSummary>>;
}

/** Pages about the whole site. */
export const SitePageView = ({ page, sites, summaries }: Props) => (
  <div className={css['page']} tabIndex={0} role="region" aria-label={PAGE_NAMES[page]}>
    <h1>{PAGE_NAMES[page]}</h1>
    {page === 'supplies' && <SuppliesPage />}
    {page === 'release' && <ReleasePage summaries={summaries} />}
    {page === 'people' && <PeoplePage />}
    {page === 'log' && <LogPage />}
    {page === 'pack' && <PackPage sites={sites} />}
  </div>
);
