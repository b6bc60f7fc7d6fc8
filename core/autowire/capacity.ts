import { deviceOf, pinOf, typeIn, type Plan, type TerminalId } from '../plan/index';

/** Terminals of which any one will do, the best first. */
export type Choice = readonly [TerminalId, ...TerminalId[]];

/** Counts conductors per terminal, so that a template moves on when a terminal is full. */
export interface Ledger {
  used(terminal: TerminalId): number;
  /** Takes one place at this terminal, full or not: the checks name an overfull one. */
  take(terminal: TerminalId): TerminalId;
  /** Takes one place at the first of these terminals that has room, or at the last. */
  takeAny(terminals: Choice): TerminalId;
}

/** How many conductors a terminal takes; one where nothing is known of it. */
export function mostConductors(plan: Plan, terminal: TerminalId): number {
  const device = plan.devices[deviceOf(terminal)];
  const spec = device && typeIn(plan, device).terminals.find((one) => one.id === pinOf(terminal));
  return spec?.maxConductors ?? 1;
}

/** A ledger that knows the conductors of the plan that stay. */
export function openLedger(plan: Plan, staying: readonly { from: TerminalId; to: TerminalId }[]): Ledger {
  const count = new Map<TerminalId, number>();
  const add = (terminal: TerminalId) => count.set(terminal, (count.get(terminal) ?? 0) + 1);
  for (const { from, to } of staying) {
    add(from);
    add(to);
  }
  const room = (terminal: TerminalId): boolean => (count.get(terminal) ?? 0) < mostConductors(plan, terminal);
  const take = (terminal: TerminalId): TerminalId => {
    add(terminal);
    return terminal;
  };
  return {
    used: (terminal) => count.get(terminal) ?? 0,
    take,
    takeAny: (terminals) => take(terminals.find(room) ?? terminals.at(-1) ?? terminals[0]),
  };
}
