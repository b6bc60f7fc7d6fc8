import type { CheckContext, Finding } from '../checks/index';
import { functionsOf, presentParts, type Part } from '../devices/index';
import { deviceOf, schoolsOf, terminalId, type DoorId, type Plan, type TerminalId } from '../plan/index';
import type { Target } from '../autowire/index';
import { fireReleases } from '../prove/index';

const PROTECTING: ReadonlySet<string> = new Set(['release', 'suppression']);
/** A contact with more than this through it at rest, amps, is in use: a leak is less. */
const IN_USE = 5e-5;

/** Every part of the door's own devices, of the site's, and of whoever's fire relays, with the terminals it lies between. */
function partsAt({ world, rest, door }: CheckContext) {
  const relays = new Set(fireReleases(world, rest).map(({ device }) => device.id));
  return world.inhabitants.flatMap(({ device, type }) =>
    device.door !== door.id && device.door !== null && !relays.has(device.id)
      ? []
      : presentParts(type, device.settings).map((part) => ({
          part,
          type,
          id: `${device.id}:${part.id}`,
          a: terminalId(device.id, part.a),
          b: terminalId(device.id, part.b),
        })),
  );
}

/** True where wires lead to both sides of a part and do not go round it. */
const isWired = (context: CheckContext, a: TerminalId, b: TerminalId): boolean =>
  context.wiresAt(a).length > 0 && context.wiresAt(b).length > 0 && context.groupOf(a) !== context.groupOf(b);

/**
 * Parts that are wired in to protect: contacts of fire relays and break glasses that are closed at rest, each pole of them;
 * diodes, ends of line. A contact that nothing flows through, and that Aldaba would not wire, protects nothing.
 */
export function protections(context: CheckContext, target: Target): Set<string> {
  const { netlist } = context.world;
  const { point } = context.rest;
  const asAldabaWould = new Set(target.wires.flatMap(({ from, to }) => [from, to]));
  const partsOf = partsAt(context);
  return new Set([
    ...watched(context),
    ...droppedOutputs(context),
    ...partsOf
      .filter(({ type, part, id, a, b }) => {
        if (!PROTECTING.has(type.family) || !isWired(context, a, b)) return false;
        if (part.kind !== 'contact') return true;
        const branch = netlist.branchOf.get(id) ?? -1;
        if (point.on[branch] !== 1) return false;
        if (asAldabaWould.has(a)) {
          // Where Aldaba would use the other throw of this pole, the wire stands wrong.
          if (asAldabaWould.has(b)) return true;
          const throws = partsOf.filter((one) => one.a === a && one.b !== b);
          if (throws.some((one) => asAldabaWould.has(one.b))) return false;
        }
        return Math.abs(point.amps[branch] ?? 0) > IN_USE;
      })
      .map(({ id }) => id),
  ]);
}

/** Outputs that a supply or a board drops in a fire, whatever its fire input says now: what is fed from one stays so. */
const droppedOutputs = (context: CheckContext): string[] =>
  partsAt(context).flatMap(({ part, type, id, a, b }) =>
    part.kind === 'contact' &&
    functionsOf(type, 'fireInput').some(({ state }) => state === part.state) &&
    [a, b].some((end) => context.wiresAt(end).length > 0)
      ? [id]
      : [],
  );

/** True for a part, by its id or as a watch, of a device of this door or of the site. */
export const isAt = (plan: Plan, door: DoorId, part: string): boolean => {
  const device = plan.devices[part.replace(/^watch /, '').split(':')[0] ?? ''];
  return device?.door === door || device?.door === null;
};

/** What protects, but for inputs set to watch resistors that nobody put there and the door’s wiring does not ask for: they watch nothing. */
export const protecting = (
  context: CheckContext,
  findings: readonly Finding[],
  target: Target,
): Set<string> => {
  const isAsked = schoolsOf(context.door).contact === 'end-of-line';
  const bare = findings
    .filter(({ code }) => code === 'eol-missing' && !isAsked)
    .flatMap(({ at }) =>
      at.flatMap((one) => (one.kind === 'terminal' ? [`watch ${deviceOf(one.id)}:`] : [])),
    );
  return new Set(
    [...protections(context, target)].filter((part) => !bare.some((watch) => part.startsWith(watch))),
  );
};

/** Inputs that watch their pair by the resistors that stand there: one that is set to a plain contact watches no more. */
const watched = ({ world, parts }: CheckContext): string[] =>
  world.netlist.branches.flatMap((branch) =>
    branch.kind === 'input' && branch.supervised && hasResistors(parts) ? [`watch ${branch.id}`] : [],
  );

const hasResistors = (parts: CheckContext['parts']): boolean =>
  parts.resistors.length > 0 ||
  parts.contacts.some(({ type }) => type.parts.some(({ kind }) => kind === 'resistor'));

const isContact = ({ kind }: Part): boolean => kind === 'contact';

/**
 * Contacts that a wire leads to and none away from, counted by common: what a repair that goes round a device leaves
 * behind.
 */
export function halfContacts(context: CheckContext): number {
  const poles = new Map<TerminalId, boolean>();
  for (const { part, type, a, b } of partsAt(context)) {
    // An output that is fed by the board itself has but one side to be wired.
    const fed = new Set(type.parts.flatMap((one) => (one.kind === 'electronic' ? [one.a, one.b] : [])));
    if (isContact(part) && !fed.has(part.a) && !fed.has(part.b))
      poles.set(a, (poles.get(a) ?? false) || context.wiresAt(b).length > 0);
  }
  return [...poles].filter(([common, away]) => context.wiresAt(common).length > 0 !== away).length;
}
