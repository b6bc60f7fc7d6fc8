import type { Fault, FaultGroup } from '#core/faults/index';
import type { FaultCounts, ImprovementId } from '#core/protect/index';
import { deviceOf, findIn, pinOf, type Plan, type TerminalId } from '#core/plan/index';
import { spoken, texts } from '../messages';

/** What faults come to, worst first, as a heading and what it means. */
export const GROUP_WORDS: Readonly<Record<FaultGroup, { readonly name: string; readonly means: string }>> =
  texts({
    trapped: {
      name: 'Somebody is locked in',
      means: 'In a situation with people inside, no way out works.',
    },
    'act-only': {
      name: 'Out only by pressing something',
      means: 'A door that should be open by itself needs a button or a break glass.',
    },
    'open-unnoticed': {
      name: 'Open, with no alarm',
      means: 'It no longer locks, and no alarm is raised.',
    },
    'open-told': { name: 'Open, with an alarm', means: 'It no longer locks, and an alarm says so.' },
    'locked-out': { name: 'Locked out', means: 'People who may come in cannot.' },
    unproven: {
      name: 'No longer proven',
      means: 'The circuit does not come to rest, or a lock is neither locked nor released.',
    },
    told: { name: 'Only an alarm', means: 'The door does what it should, and an alarm is raised.' },
    harmless: { name: 'No visible effect', means: 'Every situation goes as before.' },
  });

const at = (plan: Plan, terminal: TerminalId): string => {
  const device = deviceOf(terminal);
  return `${findIn(plan.devices, device)?.tag ?? device} ${pinOf(terminal)}`;
};
/** `D01/F1:k.nc` as `F1 k.nc`. */
const part = (plan: Plan, branch: string): string => {
  const cut = branch.lastIndexOf(':');
  const device = branch.slice(0, cut);
  return `${findIn(plan.devices, device)?.tag ?? device} ${branch.slice(cut + 1)}`;
};

/** A fault, as one would say it at the door. */
export const faultWords = spoken(function faultWords(plan: Plan, fault: Fault): string {
  switch (fault.kind) {
    case 'wire-open': {
      const wire = findIn(plan.conductors, fault.conductor);
      return wire
        ? `Wire ${wire.number} off: ${at(plan, wire.from)} to ${at(plan, wire.to)}`
        : `Wire ${fault.conductor} off`;
    }
    case 'terminals-touch':
      return `${at(plan, fault.a)} touches ${at(plan, fault.b)}`;
    case 'contact-welded':
      return `Contact ${part(plan, fault.contact)} welded`;
    case 'contact-dead':
      return `Contact ${part(plan, fault.contact)} does not close`;
    case 'fuse-open':
      return `Fuse ${part(plan, fault.fuse)} blown`;
    case 'device-dead':
      return `${findIn(plan.devices, fault.device)?.tag ?? fault.device} dead`;
  }
});

/** The same, with the door it is at: `D09: Wire W05 off`. */
export const faultWordsAt = spoken(function faultWordsAt(plan: Plan, fault: Fault): string {
  const door = doorOf(plan, fault);
  return door === null ? faultWords(plan, fault) : `${door}: ${faultWords(plan, fault)}`;
});

function doorOf(plan: Plan, fault: Fault): string | null {
  const of = (device: string) => findIn(plan.devices, device)?.door ?? null;
  const branch = (id: string) => of(id.slice(0, id.lastIndexOf(':')));
  switch (fault.kind) {
    case 'wire-open':
      return findIn(plan.conductors, fault.conductor)?.door ?? null;
    case 'terminals-touch':
      return of(deviceOf(fault.a));
    case 'contact-welded':
    case 'contact-dead':
      return branch(fault.contact);
    case 'fuse-open':
      return branch(fault.fuse);
    case 'device-dead':
      return of(fault.device);
  }
}

/** What would help against single faults. */
export const IMPROVEMENT_WORDS: Readonly<Record<ImprovementId, string>> = texts({
  latch: 'Latch the fire release',
  'double-glass': 'A break glass with two poles',
  'add-glass': 'A break glass',
  'watched-contact': 'End-of-line resistors at the door contact',
  'fire-opens': 'A fire contact that opens on alarm',
  'home-run': 'A pair of its own to the fire relay',
});

/** What changes by it: `locked in 3 → 0, open unnoticed 20 → 18`. */
export const fewerWords = spoken(function fewerWords(before: FaultCounts, after: FaultCounts): string {
  const named: readonly (readonly [FaultGroup, string])[] = [
    ['trapped', 'somebody locked in'],
    ['open-unnoticed', 'open with no alarm'],
    ['act-only', 'out only by pressing something'],
    ['open-told', 'open with an alarm'],
    ['locked-out', 'locked out'],
  ];
  return named
    .filter(([group]) => before[group] !== after[group])
    .map(([group, words]) => `${words} ${before[group]} → ${after[group]}`)
    .join(', ');
});
