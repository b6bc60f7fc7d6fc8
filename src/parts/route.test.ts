import { describe, expect, it } from 'vitest';
import { parseRoute, routePath, type Route } from './route';

describe('parseRoute and routePath', () => {
  const routes: Route[] = [
    { kind: 'door', door: 'D03', station: 'wire' },
    { kind: 'door', door: 'D 3/ä', station: 'hand-over' },
    { kind: 'page', page: 'people' },
  ];
  it.each(routes)('undo each other for %o', (route) => {
    expect(parseRoute(routePath('my site', route).split('/').slice(3).join('/'))).toEqual(route);
  });
  it('open a site at its first door', () => {
    expect(parseRoute('')).toEqual({ kind: 'door', door: null, station: 'wire' });
  });
  it.each(['doors/D01/nonsense', 'nonsense', 'people/x', 'doors/D01/wire/x'])(
    'lead nowhere from %s',
    (path) => {
      expect(parseRoute(path)).toBeNull();
    },
  );
});
