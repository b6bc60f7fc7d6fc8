import type { BranchOf } from './branch';
import { LEAK_SIEMENS } from './branch';
import { solvePowerInPlace } from './constantPower';
import { eliminateInPlace, potentialsInPlace } from './elimination';
import { BOARD, BOTH_WAYS, DIODE, FUSE, NEVER, SOURCE, VARISTOR } from './fastBranches';
import type { Netlist } from './netlist';
import { LIMITING, OFF, ON } from './mode';
import type { IndexedConditions } from './indexedConditions';

/**
 * Fills `siemens` and `emf` for the present modes: what `conductanceOf` and `emfOf` of `branchLaw.ts` say, out of arrays. A
 * property holds the two to each other.
 */
export function fillBranchesInPlace(
  { fast, boardOf, scratch }: Netlist,
  posed: IndexedConditions,
  on: Uint8Array,
): void {
  const { siemens, emf } = scratch;
  const { siemensOn, onVolts, contacts, switching, inputs } = fast;
  siemens.set(fast.fixed);
  emf.fill(0);
  for (let i = 0; i < contacts.length; i += 1) {
    const index = contacts[i]!;
    if (on[index] === ON) siemens[index] = siemensOn[index]!;
  }
  for (let i = 0; i < switching.length; i += 1) {
    const index = switching[i]!;
    const mode = on[index]!;
    if (mode === OFF) continue;
    switch (fast.answers[index]) {
      case BOARD:
      case BOTH_WAYS:
      case NEVER:
        // Boards of direct current draw by their law, and leak.
        if (siemensOn[index] !== 0) siemens[index] = siemensOn[index]!;
        break;
      case DIODE:
        siemens[index] = siemensOn[index]!;
        emf[index] = onVolts[index]!;
        break;
      case VARISTOR:
        siemens[index] = siemensOn[index]!;
        emf[index] = mode === ON ? onVolts[index]! : -onVolts[index]!;
        break;
      case FUSE:
        if (mode === ON) siemens[index] = siemensOn[index]!;
        break;
      case SOURCE:
        siemens[index] = mode === ON ? siemensOn[index]! : LEAK_SIEMENS;
        emf[index] = mode === ON ? onVolts[index]! : 0;
        break;
    }
  }
  for (let i = 0; i < inputs.length; i += 1) {
    const index = inputs[i]!;
    const board = boardOf[index]!;
    if (board >= 0 && on[board] === ON) emf[index] = onVolts[index]!;
  }
  for (const { index, battery } of posed.fed) {
    if (!battery || on[index] !== ON) continue;
    siemens[index] = 1 / (fast.ohms[index]! + battery.extraOhms);
    emf[index] = battery.volts;
  }
  for (const index of posed.cut) siemens[index] = 0;
}

/**
 * One linear solution in the present modes; constant-power boards are solved on the same factors. Gives the boards whose
 * law no currents were found to obey: none, nearly always.
 */
export function solveInPlace(netlist: Netlist, posed: IndexedConditions, on: Uint8Array): readonly number[] {
  const { branches, elimination, fast, scratch } = netlist;
  const { conductance, steady, siemens, emf, injection } = scratch;
  const { a, b, sources, boards, maxAmps } = fast;
  const { slotOf } = elimination;
  fillBranchesInPlace(netlist, posed, on);
  conductance.fill(0);
  steady.fill(0);
  for (let index = 0; index < siemens.length; index += 1) {
    const g = siemens[index]!;
    if (g === 0) continue;
    conductance[slotOf[index]!]! += g;
    const e = emf[index]!;
    if (e === 0) continue;
    steady[a[index]!]! += g * e;
    steady[b[index]!]! -= g * e;
  }
  for (let i = 0; i < sources.length; i += 1) {
    const index = sources[i]!;
    if (on[index] !== LIMITING) continue;
    steady[a[index]!]! += maxAmps[index]!;
    steady[b[index]!]! -= maxAmps[index]!;
  }
  let power: number[] | null = null;
  for (let i = 0; i < boards.length; i += 1) {
    const index = boards[i]!;
    if (on[index] !== ON) continue;
    const board = branches[index] as BranchOf<'electronic'>;
    if (board.law === 'resistive') continue;
    if (board.law === 'power') {
      (power ??= []).push(index);
      continue;
    }
    steady[a[index]!]! -= board.draw;
    steady[b[index]!]! += board.draw;
  }
  eliminateInPlace(elimination, scratch);
  if (fast.alternating.length > 0) alternatingInPlace(netlist, on);
  injection.set(steady);
  if (power !== null) return solvePowerInPlace(netlist, power) ? NONE : power;
  potentialsInPlace(elimination, scratch);
  return NONE;
}

const NONE: readonly number[] = [];

/**
 * What the alternating sources alone give each node, by superposition on the same factors: two circuits that share one point
 * without a current between them stay what they are.
 */
function alternatingInPlace(netlist: Netlist, on: Uint8Array): void {
  const { elimination, fast, scratch } = netlist;
  const { injection, siemens, emf, alternating, potential } = scratch;
  injection.fill(0);
  for (const index of fast.alternating) {
    const amps = on[index] === LIMITING ? fast.maxAmps[index]! : siemens[index]! * emf[index]!;
    injection[fast.a[index]!]! += amps;
    injection[fast.b[index]!]! -= amps;
  }
  potentialsInPlace(elimination, scratch);
  alternating.set(potential);
}
