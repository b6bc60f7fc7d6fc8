import { createContext, useContext, useSyncExternalStore, type ReactNode } from 'react';
import type { Edit, Plan } from '#core/plan/index';
import type { LengthUnit } from '#core/units/index';
import type { SiteState } from './siteState';
import type { SiteStore } from './siteStore';

const StoreContext = createContext<SiteStore | null>(null);

export const StoreProvider = ({ store, children }: { store: SiteStore; children: ReactNode }) => (
  <StoreContext value={store}>{children}</StoreContext>
);

export function useStore(): SiteStore {
  const store = useContext(StoreContext);
  if (!store) throw new Error('useStore outside of StoreProvider');
  return store;
}

export function useSite(): SiteState {
  const store = useStore();
  return useSyncExternalStore(store.subscribe, store.getState, store.getState);
}

/** The plan alone: what is being sent or said of it changes nothing here. */
export function usePlan(): Plan {
  const store = useStore();
  const plan = () => store.getState().plan;
  return useSyncExternalStore(store.subscribe, plan, plan);
}

/** Applies an edit under a label that undo will show; with `said`, tells what was done with an Undo beside it. */
export function useDispatch(): (edit: Edit, label: string, said?: string) => boolean {
  const store = useStore();
  return (edit, label, said) => store.dispatch(edit, label, said);
}

export const useUnit = (): LengthUnit => (usePlan().site.units === 'american' ? 'ft' : 'm');
