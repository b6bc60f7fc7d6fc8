import { deviceOf, pinOf, typeIn, type Plan, type TerminalId } from '../plan/index';

/** Counts conductors per terminal, so that a template moves on when a terminal is full. */
export interface Ledger {
  used(terminal: TerminalId): number;
  /** Takes one place at this terminal, full or not: the checks name an overfull one. */
  take(terminal: TerminalId): TerminalId;
  /** Takes one place at the first of these terminals that has room, or at the last. */
  takeAny(terminals: readonly TerminalId[]): TerminalId;
}

/** A ledger that knows the conductors of the plan that stay. */
export function openLedger(plan: Plan, staying: readonly { from: TerminalId; to: TerminalId }[]): Ledger {
  const count = new Map<TerminalId, number>();
  const add = (terminal: TerminalId) => count.set(terminal, (count.get(terminal) ?? 0) + 1);
  for (const { from, to } of staying) {
    add(from);
    add(to);
  }
  const room = (terminal: TerminalId): boolean => {
    const device = plan.devices[deviceOf(terminal)];
    const spec = device && typeIn(plan, device).terminals.find((t) => t.id === pinOf(terminal));
    return (count.get(terminal) ?? 0) < (spec?.maxConductors ?? 1);
  };
  const take = (terminal: TerminalId): TerminalId => {
    add(terminal);
    return terminal;
  };
  return {
    used: (terminal) => count.get(terminal) ?? 0,
    take,
    takeAny: (terminals) => take(terminals.find(room) ?? terminals[terminals.length - 1] ?? ''),
  };
}
