/** The two servers of a test run: one with the demo site, one with nothing in it. */
const server = (port: number, data: 'demo' | 'empty') => ({
  port,
  url: `http://127.0.0.1:${port}`,
  command: `npx tsx e2e/startServer.ts ${port} ${data}`,
});

const base = Number(process.env['E2E_PORT'] ?? 4610);
export const DEMO = server(base, 'demo');
export const EMPTY = server(base + 1, 'empty');
