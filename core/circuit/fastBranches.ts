import { LEAK_SIEMENS, type Branch, type BranchOf } from './branch';
import { boardSiemens } from './siemens';

/** Ends and numbers by branch index, and the branches that need more than a conductance, by kind. */
export interface FastBranches {
  readonly a: Int32Array;
  readonly b: Int32Array;
  /** Conductance of a branch that never switches; 0 for contacts, diodes and sources. */
  readonly fixed: Float64Array;
  /** Conductance of a contact, diode, varistor, fuse, source or resistive board that is on; 0 for all else. */
  readonly siemensOn: Float64Array;
  readonly contacts: Int32Array;
  readonly normallyClosed: Uint8Array;
  /** Number of each state that works a contact or holds one, by its key. */
  readonly stateOf: ReadonlyMap<string, number>;
  /** By branch: the state that works a contact and the one that holds it at rest, −1 for none. */
  readonly worksOn: Int32Array;
  readonly heldBy: Int32Array;
  /** Branches that a rating or the wrong kind of current may harm. */
  readonly rated: Int32Array;
  readonly sources: Int32Array;
  readonly fuses: Int32Array;
  readonly boards: Int32Array;
  readonly inputs: Int32Array;
  /** Coils, boards, diodes, varistors, sources and fuses: what a solution may contradict, or has done for good. */
  readonly switching: Int32Array;
  /** By branch: how what switches answers to a voltage. */
  readonly answers: Uint8Array;
  /** Volts at which a coil pulls in or a board starts, and below which it stops; behind a diode, varistor, source or input. */
  readonly onVolts: Float64Array;
  readonly offVolts: Float64Array;
  /** Most that a source delivers, or what a fuse is rated for, amps; inner resistance of a source, ohms. */
  readonly maxAmps: Float64Array;
  readonly ohms: Float64Array;
  /** Branches with a broken winding or nothing behind them: off, whatever lies across. None in a sound circuit. */
  readonly dead: Int32Array;
  /** Sources of alternating current; empty in most circuits, and then nothing is asked about them. */
  readonly alternating: Int32Array;
}

/** How a branch that switches answers to the voltage across it. */
const NONE = 0;
export const COIL = 1;
export const BOARD = 2;
/** A board that takes either polarity. */
export const BOTH_WAYS = 3;
/** A board for alternating current, where none alternates. */
export const NEVER = 4;
export const DIODE = 5;
export const VARISTOR = 6;
export const SOURCE = 7;
export const FUSE = 8;

const SWITCHED: ReadonlySet<Branch['kind']> = new Set(['contact', 'diode', 'varistor', 'fuse']);
const SWITCHING: ReadonlySet<Branch['kind']> = new Set([
  'coil',
  'electronic',
  'diode',
  'varistor',
  'source',
  'fuse',
]);
const UNRATED: ReadonlySet<Branch['kind']> = new Set(['conductor', 'resistor', 'link', 'varistor']);

export function fastBranches(branches: readonly Branch[]): FastBranches {
  const kinds: Record<
    'contacts' | 'rated' | 'sources' | 'boards' | 'inputs' | 'switching' | 'alternating' | 'fuses',
    number[]
  > = {
    contacts: [],
    rated: [],
    sources: [],
    boards: [],
    inputs: [],
    switching: [],
    alternating: [],
    fuses: [],
  };
  const stateOf = new Map<string, number>();
  const numberOf = (state: string): number => {
    const known = stateOf.get(state);
    if (known !== undefined) return known;
    stateOf.set(state, stateOf.size);
    return stateOf.size - 1;
  };
  const count = branches.length;
  const numbers = () => new Float64Array(count);
  const [siemensOn, onVolts, offVolts, maxAmps, ohms] = [
    numbers(),
    numbers(),
    numbers(),
    numbers(),
    numbers(),
  ];
  const answers = new Uint8Array(count);
  const normallyClosed = new Uint8Array(count);
  const worksOn = new Int32Array(count).fill(-1);
  const heldBy = new Int32Array(count).fill(-1);
  for (let index = 0; index < count; index += 1) {
    const branch = branches[index]!;
    if (!UNRATED.has(branch.kind)) kinds.rated.push(index);
    if (SWITCHING.has(branch.kind)) kinds.switching.push(index);
    switch (branch.kind) {
      case 'contact':
        kinds.contacts.push(index);
        siemensOn[index] = branch.siemens;
        normallyClosed[index] = branch.normallyClosed ? 1 : 0;
        worksOn[index] = numberOf(branch.state);
        if (branch.unless !== null) heldBy[index] = numberOf(branch.unless);
        break;
      case 'coil':
        answers[index] = COIL;
        onVolts[index] = branch.pullInVolts;
        offVolts[index] = branch.dropOutVolts;
        break;
      case 'electronic':
        kinds.boards.push(index);
        answers[index] = answerOf(branch);
        onVolts[index] = branch.startVolts;
        offVolts[index] = branch.minVolts;
        if (branch.law === 'resistive') siemensOn[index] = boardSiemens(branch);
        break;
      case 'diode':
      case 'varistor':
        answers[index] = branch.kind === 'diode' ? DIODE : VARISTOR;
        onVolts[index] = branch.volts;
        siemensOn[index] = branch.siemens;
        break;
      case 'source':
        kinds.sources.push(index);
        if (branch.current === 'ac') kinds.alternating.push(index);
        answers[index] = SOURCE;
        onVolts[index] = branch.volts;
        siemensOn[index] = 1 / branch.ohms;
        maxAmps[index] = branch.maxAmps;
        ohms[index] = branch.ohms;
        break;
      case 'fuse':
        kinds.fuses.push(index);
        answers[index] = FUSE;
        siemensOn[index] = branch.siemens;
        maxAmps[index] = branch.ratedAmps;
        break;
      case 'input':
        kinds.inputs.push(index);
        onVolts[index] = branch.volts;
        break;
    }
  }
  return {
    a: Int32Array.from(branches, (branch) => branch.a),
    b: Int32Array.from(branches, (branch) => branch.b),
    fixed: fixedSiemens(branches),
    siemensOn,
    normallyClosed,
    stateOf,
    worksOn,
    heldBy,
    answers,
    onVolts,
    offVolts,
    maxAmps,
    ohms,
    contacts: Int32Array.from(kinds.contacts),
    rated: Int32Array.from(kinds.rated),
    sources: Int32Array.from(kinds.sources),
    fuses: Int32Array.from(kinds.fuses),
    boards: Int32Array.from(kinds.boards),
    inputs: Int32Array.from(kinds.inputs),
    switching: Int32Array.from(kinds.switching),
    dead: new Int32Array(0),
    alternating: Int32Array.from(kinds.alternating),
  };
}

/** What a board makes of a voltage that does not alternate. */
const answerOf = ({ current }: BranchOf<'electronic'>): number =>
  current === 'dc' ? BOARD : current === 'ac' ? NEVER : BOTH_WAYS;

export const fixedSiemens = (branches: readonly Branch[]): Float64Array =>
  Float64Array.from(branches, (branch) => {
    if (branch.kind === 'electronic') return LEAK_SIEMENS;
    return SWITCHED.has(branch.kind) || branch.kind === 'source' ? 0 : branch.siemens;
  });

/** The same with one more conductor after all others. */
export function withOneMore(
  fast: FastBranches,
  { a, b, siemens }: Pick<BranchOf<'conductor'>, 'a' | 'b' | 'siemens'>,
): FastBranches {
  return {
    ...fast,
    a: longer(fast.a, a),
    b: longer(fast.b, b),
    fixed: longer(fast.fixed, siemens),
    siemensOn: longer(fast.siemensOn, 0),
    normallyClosed: longer(fast.normallyClosed, 0),
    worksOn: longer(fast.worksOn, -1),
    heldBy: longer(fast.heldBy, -1),
    answers: longer(fast.answers, NONE),
    onVolts: longer(fast.onVolts, 0),
    offVolts: longer(fast.offVolts, 0),
    maxAmps: longer(fast.maxAmps, 0),
    ohms: longer(fast.ohms, 0),
  };
}

/** A list with one more value at its end. */
export function longer<T extends Int32Array | Float64Array | Uint8Array>(list: T, value: number): T {
  const one = new (list.constructor as new (length: number) => T)(list.length + 1);
  one.set(list);
  one[list.length] = value;
  return one;
}
