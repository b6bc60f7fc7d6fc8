import type { SlotContent } from '../plan/index';
import {
  change,
  changed,
  isSettled,
  newUser,
  personChanges,
  scrapFor,
  setCard,
  setCode,
  strokesFor,
  type Change,
  type ScrapCode,
} from './changes';
import { keying } from './keying';
import { can, sameCard, seriesOf, type KeypadLanguage, type Memory } from './language';

type Slots = Readonly<Record<number, SlotContent>>;

/** Slots searched through to the last possibility; more that hang together are worked off one after the other. */
const SEARCHED = 5;
/** States that are looked at before a search gives up. */
const MOST_STATES = 4000;

/**
 * The changes with the fewest strokes that lead from what slots hold to what they shall hold. Slots hang together where one shall have
 * what another has: each group is searched by itself, cheapest first, as what is keyed in one touches no other.
 * `stuck` are slots that nothing leads to what they shall hold.
 */
export function leastChanges(
  language: KeypadLanguage,
  memory: Memory,
  wanted: Slots,
  scrapCode: ScrapCode,
): {
  readonly changes: Change[];
  readonly memory: Memory;
  readonly stuck: readonly number[];
  /** True where every possibility was looked at: there is no shorter way. */
  readonly isLeast: boolean;
} {
  const changes: Change[] = [];
  let isLeast = true;
  const stuck: number[] = [];
  const slots = { ...memory.slots };
  const taken = codesIn(memory.slots, wanted);
  const groups = withSeries(language, memory, wanted, groupsOf(memory, wanted));
  // Of many slots the cards are put into series afterwards, and no longer every way is looked at.
  if (seriesOf(language) && groups.length > 1) isLeast = false;
  // What nobody knows of may be what another slot shall have: it is settled first.
  const doubt = (group: readonly number[]) =>
    group.some((slot) => memory.slots[slot]?.unknown) ? (group.some((slot) => wanted[slot]) ? 1 : 0) : 2;
  for (const group of [...groups].sort((a, b) => doubt(a) - doubt(b))) {
    // No other slot matters to these: the keypad is looked at as if it held them alone.
    const alone = { ...memory, slots: only(memory.slots, group) };
    const goal = only(wanted, group);
    const mayEnd = group.every((slot) => canGo(language, memory.slots[slot], wanted[slot]));
    const found =
      mayEnd && group.length <= SEARCHED ? searched(language, alone, goal, group, taken, scrapCode) : null;
    isLeast &&= found !== null;
    const way = found ?? oneByOne(language, alone, goal, group, taken, scrapCode);
    changes.push(...way.changes);
    stuck.push(...way.stuck);
    for (const slot of group) delete slots[slot];
    Object.assign(slots, way.memory.slots);
    taken.push(...way.changes.flatMap(({ scrap, values }) => (scrap ? [String(values.code)] : [])));
  }
  return { changes, memory: { ...memory, slots }, stuck, isLeast };
}

/**
 * Where cards are keyed in series, slots that follow each other hang together too. As long as they are few they are searched as one,
 * with the slots between them whose card may be presented again; of many the cards are put into series afterwards.
 */
function withSeries(
  language: KeypadLanguage,
  { slots }: Memory,
  wanted: Slots,
  groups: readonly number[][],
): readonly number[][] {
  const all = groups.flat().sort((a, b) => a - b);
  if (!seriesOf(language) || all.length < 2) return groups;
  const [from, to] = [all[0]!, all.at(-1)!];
  const between: number[] = [];
  for (let slot = from; slot <= to && between.length <= SEARCHED; slot += 1)
    if (all.includes(slot) || (slots[slot]?.card && wanted[slot]?.card)) between.push(slot);
  return between.length <= SEARCHED ? [between] : groups;
}

const only = (slots: Slots, group: readonly number[]): Slots =>
  Object.fromEntries(
    group.flatMap((slot) => {
      const held = slots[slot];
      return held ? [[slot, held]] : [];
    }),
  );

/** False where a card is held that no command takes away, and no other comes in its place. */
const canGo = (
  language: KeypadLanguage,
  held: SlotContent | undefined,
  wanted: SlotContent | undefined,
): boolean =>
  ((!held?.card && !mayBe(held, 'card')) || !!wanted?.card || can(language, 'clear-slot', 'delete-card')) &&
  (!over(held, wanted) || can(language, 'clear-slot'));

/** True where a finger stands in a slot that shall not. */
const over = (held: SlotContent | undefined, wanted: SlotContent | undefined): boolean =>
  held?.fingers?.some((finger) => !wanted?.fingers?.includes(finger)) ?? false;

/** True where nobody knows whether such a thing stands in the slot. */
const mayBe = (held: SlotContent | undefined, what: 'code' | 'card'): boolean =>
  held?.unknown === what || held?.unknown === 'all';

/** Slots that are not as they shall be, each with those that have what it shall have. */
function groupsOf(memory: Memory, wanted: Slots): number[][] {
  const numbers = [...new Set([...Object.keys(memory.slots), ...Object.keys(wanted)].map(Number))].sort(
    (a, b) => a - b,
  );
  const wrong = numbers.filter((slot) => !isSettled(memory.slots[slot], wanted[slot], new Set()));
  const codes = new Map<string, number>();
  const cards = new Map<string, number>();
  const fingers = new Map<string, number>();
  for (const [slot, { code, card, fingers: laid = [] }] of Object.entries(memory.slots)) {
    for (const finger of laid) fingers.set(finger, Number(slot));
    if (code !== null) codes.set(code, Number(slot));
    if (card) cards.set(`${card.facility}-${card.number}`, Number(slot));
  }
  const parent = new Map(wrong.map((slot) => [slot, slot]));
  const root = (slot: number): number => {
    const up = parent.get(slot) ?? slot;
    return up === slot ? slot : root(up);
  };
  const join = (slot: number, other: number | undefined) => {
    if (other === undefined || other === slot) return;
    if (!parent.has(other)) parent.set(other, other);
    parent.set(root(slot), root(other));
  };
  for (const slot of wrong) {
    const { code = null, card = null, fingers: laid = [] } = wanted[slot] ?? {};
    for (const finger of laid) join(slot, fingers.get(finger));
    if (code !== null) join(slot, codes.get(code));
    if (card) join(slot, cards.get(`${card.facility}-${card.number}`));
  }
  const groups = new Map<number, number[]>();
  for (const slot of [...parent.keys()].sort((a, b) => a - b))
    groups.set(root(slot), [...(groups.get(root(slot)) ?? []), slot]);
  return [...groups.values()];
}

interface Way {
  readonly changes: Change[];
  readonly memory: Memory;
  readonly stuck: number[];
}

/** What may sensibly be keyed at one slot now. */
function optionsAt(
  language: KeypadLanguage,
  memory: Memory,
  wanted: Slots,
  slot: number,
  taken: readonly string[],
  scraps: ReadonlySet<string>,
  scrapCode: ScrapCode,
): Change[] {
  const held = memory.slots[slot];
  const { code = null, card = null } = wanted[slot] ?? {};
  const found: (Change | null)[] = [];
  const shall = wanted[slot];
  if (!held && shall) found.push(newUser(language, slot, shall));
  if (held && shall) found.push(...personChanges(language, slot, held, shall));
  if (code !== null && held?.code !== code) found.push(setCode(language, slot, code));
  if (card && !sameCard(held?.card ?? null, card)) found.push(setCard(language, slot, card));
  if (card && seriesOf(language)) {
    const cards = [card];
    for (let next = wanted[slot + 1]?.card; next; next = wanted[slot + cards.length]?.card) {
      cards.push(next);
      found.push(change(language, 'set-card', { slot, cards: [...cards] }, slot));
      if (cards.length >= SEARCHED) break;
    }
  }
  if (!held) return found.filter((one) => one !== null);
  found.push(change(language, 'clear-slot', { slot }, slot));
  if (held.code !== null) found.push(change(language, 'delete-code', { code: held.code }, slot));
  const stays = held.code === null ? held.unknown !== undefined : !scraps.has(held.code);
  if (stays && !can(language, 'clear-slot', 'delete-code'))
    found.push(scrapFor(language, memory, slot, taken, scrapCode));
  if (held.card) found.push(change(language, 'delete-card', { cards: [held.card] }, slot));
  return found.filter((one) => one !== null);
}

const codesIn = (...tables: readonly Slots[]): string[] =>
  tables.flatMap((slots) => Object.values(slots).flatMap(({ code }) => code ?? []));

/** Cheapest first through every state that the slots of a group can be in; null where there is no way, or too many states. */
function searched(
  language: KeypadLanguage,
  start: Memory,
  wanted: Slots,
  group: readonly number[],
  taken: readonly string[],
  scrapCode: ScrapCode,
): Way | null {
  interface Node extends Way {
    readonly cost: number;
    readonly scraps: ReadonlySet<string>;
  }
  const keyOf = (memory: Memory) => JSON.stringify(group.map((slot) => memory.slots[slot] ?? null));
  const open: Node[] = [{ changes: [], memory: start, stuck: [], cost: 0, scraps: new Set() }];
  const done = new Set<string>();
  while (open.length > 0 && done.size < MOST_STATES) {
    let least = 0;
    for (let index = 1; index < open.length; index += 1)
      if (open[index]!.cost < open[least]!.cost) least = index;
    const [node] = open.splice(least, 1);
    const key = keyOf(node!.memory);
    if (done.has(key)) continue;
    done.add(key);
    if (group.every((slot) => isSettled(node!.memory.slots[slot], wanted[slot], node!.scraps))) return node!;
    for (const slot of group)
      for (const option of optionsAt(language, node!.memory, wanted, slot, taken, node!.scraps, scrapCode)) {
        const memory = changed(language, node!.memory, option);
        if (!memory || done.has(keyOf(memory))) continue;
        open.push({
          changes: [...node!.changes, option],
          memory,
          stuck: [],
          cost: node!.cost + strokesFor(language, option),
          scraps: option.scrap ? new Set([...node!.scraps, String(option.values.code)]) : node!.scraps,
        });
      }
  }
  return null;
}

/** Whatever can be keyed is; where all wait for each other, one slot is put out of the way. Slots that nothing leads to are stuck. */
function oneByOne(
  language: KeypadLanguage,
  start: Memory,
  wanted: Slots,
  group: readonly number[],
  taken: readonly string[],
  scrapCode: ScrapCode,
): Way {
  const keyed = keying(language, start);
  const scraps = new Set<string>();
  const aside = new Set<number>();
  const key = (one: Change | null): boolean => {
    if (!one || !keyed.key(one)) return false;
    if (one.scrap) scraps.add(String(one.values.code));
    return true;
  };
  const empty = (slot: number): boolean =>
    key(change(language, 'clear-slot', { slot }, slot)) ||
    key(scrapFor(language, keyed.memory, slot, taken, scrapCode));
  const open = () => group.filter((slot) => !isSettled(keyed.memory.slots[slot], wanted[slot], scraps));
  for (;;) {
    const moved = open().some((slot) => {
      const held = keyed.memory.slots[slot];
      const { code = null, card = null } = wanted[slot] ?? {};
      const shall = wanted[slot];
      if (!held && shall && key(newUser(language, slot, shall))) return true;
      if (held && shall && personChanges(language, slot, held, shall).some((one) => key(one))) return true;
      if (code !== null && held?.code !== code && key(setCode(language, slot, code))) return true;
      if (card && !sameCard(held?.card ?? null, card) && key(setCard(language, slot, card))) return true;
      const more =
        held &&
        (over(held, shall) ||
          ((held.code !== null || mayBe(held, 'code')) && code === null) ||
          ((held.card || mayBe(held, 'card')) && !card));
      return more === true && !aside.has(slot) && !!aside.add(slot) && empty(slot);
    });
    if (moved) continue;
    const next = open().find((slot) => keyed.memory.slots[slot] && !aside.has(slot));
    if (next === undefined) return { changes: [...keyed.changes], memory: keyed.memory, stuck: open() };
    aside.add(next);
    empty(next);
  }
}
