import type { TerminalId } from '../plan/index';
/** A loop drawing as plain shapes. The screen, the SVG export and the printed pack all draw from these. */
export type Shape =
  | {
      readonly kind: 'wire';
      readonly conductor: string;
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
      readonly hex: string;
      /** Amps it carries, for the width of the band; 0 for none. */
      readonly amps: number;
      readonly cut: boolean;
    }
  | {
      readonly kind: 'box';
      readonly device: string;
      readonly role: 'source' | 'load' | 'lock' | 'through';
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
    }
  /** Contact arm between two terminals; horizontal or, in a load, vertical. */
  | {
      readonly kind: 'contact';
      readonly part: string;
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
      readonly closed: boolean;
      readonly live: boolean;
    }
  | { readonly kind: 'lead'; readonly points: readonly (readonly [number, number])[] }
  | { readonly kind: 'resistor'; readonly x1: number; readonly x2: number; readonly y: number }
  /** A fuse between two terminals: a body that its wire runs through, or whose wire has parted. */
  | {
      readonly kind: 'fuse';
      readonly part: string;
      readonly x1: number;
      readonly x2: number;
      readonly y: number;
      readonly blown: boolean;
    }
  | { readonly kind: 'gang'; readonly x: number; readonly y1: number; readonly y2: number }
  | {
      readonly kind: 'gap';
      readonly x1: number;
      readonly x2: number;
      readonly y: number;
      readonly after: string;
    }
  | { readonly kind: 'terminal'; readonly terminal: TerminalId; readonly x: number; readonly y: number }
  | {
      readonly kind: 'text';
      readonly style: 'tag' | 'name' | 'pin' | 'wire' | 'reading' | 'figure';
      readonly x: number;
      readonly y: number;
      readonly anchor: 'start' | 'middle' | 'end';
      readonly text: string;
      /** Device or conductor it labels, so that pointing at one shows it everywhere. */
      readonly of: string;
    };

export interface Drawing {
  readonly width: number;
  readonly height: number;
  readonly shapes: readonly Shape[];
}

/** What a drawing shows beside the wiring: the present readings. Absent on a drawing without power. */
export interface Live {
  ampsOf(conductor: string): number;
  isCut(conductor: string): boolean;
  /** Whether a contact, by `device:part`, is closed now, or a fuse whole. */
  isClosed(part: string): boolean;
  ampsThrough(part: string): number;
  /** One or two short lines of figures for a device's part: `13.10 V`, `0.47 A held`. */
  figures(device: string, part: string): readonly string[];
}
