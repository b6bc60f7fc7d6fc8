import { hostname, networkInterfaces } from 'node:os';

const LOOPBACK = new Set(['127.0.0.1', 'localhost', '[::1]', '::1']);

/** True where nobody but this machine reaches the server. */
export const isLoopback = (host: string): boolean => LOOPBACK.has(host) || host.startsWith('127.');

/** HOST as the server listens on it; this machine alone unless somebody says otherwise. */
export const listenHost = (): string => process.env['HOST'] || '127.0.0.1';

/** True where other machines reach the server: then everybody signs in. */
export const isOpen = (): boolean => !isLoopback(listenHost());

/** Names this server answers to. Beyond loopback its own addresses are among them; ALDABA_HOSTS adds more. */
export function knownHosts(): ReadonlySet<string> {
  const more = (process.env['ALDABA_HOSTS'] ?? '')
    .split(',')
    .map((one) => one.trim().toLowerCase())
    .filter(Boolean);
  const names = [...LOOPBACK, ...more];
  if (!isOpen()) return new Set(names);
  const own = Object.values(networkInterfaces()).flatMap((list) =>
    (list ?? []).map(({ address, family }) => (family === 'IPv6' ? `[${address}]` : address)),
  );
  const name = hostname().toLowerCase();
  return new Set([...names, ...own, listenHost().toLowerCase(), name, `${name}.local`]);
}
