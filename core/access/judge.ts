import { doorParts } from '../door/index';
import { entersByNumber, languageOf, seenBy, takesFingers, type Sent } from '../keypads/index';
import {
  isTheirs,
  opensEver,
  sameCard,
  wasTheirs,
  type CardNumber,
  type Door,
  type KeypadRecord,
  type Person,
  type Plan,
  type SlotContent,
} from '../plan/index';
import { freeAt, mayOpen, type Moment, type Rule } from './mayOpen';

/** What somebody holds out, or types. */
export type Presented =
  | { readonly kind: 'card'; readonly card: CardNumber & { readonly format: string } }
  /** With the number that is keyed before it, where what decides asks for one. */
  | { readonly kind: 'code'; readonly code: string; readonly slot?: number }
  | { readonly kind: 'finger'; readonly finger: string };

/** Why it opens or not. Ids and figures, no wording. */
export type Ground =
  /** What decides keeps a list, and the rule of it; the person is who it takes the card or code for. */
  | { readonly kind: 'rule'; readonly person: string; readonly rule: Rule }
  /** The door stands unlocked to everybody: nothing is asked. */
  | { readonly kind: 'free'; readonly hours: string }
  /** It stands in the keypad, which keeps no hours; null where the keypad holds it and the list knows nobody of it. */
  | { readonly kind: 'held'; readonly person: string | null; readonly slot: number }
  /** What comes is no card to what decides. */
  | { readonly kind: 'unseen'; readonly seen: Extract<Sent, { readonly seen: unknown }>['seen'] }
  | { readonly kind: 'no-such-frame'; readonly format: string }
  | { readonly kind: 'lost'; readonly person: string }
  /** Nobody on the list has it; or, at a keypad, it does not stand there. */
  | { readonly kind: 'nobody' }
  | { readonly kind: 'not-held' }
  /** Nobody has said what the keypad holds. */
  | { readonly kind: 'not-recorded' }
  | { readonly kind: 'nothing-decides' };

export interface Judgement {
  /** Null where the plan does not say enough. */
  readonly opens: boolean | null;
  readonly ground: Ground;
  /** What the reader sends, where a card is held out. */
  readonly bits: string | null;
  /** What is seen of it, where that is another card than was held out. */
  readonly as: CardNumber | null;
}

const answer = (opens: boolean | null, ground: Ground, more: Partial<Judgement> = {}): Judgement => ({
  opens,
  ground,
  bits: null,
  as: null,
  ...more,
});

/**
 * What decides at a door says of this card or code at this moment: by its list and hours, or by what is known to stand in its own keys.
 * A card is sent as bits and is what they are taken for, whoever it belongs to. `held`: what the keypad holds, where that is not what is
 * recorded.
 */
export function judge(
  plan: Plan,
  door: Door,
  presented: Presented,
  at: Moment,
  held: Pick<KeypadRecord, 'slots' | 'rest'> | null = null,
): Judgement {
  const { decider } = doorParts(plan, door.id);
  if (!decider) return answer(null, { kind: 'nothing-decides' });
  const language = languageOf(plan, decider.type.language);
  const free = language ? null : freeAt(plan, door, at);
  if (free !== null) return answer(true, { kind: 'free', hours: free });
  let said: Pick<SlotContent, 'code' | 'card' | 'fingers'>;
  let more: Partial<Judgement> = {};
  if (presented.kind === 'code') said = { code: presented.code || null, card: null };
  else if (presented.kind === 'finger') {
    // What a finger is to a controller its reader decides: nobody has said.
    if (!language || !takesFingers(language)) return answer(null, { kind: 'nothing-decides' });
    said = { code: null, card: null, fingers: [presented.finger] };
  } else {
    const sent = seenBy(plan, decider, presented.card);
    if ('unknown' in sent)
      return answer(null, { kind: 'no-such-frame', format: sent.unknown }, { bits: sent.bits });
    const { bits, seen } = sent;
    if (seen.kind !== 'card') return answer(false, { kind: 'unseen', seen }, { bits });
    said = { code: null, card: seen.card };
    more = { bits, as: sameCard(seen.card, presented.card) ? null : seen.card };
  }
  if (language) {
    const number =
      presented.kind === 'code' && entersByNumber(language) ? (presented.slot ?? null) : undefined;
    const memory = held ?? plan.memories[decider.device.id];
    if (!memory) return answer(null, { kind: 'not-recorded' }, more);
    const slot = Object.entries(memory.slots).find(
      ([key, one]) =>
        (said.code !== null && one.code === said.code && (number === undefined || number === Number(key))) ||
        said.fingers?.some((finger) => one.fingers?.includes(finger)) ||
        (said.card !== null && sameCard(one.card, said.card)),
    )?.[0];
    if (slot === undefined) {
      const sure = memory.rest === undefined && Object.values(memory.slots).every(({ unknown }) => !unknown);
      return sure ? answer(false, { kind: 'not-held' }, more) : answer(null, { kind: 'not-recorded' }, more);
    }
    const person = owner(plan, (one) => wasTheirs(one, said));
    return answer(true, { kind: 'held', person: person?.id ?? null, slot: Number(slot) }, more);
  }
  const mine = (one: Person) => isTheirs(one, said);
  const person = owner(plan, (one) => mine(one) && opensEver(plan, one, door.id)) ?? owner(plan, mine);
  if (!person) {
    const loser = owner(plan, (one) => wasTheirs(one, said));
    return answer(false, loser ? { kind: 'lost', person: loser.id } : { kind: 'nobody' }, more);
  }
  const { opens, rule } = mayOpen(plan, person, door, at);
  return answer(opens, { kind: 'rule', person: person.id, rule }, more);
}

const owner = (plan: Plan, is: (person: Person) => boolean): Person | undefined =>
  Object.values(plan.people)
    .filter(is)
    .sort((a, b) => (a.id < b.id ? -1 : 1))[0];
