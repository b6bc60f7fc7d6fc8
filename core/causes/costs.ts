import { deviceOf, findTypeIn, pinOf, type Plan, type TerminalId } from '../plan/index';
import type { Change } from './change';

/**
 * How much a change touches and how unlikely its mistake is among people: of two that both settle a door, the cheaper is
 * told first. Weights of judgement: a wire left out, on the next screw or changed over with its fellow is what happens.
 */
export const COSTS = {
  exchange: 1,
  lay: 1.1,
  'take-out': 1.4,
  set: 1.2,
  /** A plug is turned once, and all its leads with it. */
  turn: 1.2,
  remedy: 1.3,
  'exchange-part': 1.25,
  /** A part that was forgotten, and its wires with it. */
  'add-parts': 1.6,
  /** A cable of the door beside taken for one's own: where a wire stands so, it is hardly anything else. */
  otherDoor: 0.3,
  /** More for a wire's end that goes to another device. */
  otherDevice: 1,
  /** More for every terminal that lies between. */
  perTerminal: 0.01,
  /** Less where Aldaba would wire it so itself. */
  asAldabaWould: 0.5,
  /** More for every change beyond the first. */
  another: 1,
  /** Most changes that are told as one repair. */
  mostTogether: 6,
  /** More for each wire that still leads where Aldaba would lead none. */
  oddLeft: 0.25,
  mostOddLeft: 4,
  /** More for each contact that is left with one side only. */
  halfContact: 1.5,
  /** More for each part that lets people out and is still missed. */
  unreleased: 1.5,
  /** The same for one that sees the door. */
  unseen: 0.8,
  /** More for each lock that gets less than it had. */
  lessFed: 1,
} as const;

/** A move's cost: to the next terminal it is as easily made as an exchange. */
export function moveCost(plan: Plan, { from, to }: Extract<Change, { kind: 'move' }>): number {
  if (deviceOf(from) !== deviceOf(to)) return COSTS.exchange + COSTS.otherDevice;
  const terminals = findTypeIn(plan, plan.devices[deviceOf(from)]?.type ?? '')?.terminals ?? [];
  const place = (terminal: TerminalId) => terminals.findIndex(({ id }) => id === pinOf(terminal));
  return COSTS.exchange + COSTS.perTerminal * Math.min(20, Math.abs(place(from) - place(to)));
}

export const costOf = (plan: Plan, change: Change): number =>
  change.kind === 'move' ? moveCost(plan, change) : COSTS[change.kind];
