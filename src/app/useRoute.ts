import { useCallback, useEffect, useState } from 'react';
import { parseRoute, routePath, type Route } from '../parts/route';

const HOME: Route = { kind: 'door', door: null, station: 'wire' };

/** Where the browser is, kept in the address bar. */
export function useRoute(site: string, path: string): [Route, (route: Route) => void] {
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
