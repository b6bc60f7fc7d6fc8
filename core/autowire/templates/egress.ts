import type { DryInput } from '../../devices/index';
import type { DoorParts, Placed } from '../../door/index';
import { layout, NO_LAYOUT, type Run } from '../run';
import { dropsFor } from './lockPower';
import { pin, run, type Template } from './template';

/** What delays the way out here, with its terminals: a lock of its own kind, or a board beside a fail-safe one. */
export const egressAt = ({ locks, relays }: DoorParts): Placed | null =>
  [...locks, ...relays].find(({ type }) => type.roles.egress) ?? null;

/**
 * Delayed egress: its fire input is a loop that an alarm opens, through the fire relay where that stands in no power of the lock, else
 * closed by a bridge; the decider's relay closes its bypass, so that who has a right passes without an alarm.
 */
export const egress: Template = (parts, ledger) => {
  const at = egressAt(parts);
  const wants = at?.type.roles.egress;
  if (!at || !wants) return NO_LAYOUT;
  const loop = (input: DryInput, ...through: (readonly [Placed, string, string])[]): Run[] => {
    const chain = [
      pin(at, input.input),
      ...through.flatMap(([one, a, b]) => [pin(one, a), pin(one, b)]),
      pin(at, input.common),
    ];
    return chain.flatMap((from, index) => {
      const to = chain[index + 1];
      const role = index + 2 === chain.length && through.length > 0 ? 'exit-common' : 'alarm';
      return index % 2 === 0 && to ? [run(ledger.take(from), ledger.take(to), role, 'signal')] : [];
    });
  };
  const own = at.type.lock !== undefined && dropsFor(parts, at) === null;
  const relays = own ? parts.fireRelays : [];
  const fire = loop(
    wants.fire,
    ...relays.flatMap((relay) => {
      const [pole] = relay.type.roles.breakers ?? [];
      return pole ? [[relay, pole.com, pole.nc] as const] : [];
    }),
  );
  const { decider, channel } = parts;
  const contact = decider?.type.roles.switches?.[channel];
  // A board stands in the lock's power beside the decider's own contact, which lets go without it.
  const passes = at.type.lock && wants.bypass && decider && contact;
  const bypass = passes
    ? [
        run(
          ledger.take(pin(at, wants.bypass!.input)),
          ledger.take(pin(decider, contact.no)),
          'exit',
          'signal',
        ),
        run(
          ledger.take(pin(decider, contact.com)),
          ledger.take(pin(at, wants.bypass!.common)),
          'exit-common',
          'signal',
        ),
      ]
    : [];
  return layout([...fire, ...bypass]);
};
