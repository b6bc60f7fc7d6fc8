import type { TerminalId } from '../../plan/index';
import { layout, SIZES, type Run } from '../run';
import type { Placed } from '../../door/index';
import { feedsALock } from './lockPower';
import { supplyFor } from './suits';
import { pin, run, type Template } from './template';

/** Points one may take a feed from, nearest first. */
interface Points {
  readonly plus: [TerminalId, ...TerminalId[]];
  readonly minus: [TerminalId, ...TerminalId[]];
}

/**
 * Every device that is fed, from the supply that suits it or from the nearest device on the same feed with room.
 * A reader may hang on the controller's own terminals instead, which brings the common 0 V along.
 */
export const devicePower: Template = (parts, ledger) => {
  const points = new Map<string, Points>();
  const pointsOf = (supply: Placed): Points | null => {
    const known = points.get(supply.device.id);
    if (known) return known;
    const feeds = supply.type.roles.supply;
    if (!feeds) return null;
    const fresh: Points = { plus: [pin(supply, feeds.plus)], minus: [pin(supply, feeds.minus)] };
    points.set(supply.device.id, fresh);
    return fresh;
  };
  const runs: Run[] = [];
  const { decider } = parts;
  const own = decider?.type.roles.feed;
  const controller: Points | null =
    decider && own ? { plus: [pin(decider, own.plus)], minus: [pin(decider, own.minus)] } : null;
  for (const fed of parts.all) {
    const ends = fed.type.roles.feed;
    const supply = ends && supplyFor(parts.supplies, fed);
    if (!ends || !supply || supply === fed) continue;
    if (fed.device.door === null && ledger.used(pin(fed, ends.plus)) > 0) continue;
    const at = pointsOf(supply);
    if (!at) continue;
    const fromController = parts.schools.readerFeed === 'shared' && fed.type.family === 'reader';
    const shared = (fromController && controller) || at;
    const alternating = supply.type.parts.some((part) => part.kind === 'source' && part.current === 'ac');
    // What feeds a lock brings that lock's current along.
    const gauge = feedsALock(parts, fed) ? SIZES.lock : SIZES.feed;
    const [one, two] = alternating ? (['ac-1', 'ac-2'] as const) : (['plus', 'minus'] as const);
    runs.push(
      { ...run(ledger.takeAny(shared.plus), ledger.take(pin(fed, ends.plus)), one, 'power'), gauge },
      { ...run(ledger.take(pin(fed, ends.minus)), ledger.takeAny(shared.minus), two, 'power'), gauge },
    );
    for (const list of new Set([at, shared])) {
      list.plus.push(pin(fed, ends.plus));
      list.minus.push(pin(fed, ends.minus));
    }
  }
  // A controller that feeds itself from its network cable is read against its own 0 V.
  const deciding = decider?.type.roles.supply ? [decider.device.id] : [];
  return layout([
    ...runs,
    ...commonZero([...new Set([...points.keys(), ...deciding])], parts.supplies, parts.readers),
  ]);
};

/** Data is read against 0 V: where two supplies feed readers and controller, their 0 V are joined. */
function commonZero(ids: readonly string[], supplies: readonly Placed[], readers: readonly Placed[]): Run[] {
  if (readers.length === 0) return [];
  const direct = supplies.filter(
    ({ device, type }) =>
      ids.includes(device.id) &&
      type.roles.supply &&
      !type.parts.some((part) => part.kind === 'source' && part.current === 'ac'),
  );
  const minus = direct.map((supply) => pin(supply, supply.type.roles.supply?.minus ?? ''));
  return minus.slice(1).map((other) => run(minus[0]!, other, 'minus', 'power'));
}
