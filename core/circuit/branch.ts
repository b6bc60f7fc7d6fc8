import type { Current, PartOf } from '../devices/index';

/** One part or conductor between two nodes, with its numbers resolved. Current counts positive from a to b. */
export type Branch = { readonly id: string; readonly a: number; readonly b: number } & (
  { readonly kind: 'conductor'; readonly siemens: number } | ({ readonly device: string } & DeviceBranch)
);

type DeviceBranch =
  | {
      readonly kind: 'contact';
      readonly siemens: number;
      readonly normallyClosed: boolean;
      /** Key of the state that works it: `device:state`, or the branch id of a coil in the same device. */
      readonly state: string;
      /** Branch id of the board that must run, or null. */
      readonly needs: string | null;
      /** Key of the state that holds it at rest, or null. */
      readonly unless: string | null;
      readonly maxAmps: number;
    }
  | {
      readonly kind: 'coil';
      readonly siemens: number;
      readonly pullInVolts: number;
      readonly dropOutVolts: number;
      readonly maxVolts: number;
      readonly current: Current;
    }
  | { readonly kind: 'load'; readonly siemens: number; readonly maxVolts: number; readonly current: Current }
  | {
      readonly kind: 'electronic';
      /** A board for alternating current stands as a resistance: it has no polarity to draw against. */
      readonly law: 'current' | 'power' | 'resistive';
      readonly draw: number;
      readonly minVolts: number;
      readonly startVolts: number;
      readonly maxVolts: number;
      readonly current: Current;
    }
  | {
      readonly kind: 'source';
      readonly volts: number;
      readonly ohms: number;
      readonly maxAmps: number;
      readonly battery: ResolvedBattery | null;
      readonly current: 'ac' | 'dc';
    }
  | {
      readonly kind: 'input';
      readonly volts: number;
      readonly siemens: number;
      readonly poweredBy: string;
      readonly closedBelow: number;
      readonly openAbove: number;
      readonly supervised: PartOf<'input'>['supervised'] | null;
    }
  | { readonly kind: 'output'; readonly siemens: number; readonly maxVolts: number }
  | { readonly kind: 'varistor'; readonly volts: number; readonly siemens: number }
  | { readonly kind: 'diode'; readonly volts: number; readonly siemens: number }
  | { readonly kind: 'resistor'; readonly siemens: number }
  | { readonly kind: 'fuse'; readonly siemens: number; readonly ratedAmps: number }
  | { readonly kind: 'link'; readonly siemens: number };

export interface ResolvedBattery {
  readonly ampHours: number;
  readonly fullVolts: number;
  readonly cutOffVolts: number;
  readonly ohms: number;
}

export type BranchOf<K extends Branch['kind']> = Extract<Branch, { kind: K }>;

/** Leakage of a circuit board and of a source that limits its current, siemens: 1 MΩ. */
export const LEAK_SIEMENS = 1e-6;
