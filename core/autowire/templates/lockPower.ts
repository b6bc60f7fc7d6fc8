import { does, roleValue, settingValue, type Pair, type Throw } from '../../devices/index';
import type { DeadState, TerminalId } from '../../plan/index';
import type { Ledger } from '../capacity';
import type { DoorParts, Placed } from '../../door/index';
import { joinLayouts, layout, NO_LAYOUT, SIZES, type Layout, type Run } from '../run';
import { supplyFor } from './suits';
import { legs, pin, type Template } from './template';

/** What works the lock: a contact in its power, or an output that feeds it. */
type Switch =
  | { readonly kind: 'contact'; readonly at: Placed; readonly contact: Throw; readonly second: Throw | null }
  | { readonly kind: 'wet'; readonly at: Placed; readonly pair: Pair };

/** Dead state a lock is wired for: its own, or the one chosen where its terminals decide. */
export function stateFor(lock: Placed, wanted: DeadState | null): DeadState {
  const spec = lock.type.lock;
  if (spec?.kind !== 'strike') return 'fail-safe';
  if (spec.mode.by === 'build') return spec.mode.state;
  if (spec.mode.by === 'terminal') return wanted ?? 'fail-safe';
  return settingValue(lock.type, lock.device.settings, spec.mode.setting) === 'fail-safe'
    ? 'fail-safe'
    : 'fail-secure';
}

/** The supply with a timed relay of its own, where the door has one. */
export const timedSupply = ({ supplies }: DoorParts): Placed | null =>
  supplies.find(({ type }) => does(type, 'timer')) ?? null;

/**
 * True where the timed relay of the supply switches the lock, and the terminal only triggers it: by a dry contact, which an
 * output that feeds the lock is not.
 */
export const releasesByTimer = (parts: DoorParts): boolean =>
  parts.schools.release === 'timed-supply' &&
  timedSupply(parts) !== null &&
  (parts.decider === null ||
    (parts.decider.type.roles.switches?.[parts.channel] !== undefined && !feedsTheLock(parts)));

/** The controller's output jumper, where it has one, outweighs the school: it is what the board really does. */
function feedsTheLock({ decider, schools, channel }: DoorParts): boolean {
  if (!decider?.type.roles.wet?.[channel]) return false;
  const jumper = roleValue(decider.type, decider.device.settings, 'output');
  if (jumper !== undefined) return jumper === 'wet';
  return schools.release === 'wet-output' || !decider.type.roles.switches;
}

/** Relays that work the fire input of this device: the door's own; the site's, where the doors share it. */
export const relaysAt = ({ fireRelays, siteFireRelays }: DoorParts, { device }: Placed): readonly Placed[] =>
  fireRelays.length > 0 || device.door !== null ? fireRelays : siteFireRelays;

/** True where a fire works at the input of this device: a relay is there to work it, or does already for another door. */
const firesAt = (parts: DoorParts, one: Placed): boolean =>
  parts.schools.fire === 'supply-input' &&
  one.type.roles.fireInput !== undefined &&
  (relaysAt(parts, one).length > 0 || parts.fireLine !== null || parts.fireWorked.has(one.device.id));

/** True where a lock hangs on an output of this device, which takes what it needs from its own feed. */
export const feedsALock = (parts: DoorParts, one: Placed): boolean =>
  parts.locks.some((lock) => {
    const by = switchOf(parts, stateFor(lock, parts.wanted));
    return by?.kind === 'wet' && by.at === one;
  });

/** What feeds a lock by a contact: where fire works at a supply's input, one that has such an input, if it suits. */
function feedOf(parts: DoorParts, lock: Placed): Placed | null {
  const dropping = parts.supplies.filter((supply) => firesAt(parts, supply));
  return supplyFor(dropping, lock) ?? supplyFor(parts.supplies, lock);
}

/** What takes a lock's power away on a fire input of its own: the controller whose output works it, or the supply that feeds it. */
function dropperOf(parts: DoorParts, lock: Placed): Placed | null {
  const by = switchOf(parts, stateFor(lock, parts.wanted));
  if (by && by.at === parts.decider && by.at.type.roles.fireInput) return by.at;
  const supply = by?.kind === 'wet' ? null : feedOf(parts, lock);
  return supply?.type.roles.fireInput ? supply : null;
}

/** What drops this lock in a fire, so that no relay stands in its power: it opens by losing it. Null where nothing does. */
export function dropsFor(parts: DoorParts, lock: Placed): Placed | null {
  const dropper = stateFor(lock, parts.wanted) === 'fail-safe' ? dropperOf(parts, lock) : null;
  return dropper && firesAt(parts, dropper) ? dropper : null;
}

/** The pole of a fire relay that neither a lock's power nor the input of a supply takes; null where both do. */
export function freePole(
  parts: DoorParts,
  relay: Placed,
): { readonly com: string; readonly nc: string } | null {
  const isInPower = parts.locks.some(
    (lock) =>
      stateFor(lock, parts.wanted) === 'fail-safe' &&
      dropsFor(parts, lock) === null &&
      lock.type.roles.egress === undefined,
  );
  const [first, second] = relay.type.roles.breakers ?? [];
  if (isInPower) return null;
  return (fireSupply(parts) ? second : first) ?? null;
}

/** Whose fire input releases this door: what drops a lock, or the first supply that has one where there is no lock yet. */
export function fireSupply(parts: DoorParts): Placed | null {
  const works = (one: Placed | null): one is Placed => one !== null && firesAt(parts, one);
  if (parts.locks.length > 0) return parts.locks.map((lock) => dropperOf(parts, lock)).find(works) ?? null;
  return parts.supplies.find(works) ?? null;
}

function switchOf(parts: DoorParts, state: DeadState): Switch | null {
  const operator = parts.operators[0];
  const works = operator?.type.roles.operator;
  if (operator && works?.fed) return { kind: 'wet', at: operator, pair: works.fed[state] };
  if (operator && works) return { kind: 'contact', at: operator, contact: works.lock, second: null };
  const timed = timedSupply(parts);
  if (releasesByTimer(parts) && timed) {
    const contact = timed.type.roles.switches?.[0];
    return contact ? { kind: 'contact', at: timed, contact, second: null } : null;
  }
  const { decider, channel } = parts;
  if (!decider) return null;
  const wet = decider.type.roles.wet?.[channel];
  if (feedsTheLock(parts) && wet) return { kind: 'wet', at: decider, pair: wet[state] };
  const contact = decider.type.roles.switches?.[channel];
  return contact
    ? { kind: 'contact', at: decider, contact, second: decider.type.roles.second ?? null }
    : null;
}

/**
 * Lock power. Supply → fire relay → the switch's common, NC for a fail-safe lock and NO for a fail-secure one →
 * break glass → lock; the other leg passes the break's second pole. Either leg may be the switched one. A wet
 * output takes the place of supply and switch. A fail-secure lock gets no break in its power: cutting it would
 * not open the door.
 */
export const lockPower: Template = (parts, ledger) =>
  joinLayouts(parts.locks.map((lock) => oneLock(parts, lock, ledger)));

function oneLock(parts: DoorParts, lock: Placed, ledger: Ledger): Layout {
  const state = stateFor(lock, parts.wanted);
  const ends = lock.type.roles.lockBy?.[state] ?? lock.type.roles.lock;
  // One that delays by itself is let go at its own inputs: nothing but a glass stands in its power.
  const delays = lock.type.roles.egress !== undefined;
  const by = delays ? null : switchOf(parts, state);
  const supply = by?.kind === 'wet' ? by.at : feedOf(parts, lock);
  if (!ends || !supply) return NO_LAYOUT;
  const drops = dropsFor(parts, lock);
  const feeds =
    by?.kind === 'wet'
      ? by.pair
      : // An output that a fire input drops is for who uses that input: empty, it is dropped for ever.
        ((drops === supply ? supply.type.roles.lockSupply : undefined) ?? supply.type.roles.supply);
  if (!feeds) return NO_LAYOUT;
  const minusLeg = parts.schools.leg === 'minus' && by?.kind !== 'wet';
  const switched: TerminalId[] = [ledger.take(pin(supply, minusLeg ? feeds.minus : feeds.plus))];
  const other: TerminalId[] = [ledger.take(pin(supply, minusLeg ? feeds.plus : feeds.minus))];
  const safe = state === 'fail-safe';
  if (safe && !drops && !delays) {
    for (const fire of parts.fireRelays) {
      const [one, two] = fire.type.roles.breakers ?? [];
      if (one) switched.push(pin(fire, one.com), pin(fire, one.nc));
      if (two) other.push(pin(fire, two.com), pin(fire, two.nc));
    }
  }
  const extra: Run[] = [];
  if (by?.kind === 'contact') {
    const { contact, second, at } = by;
    switched.push(pin(at, contact.com), pin(at, safe ? contact.nc : contact.no));
    if (second && safe) switched.push(pin(at, second.com), pin(at, second.nc));
    if (second && !safe) {
      extra.push(
        ...legs([pin(at, contact.com), pin(at, second.com)], 'plus'),
        ...legs([pin(at, second.no), pin(at, contact.no)], 'plus'),
      );
    }
  }
  if (safe) {
    for (const board of parts.relays) {
      const holds = board.type.roles.egress?.holds;
      if (holds) switched.push(pin(board, holds.com), pin(board, holds.nc));
    }
    for (const glass of [...parts.breakGlasses, ...parts.exits]) {
      const [one, two] = glass.type.roles.breakers ?? [];
      if (one) switched.push(pin(glass, one.com), pin(glass, one.nc));
      if (two) other.push(pin(glass, two.com), pin(glass, two.nc));
    }
  }
  switched.push(pin(lock, minusLeg ? ends.minus : ends.plus));
  other.push(pin(lock, minusLeg ? ends.plus : ends.minus));
  // Two windings draw twice: thicker from the start.
  const size = lock.type.roles.lockToo ? SIZES.double : SIZES.lock;
  const [plus, minus] = minusLeg ? [other, switched] : [switched, other];
  const more = (lock.type.roles.lockToo ?? []).flatMap((pair) => [
    ...legs([pin(lock, ends.plus), pin(lock, pair.plus)], 'plus'),
    ...legs([pin(lock, ends.minus), pin(lock, pair.minus)], 'minus'),
  ]);
  return layout([
    ...legs(plus, 'plus', size),
    ...extra,
    ...legs([...minus].reverse(), 'minus', size),
    ...more,
  ]);
}
