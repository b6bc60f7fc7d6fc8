import type { IncomingMessage } from 'node:http';

/** Proxies whose word is taken for where a request comes from: `ALDABA_PROXY`, addresses with commas between. */
const proxies = (): ReadonlySet<string> =>
  new Set((process.env['ALDABA_PROXY'] ?? '').split(',').map((one) => plain(one.trim())));

/** An IPv4 address as it is, also where it comes as a part of an IPv6 one. */
const plain = (address: string): string => address.replace(/^::ffff:/i, '');

/**
 * Where a request really comes from: the other end of the line, or, where that is a proxy that the server is told of, whoever the proxy says
 * stood at its own other end. What a stranger writes into the header himself is not believed.
 */
export function addressOf({ socket, headers }: Pick<IncomingMessage, 'socket' | 'headers'>): string {
  const end = plain(socket.remoteAddress ?? '');
  if (!proxies().has(end)) return end;
  const said = [headers['x-forwarded-for'] ?? []].flat().join(',').split(',');
  return plain(said.at(-1)?.trim() ?? '') || end;
}
