/** The servers of a test run: one with the demo site, one with nothing in it, and the demo in a language that is none. */
const server = (port: number, data: 'demo' | 'empty', locale = 'en') => ({
  port,
  url: `http://127.0.0.1:${port}`,
  command: `npx tsx e2e/startServer.ts ${port} ${data} ${locale}`,
});

const base = Number(process.env['E2E_PORT'] ?? 4610);
export const DEMO = server(base, 'demo');
export const EMPTY = server(base + 1, 'empty');
export const PSEUDO = server(base + 2, 'demo', 'en-XA');
