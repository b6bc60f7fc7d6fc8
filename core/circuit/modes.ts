import { modeAt } from './branchLaw';
import { ALTERNATING_VOLTS } from './damage';
import { BOARD, BOTH_WAYS, COIL, DIODE, NEVER, SOURCE, VARISTOR } from './fastBranches';
import type { Netlist } from './netlist';
import { LIMITING, OFF, ON } from './mode';
import { batteryAt, type IndexedConditions } from './indexedConditions';

/** Where the circuit begins: what every part did before, but that a source with a feed gives its voltage and a new fuse is whole. */
export function startInPlace(
  { fast }: Netlist,
  posed: IndexedConditions,
  on: Uint8Array,
  before?: Uint8Array,
): void {
  if (before) on.set(before);
  // A branch that was not there before had done nothing.
  on.fill(OFF, before?.length ?? 0);
  for (let i = 0; i < fast.sources.length; i += 1) {
    const index = fast.sources[i]!;
    if (on[index] === OFF) on[index] = ON;
  }
  for (let i = 0; i < fast.fuses.length; i += 1) {
    const index = fast.fuses[i]!;
    if (on[index] === OFF) on[index] = ON;
  }
  for (const { index, battery } of posed.fed) if (!battery) on[index] = OFF;
  for (let i = 0; i < fast.dead.length; i += 1) on[fast.dead[i]!] = OFF;
}

/** A contact follows its coil or state at once, as long as the board that holds it runs. */
export function closeContactsInPlace(
  { coilOf, boardOf, fast }: Netlist,
  { active }: IndexedConditions,
  on: Uint8Array,
): void {
  const { contacts, worksOn, heldBy, normallyClosed } = fast;
  for (let i = 0; i < contacts.length; i += 1) {
    const index = contacts[i]!;
    const coil = coilOf[index]!;
    const board = boardOf[index]!;
    const held = heldBy[index]!;
    const worked = coil < 0 ? active[worksOn[index]!] === 1 : on[coil] === ON;
    const moved = worked && !(held >= 0 && active[held] === 1) && (board < 0 || on[board] === ON);
    on[index] = moved === (normallyClosed[index] === 1) ? OFF : ON;
  }
}

/** True where more than a trace of alternating voltage lies across a branch. */
export const isAlternating = ({ fast }: Netlist, volts: Float64Array | null, index: number): boolean =>
  volts !== null && Math.abs(volts[fast.a[index]!]! - volts[fast.b[index]!]!) > ALTERNATING_VOLTS;

/** The modes that the solution asks for; null where it contradicts none. */
export function modesAfter(netlist: Netlist, posed: IndexedConditions, on: Uint8Array): Uint8Array | null {
  const { branches, fast, scratch } = netlist;
  const { potential, island } = scratch;
  const { switching, a, b } = fast;
  const alternating = fast.alternating.length > 0 ? scratch.alternating : null;
  let next: Uint8Array | null = null;
  for (let i = 0; i < switching.length; i += 1) {
    const index = switching[i]!;
    const [from, to] = [a[index]!, b[index]!];
    // Between two parts of a circuit that nothing joins there is no voltage to answer to.
    const across = island[from] === island[to] ? potential[from]! - potential[to]! : 0;
    const mode =
      alternating === null
        ? steadyMode(netlist, posed, index, on[index]!, across)
        : modeAt(
            branches[index]!,
            on[index]!,
            across,
            posed.conditions,
            isAlternating(netlist, alternating, index),
          );
    if (mode === on[index]) continue;
    next ??= on.slice();
    next[index] = mode;
  }
  return next;
}

/** What `modeAt` says of a branch where nothing alternates, out of arrays. */
export function steadyMode(
  { fast }: Pick<Netlist, 'fast'>,
  posed: IndexedConditions,
  index: number,
  mode: number,
  across: number,
): number {
  const { failed } = posed;
  switch (fast.answers[index]) {
    case COIL:
      return held(fast, index, mode, Math.abs(across));
    case BOARD:
      return failed.length > 0 && failed.includes(index) ? OFF : held(fast, index, mode, across);
    case BOTH_WAYS:
      return failed.length > 0 && failed.includes(index) ? OFF : held(fast, index, mode, Math.abs(across));
    case NEVER:
      return OFF;
    case DIODE:
      return across > fast.onVolts[index]! ? ON : OFF;
    case VARISTOR:
      return Math.abs(across) <= fast.onVolts[index]! ? OFF : across > 0 ? ON : LIMITING;
    case SOURCE: {
      if (mode === OFF) return OFF;
      const battery = posed.fed.length > 0 ? batteryAt(posed, index) : null;
      const emf = battery ? battery.volts : fast.onVolts[index]!;
      const ohms = battery ? fast.ohms[index]! + battery.extraOhms : fast.ohms[index]!;
      const most = fast.maxAmps[index]!;
      if (mode === ON) return (emf - across) / ohms > most * (1 + 1e-9) ? LIMITING : ON;
      return across > emf - most * ohms ? ON : LIMITING;
    }
    default:
      return mode;
  }
}

/** A coil or board that is on stays so down to its lower voltage, and comes on at its upper one. */
const held = ({ onVolts, offVolts }: Netlist['fast'], index: number, mode: number, volts: number): number => {
  if (mode === ON) return volts < offVolts[index]! ? OFF : ON;
  return volts >= onVolts[index]! ? ON : OFF;
};
