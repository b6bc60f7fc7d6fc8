import {
  conductorsOf,
  deviceOf,
  findTypeIn,
  pinOf,
  typeIn,
  type DoorId,
  type Plan,
  type TerminalId,
} from '../plan/index';
import type { BundleLoop, LoopKind } from './loop';

/** Wires of no loop, gathered by the two devices they join. */
export function bundles(
  plan: Plan,
  door: DoorId,
  claimed: ReadonlySet<string>,
): Omit<BundleLoop, 'letter'>[] {
  const byPair = new Map<string, BundleLoop['lines'][number][]>();
  for (const wire of conductorsOf(plan, door)) {
    if (claimed.has(wire.id)) continue;
    const [left, right] = [wire.from, wire.to].sort(
      (a, b) => rank(plan, a) - rank(plan, b) || a.localeCompare(b),
    );
    if (left === undefined || right === undefined) continue;
    const key = `${deviceOf(left)}|${deviceOf(right)}`;
    const lines = byPair.get(key) ?? [];
    lines.push({ conductor: wire.id, left, right });
    byPair.set(key, lines);
  }
  return [...byPair].map(([key, lines]) => {
    const [left = '', right = ''] = key.split('|');
    return { shape: 'bundle', id: `bundle:${key}`, kind: bundleKind(plan, lines), left, right, lines };
  });
}

/** Supplies and controllers stand at the left of a drawing. */
function rank(plan: Plan, terminal: TerminalId): number {
  const device = plan.devices[deviceOf(terminal)];
  const family = device ? typeIn(plan, device).family : 'joint';
  return ['supply', 'controller', 'keypad', 'release', 'lock'].indexOf(family) >>> 0;
}

function bundleKind(plan: Plan, lines: BundleLoop['lines']): LoopKind {
  const ends = lines.flatMap(({ left, right }) => [left, right]);
  const types = ends.map((end) => findTypeIn(plan, plan.devices[deviceOf(end)]?.type ?? ''));
  if (types.some((type) => type?.family === 'suppression')) return 'across';
  const carries = new Set(
    ends.map((end, i) => types[i]?.terminals.find((terminal) => terminal.id === pinOf(end))?.carries),
  );
  if (carries.has('bus')) return 'bus';
  if (carries.has('data')) return 'data';
  return carries.has('audio') ? 'audio' : 'other';
}
