import { terminalId, type TerminalId } from '../plan/index';
import { lockDeadState, type DoorParts, type Placed } from './doorParts';
import { SIZES, type Run } from './run';
import type { Ledger } from './capacity';

/** A loop template: the conductors one loop wants, in wiring order. Empty where the door has no such loop. */
export type Template = (parts: DoorParts, ledger: Ledger) => Run[];

const pin = (of: Placed, terminal: string): TerminalId => terminalId(of.device.id, terminal);

/**
 * Lock power from a separate supply through a dry contact. Positive leg switched: supply + → fire relay →
 * relay common, NC for a fail-safe lock and NO for a fail-secure one → break glass pole 1 → lock +. The return
 * passes the second pole of the break glass. A fail-secure lock gets no break in its power: cutting it would
 * not open the door.
 */
export const lockPower: Template = (parts, ledger) => {
  const supply = parts.supplies[0];
  const feeds = supply?.type.roles.supply;
  if (!supply || !feeds) return [];
  return parts.locks.flatMap((lock) => {
    const ends = lock.type.roles.lock;
    if (!ends) return [];
    const safe = lockDeadState(lock) === 'fail-safe';
    const supplyLeg: TerminalId[] = [];
    const returnLeg: TerminalId[] = [];
    if (safe) {
      for (const fire of parts.fireRelays) {
        const pole = fire.type.roles.breakers?.[0];
        if (pole) supplyLeg.push(pin(fire, pole.com), pin(fire, pole.nc));
      }
    }
    const contact = parts.decider?.type.roles.switches?.[parts.channel];
    if (parts.decider && contact) {
      supplyLeg.push(pin(parts.decider, contact.com), pin(parts.decider, safe ? contact.nc : contact.no));
    }
    if (safe) {
      for (const glass of parts.breakGlasses) {
        const [one, two] = glass.type.roles.breakers ?? [];
        if (one) supplyLeg.push(pin(glass, one.com), pin(glass, one.nc));
        if (two) returnLeg.unshift(pin(glass, two.nc), pin(glass, two.com));
      }
    }
    const plus = [ledger.take(pin(supply, feeds.plus)), ...supplyLeg, pin(lock, ends.plus)];
    const minus = [pin(lock, ends.minus), ...returnLeg, ledger.take(pin(supply, feeds.minus))];
    return [...legs(plus, 'RD'), ...legs(minus, 'BK')];
  });
};

/** Joins terminals 0-1, 2-3, 4-5...: between those pairs the way leads through a device. */
function legs(chain: readonly TerminalId[], colour: 'RD' | 'BK'): Run[] {
  const runs: Run[] = [];
  for (let i = 0; i + 1 < chain.length; i += 2) {
    runs.push({ from: chain[i]!, to: chain[i + 1]!, colour, gauge: SIZES.lock });
  }
  return runs;
}

/** Every device that is fed, from the supply or from the nearest device on the same feed with room. */
export const devicePower: Template = (parts, ledger) => {
  const supply = parts.supplies[0];
  const feeds = supply?.type.roles.supply;
  if (!supply || !feeds) return [];
  const [plus, minus] = [[pin(supply, feeds.plus)], [pin(supply, feeds.minus)]];
  return parts.all.flatMap((fed) => {
    const ends = fed.type.roles.feed;
    if (!ends || (fed.device.door === null && ledger.used(pin(fed, ends.plus)) > 0)) return [];
    const run: Run[] = [
      { from: ledger.takeAny(plus), to: ledger.take(pin(fed, ends.plus)), colour: 'RD', gauge: SIZES.feed },
      { from: ledger.take(pin(fed, ends.minus)), to: ledger.takeAny(minus), colour: 'BK', gauge: SIZES.feed },
    ];
    plus.push(pin(fed, ends.plus));
    minus.push(pin(fed, ends.minus));
    return run;
  });
};

/** A dry contact across an input and its common; several contacts in parallel. */
function acrossInput(
  contacts: readonly { at: Placed; ends: { a: string; b: string } | undefined }[],
  decider: Placed | null,
  input: { input: string; common: string } | undefined,
  colours: { live: 'YE' | 'BU'; common: 'GN' | 'WH' },
  ledger: Ledger,
): Run[] {
  if (!decider || !input) return [];
  const [live, common] = [[pin(decider, input.input)], [pin(decider, input.common)]];
  return contacts.flatMap(({ at, ends }) => {
    if (!ends) return [];
    const run: Run[] = [
      {
        from: ledger.takeAny(live),
        to: ledger.take(pin(at, ends.a)),
        colour: colours.live,
        gauge: SIZES.signal,
      },
      {
        from: ledger.take(pin(at, ends.b)),
        to: ledger.takeAny(common),
        colour: colours.common,
        gauge: SIZES.signal,
      },
    ];
    live.push(pin(at, ends.a));
    common.push(pin(at, ends.b));
    return run;
  });
}

/** Exit request: input → normally open contact → common. Never a voltage. */
export const exitRequest: Template = (parts, ledger) =>
  acrossInput(
    parts.exits.map((at) => ({ at, ends: at.type.roles.exitContact })),
    parts.decider,
    parts.decider?.type.roles.exitInputs?.[parts.channel],
    { live: 'YE', common: 'GN' },
    ledger,
  );

/** Door contact: closed while the door is closed. */
export const doorContact: Template = (parts, ledger) =>
  acrossInput(
    parts.contacts.map((at) => ({ at, ends: at.type.roles.doorContact })),
    parts.decider,
    parts.decider?.type.roles.contactInputs?.[parts.channel],
    { live: 'BU', common: 'WH' },
    ledger,
  );

/** Reader data. The common 0 V comes with the reader's supply. */
export const readerData: Template = (parts, ledger) => {
  const lines = parts.decider?.type.roles.dataInputs?.[parts.channel];
  const decider = parts.decider;
  if (!decider || !lines) return [];
  return parts.readers.slice(0, 1).flatMap((reader): Run[] => {
    const out = reader.type.roles.dataOut;
    if (!out) return [];
    return [
      {
        from: ledger.take(pin(reader, out.d0)),
        to: ledger.take(pin(decider, lines.d0)),
        colour: 'GN',
        gauge: SIZES.signal,
      },
      {
        from: ledger.take(pin(reader, out.d1)),
        to: ledger.take(pin(decider, lines.d1)),
        colour: 'WH',
        gauge: SIZES.signal,
      },
    ];
  });
};

/** A flyback diode across the lock's own terminals, stripe to plus. */
export const suppression: Template = (parts) => {
  const lock = parts.locks[0];
  const diode = parts.diodes[0];
  const ends = lock?.type.roles.lock;
  if (!lock || !diode || !ends) return [];
  return [
    { from: pin(diode, 'K'), to: pin(lock, ends.plus), colour: 'RD', gauge: SIZES.feed },
    { from: pin(diode, 'A'), to: pin(lock, ends.minus), colour: 'BK', gauge: SIZES.feed },
  ];
};

/** All templates in the order a door is wired. */
export const TEMPLATES: readonly Template[] = [
  lockPower,
  devicePower,
  exitRequest,
  doorContact,
  readerData,
  suppression,
];
