import { createContext, useContext } from 'react';
import type { Route } from './route';

export const NavigationContext = createContext<(route: Route) => void>(() => {});

/** Goes somewhere in this site without loading a page. */
export const useNavigate = (): ((route: Route) => void) => useContext(NavigationContext);

/** What the pointer or the finding list points at: a device, terminal or conductor id. */
export interface Highlight {
  readonly id: string | null;
  point(id: string | null): void;
}
export const HighlightContext = createContext<Highlight>({ id: null, point: () => {} });
export const useHighlight = (): Highlight => useContext(HighlightContext);
