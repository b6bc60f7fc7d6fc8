import { frameOf, seenAs, type CardNumbers, type Seen } from '../cards/index';
import { roleValue, type DeviceType } from '../devices/index';
import {
  cardsInUse,
  formatsOf,
  sameCard,
  type Device,
  type HeldCard,
  type Person,
  type Plan,
} from '../plan/index';

/** Whoever takes what a reader sends. */
interface Taker {
  readonly device: Device;
  readonly type: DeviceType;
}

/** Id of the card format that a device is set to; null where it has no such setting. */
export function waitsFor({ device, type }: Taker): string | null {
  const value = roleValue(type, device.settings, 'frame');
  return typeof value === 'string' ? value || 'bits-26' : null;
}

/** The bits that a card sends, and what they are taken for. */
export type Sent =
  | { readonly bits: string; readonly seen: Seen }
  /** A format that nobody knows, or that has no room for the numbers: what it sends is not known. */
  | { readonly bits: string | null; readonly unknown: string };

/** What a device makes of a card that is held to a reader of its. */
export function seenBy(plan: Plan, taker: Taker, card: CardNumbers & { readonly format: string }): Sent {
  const formats = formatsOf(plan);
  const own = formats.find(({ id }) => id === card.format);
  const bits = own ? frameOf(own, card) : null;
  if (bits === null) return { bits, unknown: card.format };
  const waits = waitsFor(taker);
  // What reads cards itself takes the numbers as they are printed.
  if (waits === null)
    return { bits, seen: { kind: 'card', card: { facility: card.facility, number: card.number } } };
  const format = formats.find(({ id }) => id === waits);
  return format ? { bits, seen: seenAs(format, bits) } : { bits, unknown: waits };
}

/** Cards that a device does not see as what they are. */
export const unseenCards = (
  plan: Plan,
  taker: Taker,
  people: readonly Person[],
): { readonly person: Person; readonly card: HeldCard; readonly sent: Sent }[] =>
  people.flatMap((person) =>
    cardsInUse(person).flatMap((card) => {
      const sent = seenBy(plan, taker, card);
      const right = 'seen' in sent && sent.seen.kind === 'card' && sameCard(sent.seen.card, card);
      return right ? [] : [{ person, card, sent }];
    }),
  );
