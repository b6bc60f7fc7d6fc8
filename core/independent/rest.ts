import { solveDense } from '../circuit/index';
import type { Element, Wiring } from './wiring';

/** What stands from outside while a circuit comes to rest. */
export interface Held {
  /** States that people and devices set, `device:state`. */
  readonly states: ReadonlySet<string>;
  /** Sources that give nothing, and boards that never run. */
  readonly out: ReadonlySet<string>;
}

/** What parts do: coils that are pulled in, boards that run, diodes that conduct, sources at their limit; by id. */
export type Doing = ReadonlyMap<string, number>;

/** A circuit at rest. `rests` is false where it goes round and round: then nothing is said of it. */
export interface AtRest {
  readonly doing: Doing;
  /** Volts between the ends of each part, null where nothing joins them. */
  readonly volts: ReadonlyMap<string, number | null>;
  readonly rests: boolean;
  /** A source is at its limit and has next to nothing left: how much, the resistance of wires decides, which is not read. */
  readonly shorted: boolean;
}

const LEAK = 1e-6;
const ROUNDS = 160;
/** Share of its voltage below which a source at its limit counts as shorted. */
const SHORTED_SHARE = 0.1;
/** From here on one part answers at a time: what ran in a circle all together may come to rest so. */
const ONE_AT_A_TIME = 40;

const isClosed = (contact: Element, doing: Doing, { states }: Held): boolean => {
  const worked = doing.has(`coil ${contact.state}`)
    ? doing.get(`coil ${contact.state}`) === 1
    : states.has(contact.state);
  const held = contact.unless !== null && states.has(contact.unless);
  const runs = contact.needs === null || doing.get(contact.needs) === 1;
  return (worked && !held && runs) !== contact.closedAtRest;
};

/** The circuit as it is while every part goes on doing what it does. */
function solve({ points, elements }: Wiring, doing: Doing, held: Held, drawn: ReadonlyMap<string, number>) {
  const resistors: { id: string; a: number; b: number; siemens: number }[] = [];
  const emfs: { id: string; a: number; b: number; volts: number; ohms: number }[] = [];
  const currents: { id: string; a: number; b: number; amps: number }[] = [];
  for (const one of elements) {
    const { id, a, b } = one;
    if (a === b) continue;
    const mode = doing.get(id) ?? 0;
    const resist = (siemens: number) => resistors.push({ id, a, b, siemens });
    switch (one.kind) {
      case 'contact':
        if (isClosed(one, doing, held)) resist(1 / Math.max(one.ohms, 0.01));
        break;
      case 'coil':
      case 'load':
      case 'resistor':
      case 'output':
      case 'fuse':
        resist(1 / Math.max(one.ohms, 0.01));
        break;
      case 'board':
        resist(LEAK);
        if (mode === 1) currents.push({ id, a, b, amps: one.amps >= 0 ? one.amps : (drawn.get(id) ?? 0) });
        break;
      case 'source':
        if (held.out.has(id)) break;
        if (mode === 2) {
          resist(LEAK);
          currents.push({ id, a, b, amps: -one.amps });
        } else emfs.push({ id, a, b, volts: one.volts, ohms: one.ohms });
        break;
      case 'input':
        if (one.needs !== null && doing.get(one.needs) === 1)
          emfs.push({ id, a, b, volts: one.volts, ohms: one.ohms });
        break;
      case 'diode':
        if (mode === 1) emfs.push({ id, a, b, volts: one.volts, ohms: Math.max(one.ohms, 0.01) });
        break;
      case 'varistor':
        if (mode !== 0)
          emfs.push({ id, a, b, volts: mode === 1 ? one.volts : -one.volts, ohms: Math.max(one.ohms, 0.01) });
        break;
    }
  }
  const network = { nodes: points, resistors, emfs, currents, powers: [] };
  const potential = solveDense(network);
  const island = Array.from({ length: points }, (_, n) => n);
  const root = (n: number): number => {
    let at = n;
    while (island[at] !== at) at = island[at]!;
    return at;
  };
  for (const { a, b } of [...resistors, ...emfs]) island[root(a)] = root(b);
  return (a: number, b: number): number | null =>
    a === b ? 0 : root(a) === root(b) ? potential[a]! - potential[b]! : null;
}

/** What a part does next, at these volts. */
function next(one: Element, mode: number, across: number, out: ReadonlySet<string>): number {
  switch (one.kind) {
    case 'coil':
      return Math.abs(across) >= (mode === 1 ? one.off : one.volts) ? 1 : 0;
    case 'board':
      return !out.has(one.id) && across >= (mode === 1 ? one.off : one.volts) ? 1 : 0;
    case 'diode':
      return across > one.volts ? 1 : 0;
    case 'varistor':
      return Math.abs(across) <= one.volts ? 0 : across > 0 ? 1 : 2;
    case 'source': {
      if (out.has(one.id)) return 0;
      if (mode === 2) return across > one.volts ? 1 : 2;
      return (one.volts - across) / one.ohms > one.amps ? 2 : 1;
    }
    default:
      return mode;
  }
}

const ANSWERING: ReadonlySet<Element['kind']> = new Set(['coil', 'board', 'diode', 'varistor', 'source']);

/** Lets a circuit come to rest from what its parts did before. */
export function comeToRest(wiring: Wiring, held: Held, before: Doing): AtRest {
  const doing = new Map<string, number>();
  for (const one of wiring.elements) {
    if (one.kind === 'coil') doing.set(`coil ${one.id}`, before.get(one.id) ?? 0);
    if (ANSWERING.has(one.kind))
      doing.set(one.id, held.out.has(one.id) ? 0 : (before.get(one.id) ?? (one.kind === 'source' ? 1 : 0)));
  }
  const drawn = new Map<string, number>();
  for (let round = 0; round < ROUNDS; round += 1) {
    const between = solve(wiring, doing, held, drawn);
    let changed = false;
    for (const one of wiring.elements) {
      if (!ANSWERING.has(one.kind)) continue;
      const across = between(one.a, one.b) ?? 0;
      const mode = doing.get(one.id) ?? 0;
      const then = next(one, mode, across, held.out);
      if (one.kind === 'board' && one.amps < 0 && then === 1 && across > 0) {
        const amps = -one.amps / Math.max(across, one.off);
        if (Math.abs(amps - (drawn.get(one.id) ?? 0)) > 1e-4) changed = true;
        drawn.set(one.id, amps);
      }
      if (then === mode) continue;
      doing.set(one.id, then);
      if (one.kind === 'coil') doing.set(`coil ${one.id}`, then);
      changed = true;
      if (round >= ONE_AT_A_TIME) break;
    }
    if (!changed)
      return {
        doing,
        volts: new Map(wiring.elements.map(({ id, a, b }) => [id, between(a, b)])),
        rests: true,
        shorted: wiring.elements.some(
          ({ id, kind, a, b, volts }) =>
            kind === 'source' && doing.get(id) === 2 && (between(a, b) ?? 0) < SHORTED_SHARE * volts,
        ),
      };
  }
  return { doing, volts: new Map(), rests: false, shorted: false };
}
