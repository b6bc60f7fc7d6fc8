import { Suspense } from 'react';
import { say } from '#words/app/SitePageView';
import { Empty } from '../ui/Empty';
import { Alive } from './Alive';
import type { SitePageProps } from '../parts/given';
import { useIncomplete } from '../parts/rescue';
import { lazily, type LazyView } from '../parts/lazily';
import { PAGE_NAMES, type SitePage } from '../parts/route';
import css from '../parts/SitePages.module.css';

/** The view of every page of the site, fetched when it is first opened: the door bench stays light. */
export const PAGE_VIEWS: Record<SitePage, LazyView<SitePageProps>> = {
  doors: lazily(() => import('../sitePages/doors/DoorsPage').then((it) => it.DoorsPage)),
  supplies: lazily(() => import('../sitePages/site/SuppliesPage').then((it) => it.SuppliesPage)),
  release: lazily(() => import('../sitePages/release/ReleasePage').then((it) => it.ReleasePage)),
  sets: lazily(() => import('../sitePages/sets/SetsPage').then((it) => it.SetsPage)),
  people: lazily(() => import('../sitePages/access/AccessPage').then((it) => it.AccessPage)),
  types: lazily(() => import('../sitePages/types/TypesPage').then((it) => it.TypesPage)),
  log: lazily(() => import('../sitePages/site/LogPage').then((it) => it.LogPage)),
  pack: lazily(() => import('../sitePages/site/PackPage').then((it) => it.PackPage)),
};

/** Whether a page shows what comes of the plan: of a site of which something is missing only what is planned is shown. */
const IS_JUDGED: Record<SitePage, boolean> = {
  doors: false,
  supplies: true,
  release: true,
  sets: false,
  people: false,
  types: false,
  log: false,
  pack: true,
};

/** Pages about the whole site. */
export function SitePageView({ page, ...given }: SitePageProps & { readonly page: SitePage }) {
  const View = PAGE_VIEWS[page];
  const incomplete = useIncomplete();
  return (
    <div className={css['page']} tabIndex={0} role="region" aria-label={PAGE_NAMES[page]}>
      <h1>{PAGE_NAMES[page]}</h1>
      <Suspense fallback={<p>{say.oneMoment}</p>}>
        {incomplete && IS_JUDGED[page] ? (
          <Empty title={say.notJudgedWhileDatabase}>{say.somethingSiteMissingFile}</Empty>
        ) : (
          <View key={page} {...given} />
        )}
        <Alive />
      </Suspense>
    </div>
  );
}
