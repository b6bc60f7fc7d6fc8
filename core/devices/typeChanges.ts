import type { DeviceType } from './deviceType';

/** What differs between two versions of a type, a line each, for whoever decides about updating. */
export function typeChanges(before: DeviceType, after: DeviceType): string[] {
  const lines: string[] = [];
  const compare = <T extends { readonly id: string }>(what: string, old: readonly T[], now: readonly T[]) => {
    const had = new Map(old.map((one) => [one.id, JSON.stringify(one)]));
    const has = new Map(now.map((one) => [one.id, JSON.stringify(one)]));
    for (const id of has.keys()) if (!had.has(id)) lines.push(`New ${what} ${id}`);
    for (const id of had.keys()) if (!has.has(id)) lines.push(`Without ${what} ${id}`);
    for (const [id, text] of has) {
      const was = had.get(id);
      if (was !== undefined && was !== text) lines.push(`Other ${what} ${id}: ${differences(was, text)}`);
    }
  };
  if (before.name !== after.name) lines.push(`Called “${after.name}”`);
  compare('terminal', before.terminals, after.terminals);
  compare('part', before.parts, after.parts);
  compare('setting', before.settings, after.settings);
  if (JSON.stringify(before.behaviour) !== JSON.stringify(after.behaviour)) lines.push('Behaves differently');
  if (JSON.stringify(before.lock) !== JSON.stringify(after.lock)) lines.push('Locks differently');
  if (JSON.stringify(before.roles) !== JSON.stringify(after.roles))
    lines.push('Terminals have other jobs for Aldaba’s wiring');
  return lines.length > 0 ? lines : ['Nothing that the circuit sees'];
}

/** Fields of two JSON objects that differ: `draw 0.06 → 0.08`. */
function differences(before: string, after: string): string {
  const [a, b] = [
    JSON.parse(before) as Record<string, unknown>,
    JSON.parse(after) as Record<string, unknown>,
  ];
  return [...new Set([...Object.keys(a), ...Object.keys(b)])]
    .filter((key) => JSON.stringify(a[key]) !== JSON.stringify(b[key]))
    .map((key) => `${key} ${JSON.stringify(a[key]) ?? 'none'} → ${JSON.stringify(b[key]) ?? 'none'}`)
    .join(', ');
}
