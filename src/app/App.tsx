import { lazy, Suspense, useMemo, useState } from 'react';
import { know, type DeviceType } from '#core/devices/index';
import { type DoorId, type Plan } from '#core/plan/index';
import type { DoorSummary, Judgement } from '#core/verdict/index';
import { type Rescue } from '../parts/rescue';
import { preload } from './preload';
import { parseRoute } from '../parts/route';
import { storedName } from '../parts/settings';
import { StoreProvider } from '../store/context';
import { SiteStore } from '../store/siteStore';
import { browserTabKeep } from '../store/tabKeep';
import { Site } from './Site';
import type { Told } from './Toasts';

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
