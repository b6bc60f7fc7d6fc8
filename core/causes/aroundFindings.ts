import { toPutRight, type CheckContext, type Finding } from '../checks/index';
import { settingValue, type DeviceType } from '../devices/index';
import { conductorsOf, deviceOf, devicesOf, pinOf, terminalId, typeIn, type DeviceId } from '../plan/index';
import type { Candidate, Change, WireEnd } from './change';
import { costOf, COSTS } from './costs';

const ENDS = ['from', 'to'] as const;
/** More for each device that is named before this one. */
const BY_RANK = 0.1;

/** Devices that the findings name, by themselves, by a terminal or by a wire on them; those named most first. */
function named(context: CheckContext, findings: readonly Finding[]): DeviceId[] {
  const times = new Map<DeviceId, number>();
  const count = (id: DeviceId, weight: number) => times.set(id, (times.get(id) ?? 0) + weight);
  for (const { at } of findings.filter(toPutRight)) {
    for (const subject of at) {
      if (subject.kind === 'device') count(subject.id, 2);
      if (subject.kind === 'terminal') count(deviceOf(subject.id), 2);
      const wire = subject.kind === 'conductor' ? context.plan.conductors[subject.id] : undefined;
      if (wire) for (const end of ENDS) count(deviceOf(wire[end]), 2);
    }
  }
  // Their neighbours may be the ones: a wire is wrong at either end.
  for (const wire of conductorsOf(context.plan, context.door.id)) {
    const [a, b] = [deviceOf(wire.from), deviceOf(wire.to)];
    if (times.has(a) !== times.has(b)) count(times.has(a) ? b : a, 0.1);
  }
  return [...times].sort((one, two) => two[1] - one[1]).map(([id]) => id);
}

/** A plug counted from its other end, whatever it carries: every lead on the pin that mirrors its own. */
function turned(type: DeviceType, device: DeviceId, ends: readonly WireEnd[]): Change[] {
  const pinned = type.terminals.filter(({ pin }) => pin !== undefined);
  if (pinned.length < 3) return [];
  const last = Math.max(...pinned.map(({ pin }) => pin ?? 0));
  const leads = ends.flatMap(({ wire, end, at }) => {
    const pin = pinned.find(({ id }) => id === pinOf(at))?.pin;
    const other = pin === undefined ? undefined : pinned.find((one) => one.pin === last + 1 - pin);
    return other ? [{ wire, end, to: terminalId(device, other.id) }] : [];
  });
  return leads.length < 2 ? [] : [{ kind: 'turn', device, leads }];
}

/**
 * Every switch, jumper and menu value that may be set wrong, at each of its other values: of the devices that the findings name, or of all at the
 * door where they name the door alone.
 */
export function aroundSettings(context: CheckContext, findings: readonly Finding[]): Candidate[] {
  const { plan, door } = context;
  const namedFirst = named(context, findings);
  const devices = namedFirst.length > 0 ? namedFirst : devicesOf(plan, door.id).map(({ id }) => id);
  return devices.flatMap((id, rank) => {
    const device = plan.devices[id];
    if (!device || device.door !== door.id) return [];
    const type = typeIn(plan, device);
    return type.settings.flatMap((setting): Candidate[] => {
      if (setting.kind !== 'choice') return [];
      const now = settingValue(type, device.settings, setting.id);
      return setting.options
        .filter((option) => option.value !== now)
        .map((option) => ({
          changes: [{ kind: 'set', device: id, setting: setting.id, value: option.value }],
          cost: COSTS.set + BY_RANK * (namedFirst.length > 0 ? rank : 1),
        }));
    });
  });
}

/**
 * Every small mistake that could have been made with the wires of the devices that the findings name: an end on another terminal, two ends
 * changed over, a wire too many. Nothing is known of how the door should be wired.
 */
export function aroundFindings(context: CheckContext, findings: readonly Finding[]): Candidate[] {
  const { plan, door } = context;
  const wires = conductorsOf(plan, door.id);
  const devices = named(context, findings);
  // A wire of a device that is named is wrong at either end.
  const rankOf = (wire: string): number => {
    const { from, to } = plan.conductors[wire]!;
    return Math.min(...[from, to].map((end) => devices.indexOf(deviceOf(end))).filter((at) => at >= 0));
  };
  const rankAt = (change: Change, otherwise: number): number => {
    if (change.kind === 'move' || change.kind === 'take-out') return rankOf(change.wire);
    if (change.kind === 'exchange') return Math.min(rankOf(change.one.wire), rankOf(change.two.wire));
    return otherwise;
  };
  return devices.flatMap((id, rank) => {
    const device = plan.devices[id];
    if (!device) return [];
    const type = typeIn(plan, device);
    const ends = wires.flatMap((wire) =>
      ENDS.flatMap((end): WireEnd[] =>
        deviceOf(wire[end]) === id ? [{ wire: wire.id, end, at: wire[end] }] : [],
      ),
    );
    const exchanges = ends.flatMap((one, index) =>
      ends
        .slice(index + 1)
        .flatMap((two): Change[] => (one.at === two.at ? [] : [{ kind: 'exchange', device: id, one, two }])),
    );
    const moves = ends.flatMap(({ wire, end, at }) =>
      type.terminals.flatMap((terminal): Change[] => {
        const to = terminalId(id, terminal.id);
        return to === at ? [] : [{ kind: 'move', wire, end, from: at, to }];
      }),
    );
    const takeOuts = [...new Set(ends.map(({ wire }) => wire))].map((wire): Change => ({
      kind: 'take-out',
      wire,
    }));
    return [...exchanges, ...moves, ...takeOuts, ...turned(type, id, ends)].map((change): Candidate => ({
      changes: [change],
      // The devices named most come first, and still not all of the first before any of the second.
      cost: costOf(plan, change) + BY_RANK * rankAt(change, rank),
    }));
  });
}
