import type { ConductorId, DeviceId, TerminalId } from '../plan/index';

/** One step of a leg, in the direction from source to load. */
export type LegStep =
  | {
      readonly kind: 'wire';
      readonly conductor: ConductorId;
      readonly from: TerminalId;
      readonly to: TerminalId;
    }
  /** Through a contact or link inside a device. */
  | {
      readonly kind: 'through';
      readonly device: DeviceId;
      readonly part: string;
      readonly from: TerminalId;
      readonly to: TerminalId;
    };

/** The way between two terminals. Where it is broken, `near` reaches out from the source and `far` from the load. */
export type Leg =
  | { readonly complete: true; readonly steps: readonly LegStep[] }
  | { readonly complete: false; readonly near: readonly LegStep[]; readonly far: readonly LegStep[] };

export const LOOP_KINDS = [
  'lock-power',
  'exit',
  'feed',
  'contact',
  'line',
  'signal',
  'coil',
  'data',
  'bus',
  'audio',
  'across',
  'other',
] as const;
export type LoopKind = (typeof LOOP_KINDS)[number];

/** A closed run from its source through a load and back. */
export interface RoundLoop {
  readonly shape: 'round';
  readonly id: string;
  readonly letter: string;
  readonly kind: LoopKind;
  readonly source: LoopEnd;
  readonly load: LoopEnd;
  /** Source plus (or input) to the load. */
  readonly supply: Leg;
  /** Load back to source minus (or common). */
  readonly back: Leg;
  readonly complete: boolean;
  /** True where plus lands on the load's negative terminal. */
  readonly reversed: boolean;
}

/** The two-terminal part a loop starts from or works. */
export interface LoopEnd {
  readonly device: DeviceId;
  readonly part: string;
  /** Terminal on the supply leg. */
  readonly top: TerminalId;
  /** Terminal on the return leg. */
  readonly bottom: TerminalId;
}

/** Conductors side by side between two devices: data lines, parts across a coil, wires of no loop. */
export interface BundleLoop {
  readonly shape: 'bundle';
  readonly id: string;
  readonly letter: string;
  readonly kind: LoopKind;
  readonly left: DeviceId;
  readonly right: DeviceId;
  readonly lines: readonly {
    readonly conductor: ConductorId;
    readonly left: TerminalId;
    readonly right: TerminalId;
  }[];
}

export type Loop = RoundLoop | BundleLoop;

/** Conductors a leg uses. */
export const legWires = (leg: Leg): ConductorId[] =>
  (leg.complete ? leg.steps : [...leg.near, ...leg.far]).flatMap((step) =>
    step.kind === 'wire' ? [step.conductor] : [],
  );

/** Conductors a loop uses. */
export const loopWires = (loop: Loop): ConductorId[] =>
  loop.shape === 'bundle'
    ? loop.lines.map((line) => line.conductor)
    : [...legWires(loop.supply), ...legWires(loop.back)];
