import { describe, expect, it } from 'vitest';
import { checkContext } from '../../checks/index';
import { findType } from '../../devices/index';
import { doorsInOrder, typeIn } from '../../plan/index';
import first from './firstVersion.json' with { type: 'json' };
import { readAldaba } from './readAldaba';

/** How each cell of the proof came out on the day of the first version: pass, fail, not proven; from outside and from inside. */
const PROVEN: Readonly<Record<string, string>> = {
  D01: 'pp pp pp pp pp pp pp pp pp pp pp pp pp pp pp pp',
  D02: 'pp pp pp pp pp pp pp pp pp pp pp pp pp pp pp pp',
  D03: 'pp pp pp pp pp pp pp pp pp pp ff pp pp pp pp pp',
  D04: 'pp pp pp pp pp pp pp pp pp pp pp pp',
  D05: 'pp pp pp pp pp pp pp pp pp pp pp pp',
  D06: 'fp fp fp pp fp fp fp pp fp fp fp',
  D07: 'fp pp fp pp fp fp fp fp pp pp pp fp pp fp fp fp',
  D08: 'nn nn nn nn nn nn nn',
};

/** Own types as the first version wrote them: one behaviour each. */
const OLD_TYPES = [
  ['controller-1-serial', { kind: 'controller', bus: true }],
  ['keypad-slots', { kind: 'keypad' }],
  ['exit-touchless', { kind: 'sensor' }],
  ['joint-2', { kind: 'passive' }],
] as const;

/** Situations that were not asked then. */
const ADDED_SINCE: ReadonlySet<string> = new Set([
  'credential-inside',
  'supply-dead',
  'power-back',
  'fire-power',
  'other-door',
  'card-after-other-door',
]);

describe('a file of the first version', () => {
  it('opens whole, and every door proves as it did', () => {
    const read = readAldaba(first);
    expect(read).toMatchObject({ ok: true, notes: [] });
    if (!read.ok) return;
    const proven = doorsInOrder(read.plan).map(({ id }) => [
      id,
      checkContext(read.plan, id)
        .proof.rows.filter(({ situation }) => !ADDED_SINCE.has(situation))
        .map(({ cells }) => [cells.outside, cells.inside].map((cell) => cell.verdict[0]).join(''))
        .join(' '),
    ]);
    expect(Object.fromEntries(proven)).toEqual(PROVEN);
  });
  it.each(OLD_TYPES)('has its own type %s do all that it did', (id, old) => {
    const now = findType(id)!;
    const { functions, ...rest } = JSON.parse(JSON.stringify(now)) as typeof now;
    const [one] = functions;
    const host = functions.find((other) => other.kind === 'busHost');
    const behaviour =
      old.kind === 'passive' ? old : { ...one, kind: old.kind, ...('bus' in old ? { bus: host?.bus } : {}) };
    const type = { ...rest, id: `old-${id}@1`, behaviour };
    const read = readAldaba({ ...first, types: [type] });
    expect(read).toMatchObject({ ok: true });
    if (!read.ok) return;
    const device = { ...Object.values(read.plan.devices)[0]!, type: type.id };
    // Nothing of the first version kept hours.
    expect(typeIn(read.plan, device).functions).toEqual(functions.filter(({ kind }) => kind !== 'clock'));
  });
});
