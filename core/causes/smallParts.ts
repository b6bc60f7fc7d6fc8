import { targetOf } from '../autowire/index';
import { newDevice } from '../brief/index';
import { toPutRight, type CheckContext, type Finding, type FindingCode } from '../checks/index';
import { type DeviceType } from '../devices/index';
import { LIBRARY } from '../devices/library/index';
import { applyEdit, deviceOf, devicesOf, terminalId, type Edit, type Plan } from '../plan/index';
import { editOf, type Candidate, type Change } from './change';
import { COSTS } from './costs';
import { differences } from './differences';
import { fromTarget, together } from './fromTarget';

/** Parts by type id that are left out or lost together, and the rules that feel it. */
const KITS: readonly {
  readonly types: readonly string[];
  readonly felt: readonly FindingCode[];
  /** Only where the door has none of it. */
  readonly once?: true;
  /** Only where it has one of these. */
  readonly beside?: string;
}[] = [
  { types: ['eol-2k2'], felt: ['eol-missing', 'eol-open', 'eol-wrong-value', 'eol-around-part'] },
  { types: ['eol-10k'], felt: ['eol-missing', 'eol-open', 'eol-wrong-value'] },
  { types: ['eol-2k2', 'eol-2k2'], felt: ['eol-missing', 'eol-open', 'eol-wrong-value'] },
  { types: ['flyback-diode'], felt: ['no-suppression', 'varistor-below-supply'] },
  { types: ['varistor-38v'], felt: ['no-suppression', 'varistor-below-supply', 'wrong-current'] },
  {
    types: ['relay-interposing'],
    felt: ['contact-overload', 'contact-inrush', 'wrong-current', 'driven-input', 'key-releases-nothing'],
  },
  { types: ['door-contact'], felt: ['eol-open'], once: true, beside: 'eol-2k2' },
  { types: ['chime'], felt: ['bell-silent'], once: true, beside: 'bell-button' },
  { types: ['bell-button'], felt: ['loop-broken'], once: true, beside: 'chime' },
];

/** Parts that must let people out and that the brief asks for, and the rules that miss them, as a caution too. */
const RELEASES: typeof KITS = [
  { types: ['break-glass-double'], felt: ['no-break-glass'] },
  { types: ['pull-station'], felt: ['no-break-glass'] },
  { types: ['fire-relay'], felt: ['no-fire-release', 'fire-input-alarm'] },
];

/** The same by what a part leaves behind: both legs open at once where a break glass was. */
const LEFT_OPEN: typeof KITS = [{ types: ['break-glass-double'], felt: ['loop-broken'], once: true }];

/** True where the one may stand in the other's place without a wire being moved. */
const fits = (one: DeviceType, other: DeviceType): boolean =>
  one.id !== other.id &&
  one.symbol === other.symbol &&
  one.terminals.map(({ id }) => id).join() === other.terminals.map(({ id }) => id).join();

/** Small parts of the door, each exchanged for one of another value that has the same leads. */
function exchanged({ parts }: CheckContext): Candidate[] {
  return [...parts.diodes, ...parts.resistors].flatMap(({ device, type }) =>
    LIBRARY.filter((other) => other.family === type.family && fits(other, type)).map((other): Candidate => ({
      changes: [{ kind: 'exchange-part', device: device.id, type: other.id }],
      cost: COSTS['exchange-part'],
    })),
  );
}

/** Devices of a kit as they would stand at the door; null where the plan refuses one. */
function withKit(
  plan: Plan,
  door: string,
  kit: readonly string[],
): { plan: Plan; edits: Edit[]; ids: string[] } | null {
  let now = plan;
  const edits: Edit[] = [];
  const ids: string[] = [];
  for (const type of kit) {
    const device = newDevice(now, door, type);
    const edit: Edit = { kind: 'addDevice', device };
    const result = applyEdit(now, edit);
    if (!result.ok) return null;
    edits.push(edit);
    ids.push(device.id);
    now = result.plan;
  }
  return { plan: now, edits, ids };
}

const FELT = new Set<string>(KITS.flatMap(({ felt }) => felt));

/** True where what was found may well be a small part that is missing or of another value. */
export const feelsSmallParts = (findings: readonly Finding[]): boolean =>
  findings.some((one) => toPutRight(one) && FELT.has(one.code));

/** What Aldaba would lay otherwise at a door: one change, or all of several. */
function wiringOf(plan: Plan, door: string): Pick<Candidate, 'changes'> | null {
  const target = targetOf(plan, door);
  const [only, ...more] = fromTarget(plan, door, target);
  return more.length === 0 ? (only ?? null) : together(plan, door, target);
}

/** Wires that a part has at most. */
const MOST_OF_A_PART = 12;

/** What Aldaba would lay to these devices, and nothing else: the rest of the door may be wired in another way, and right. */
function wiringTo(plan: Plan, door: string, ids: readonly string[]): Pick<Candidate, 'changes'> | null {
  const target = targetOf(plan, door);
  const isTo = (change: Change): boolean =>
    change.kind === 'lay' &&
    [change.conductor.from, change.conductor.to].some((end) => ids.includes(deviceOf(end)));
  const changes: Change[] = [];
  for (let now = plan; changes.length <= MOST_OF_A_PART;) {
    const next = differences(now, door, target).find(isTo);
    if (!next) return changes.length > 0 ? { changes } : null;
    const result = applyEdit(now, editOf({ changes: [next] }, ''));
    if (!result.ok) return null;
    changes.push(next);
    now = result.plan;
  }
  return null;
}

/** Parts that the door lacks, with the wires they need. */
function added(
  { plan, door }: CheckContext,
  findings: readonly Finding[],
  kits: readonly (typeof KITS)[number][],
): Candidate[] {
  const felt = new Set<string>(findings.map(({ code }) => code));
  const has = (type: string) => devicesOf(plan, door.id).some((one) => one.type === type);
  const isLacking = ({ felt: codes, types, once, beside }: (typeof KITS)[number]): boolean =>
    codes.some((code) => felt.has(code)) &&
    !(once && types.some(has)) &&
    (beside === undefined || has(beside));
  return kits.filter(isLacking).flatMap(({ types }): Candidate[] => {
    const there = withKit(plan, door.id, types);
    if (!there) return [];
    const wirings = [wiringOf(there.plan, door.id), wiringTo(there.plan, door.id, there.ids)];
    return wirings.flatMap((wiring): Candidate[] => {
      if (!wiring) return [];
      const wires = editOf(wiring, '');
      const text = JSON.stringify(wires);
      if (!there.ids.every((id) => text.includes(JSON.stringify(terminalId(id, '')).slice(0, -1)))) return [];
      const edit: Edit = { kind: 'batch', label: 'add a part', edits: [...there.edits, wires] };
      // The fewer parts, the likelier that just these were forgotten.
      const cost = COSTS['add-parts'] + COSTS.perTerminal * types.length;
      return [{ changes: [{ kind: 'add-parts', types, edit }], cost }];
    });
  });
}

/** Repairs by a small part that is of another value, or missing: suppression, ends of line, an interposing relay. */
export const smallPartsFor = (context: CheckContext, findings: readonly Finding[]): Candidate[] => [
  ...exchanged(context),
  ...added(context, findings, KITS),
];

/** Repairs that put back what lets people out: a break glass, a fire relay, with all its wires. */
export const missingReleases = (context: CheckContext, findings: readonly Finding[]): Candidate[] =>
  added(context, findings, [...RELEASES, ...LEFT_OPEN]);

/** Findings, cautions as well, by which a part is still missed, with what that weighs. */
const MISSED: ReadonlyMap<string, number> = new Map<FindingCode, number>([
  ...RELEASES.flatMap(({ felt }) => felt.map((code) => [code, COSTS.unreleased] as const)),
  ['relock-without-contact', COSTS.unseen],
]);

/** What still misses a part weighs: a repair that goes past where the part belongs is no more than half of one. */
export const stillMissed = (findings: readonly Finding[]): number =>
  findings.reduce((sum, { code }) => sum + (MISSED.get(code) ?? 0), 0);
