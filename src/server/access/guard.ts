import { say } from '#words/server/access/guard';
import { isOpen, knownHosts } from './hosts';

/** What keeps a request out before anything of it is looked at. */
export interface Refusal {
  readonly status: number;
  readonly code: string;
  readonly message: string;
}

export interface RequestHead {
  readonly method: string;
  readonly host: string;
  readonly origin: string | null;
  readonly path: string;
}

const nameOf = (host: string): string => host.replace(/:\d+$/, '').toLowerCase();

/** Methods that anything here answers. */
export const METHODS: ReadonlySet<string> = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE']);

/** Two slashes, a backslash, steps to the folder above, or any of these written as an escape. */
const isOddlyWritten = (path: string): boolean => /\/\/|\\|%2f|%5c|\/(?:\.|%2e){1,2}(?:\/|$)/i.test(path);

/**
 * Refuses requests that reach this server under a foreign name (DNS rebinding), or come from a foreign page. The name a
 * request gives is no proof of who sends it: beyond loopback everybody signs in besides.
 */
export function refusalOf({ method, host, origin, path }: RequestHead, hosts = knownHosts()): Refusal | null {
  if (!hosts.has(nameOf(host))) {
    return {
      status: 421,
      code: 'wrong-host',
      message: say.serverDoesNotAnswer(host.slice(0, 100)),
    };
  }
  if (!METHODS.has(method))
    return { status: 405, code: 'no-such-method', message: say.isNotAnsweredHere(method.slice(0, 20)) };
  // One address is written one way: what another way of writing it leads to is not guessed.
  if (isOddlyWritten(path))
    return { status: 404, code: 'no-such-address', message: say.thereIsNothingAt(path.slice(0, 200)) };
  // The framework's image endpoint is not used by any page.
  if (/^\/_image(\/|$)/.test(path))
    return { status: 404, code: 'no-such-address', message: say.thereIsNothingAt2(path) };
  if (method === 'GET' || method === 'HEAD') return null;
  if (origin !== null && [`http://${host}`, `https://${host}`].includes(origin)) return null;
  return {
    status: 403,
    code: 'wrong-origin',
    message: say.requestComesAnotherPage,
  };
}

/** What may be fetched by somebody who has not signed in: the sign-in page and what it looks like. */
const OPEN_PATHS =
  /^\/(sign-in|api\/sign-in|api\/health|icon\.svg|icon-\d+\.png|manifest\.webmanifest|sw\.js|theme\.js|_astro\/[^/]+\.(css|woff2?))$/;

/** True where this path asks for somebody who has signed in. */
export const asksWho = (path: string): boolean => isOpen() && !OPEN_PATHS.test(path);
