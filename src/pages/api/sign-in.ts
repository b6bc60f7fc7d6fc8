import { isOpen } from '../../server/access/hosts';
import { keptCodesPassphrase, keptPassphrase } from '../../server/access/keys';
import { inTurn } from '../../server/access/inTurn';
import { isPassphrase } from '../../server/access/passphrase';
import { afterFailure, afterSuccess, waitFor, type Tries } from '../../server/access/rateLimit';
import { sessionCookie } from '../../server/access/session';
import { beginSession, deviceOf } from '../../server/access/sessions';
import { database } from '../../server/db/shared';
import { errorJson, handle, HttpError, readText } from '../../server/http';
import { endpoint } from '../../server/endpoint';

export const prerender = false;

/** Failed tries of this process; one that is started anew forgets them, and takes longer than a wait to do so. */
let tries: Tries = new Map();
/** Names that have signed in, with the address they did so from. */
const known = new Set<string>();
const MOST_KNOWN = 5000;

type Found =
  | { readonly kind: 'wait'; readonly seconds: number }
  | { readonly kind: 'wrong' }
  | { readonly kind: 'right'; readonly codes: boolean };

/** One try at the passphrase. Those of one address are made one after the other: only those that failed are counted. */
async function tried(address: string, name: string, given: string, kept: string): Promise<Found> {
  const id = `${address} ${name.toLowerCase()}`;
  const it = { address, name, isKnown: known.has(id) };
  const wait = waitFor(tries, it, Date.now());
  if (wait > 0) return { kind: 'wait', seconds: Math.ceil(wait / 1000) };
  const keptCodes = keptCodesPassphrase(database());
  // Both are tried whatever the first says: how long it takes tells nothing.
  const codes = keptCodes !== null && (await isPassphrase(given, keptCodes));
  if (!(await isPassphrase(given, kept)) && !codes) {
    tries = afterFailure(tries, it, Date.now());
    return { kind: 'wrong' };
  }
  tries = afterSuccess(tries, it);
  if (known.size >= MOST_KNOWN) known.clear();
  known.add(id);
  return { kind: 'right', codes };
}

const back = (why: string, to: string): Response =>
  new Response(null, {
    status: 303,
    headers: { location: `/sign-in?why=${why}&to=${encodeURIComponent(to)}` },
  });

/** A path of this server and of nobody else: the form may not lead away. */
const ownPath = (to: string): string => (/^\/(?![/\\])[^\s\\]*$/.test(to) ? to : '/');

/** Signs somebody in by name and passphrase, from the form of the sign-in page. */
export const POST = endpoint(
  { needs: 'nothing', gives: 'nothing secret' },
  ({ request, clientAddress, url }) =>
    handle(async () => {
      const form = new URLSearchParams(await readText(request, 10_000));
      const to = ownPath(form.get('to') ?? '/');
      const name = (form.get('name') ?? '').replaceAll(/\p{C}/gu, '').trim().slice(0, 100);
      if (!isOpen()) return new Response(null, { status: 303, headers: { location: to } });
      const kept = keptPassphrase(database());
      if (kept === null) throw new HttpError(503, 'no-passphrase', 'This server has no passphrase.');
      if (name === '') return back('name', to);
      const given = form.get('passphrase') ?? '';
      const found = await inTurn(clientAddress, () => tried(clientAddress, name, given, kept));
      if (found.kind === 'wait') {
        const sentence = `Too many tries. Try again in ${found.seconds} s.`;
        const response = errorJson(new HttpError(429, 'too-many-tries', sentence));
        response.headers.set('retry-after', String(found.seconds));
        return response;
      }
      if (found.kind === 'wrong') return back('wrong', to);
      const device = deviceOf(request.headers.get('user-agent'));
      const who = { name, codes: found.codes, device, address: clientAddress };
      const session = beginSession(database(), who, Date.now());
      return new Response(null, {
        status: 303,
        headers: { location: to, 'set-cookie': sessionCookie(session, url.protocol === 'https:') },
      });
    }),
);
