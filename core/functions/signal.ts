import type { InputReading } from '../circuit/index';
import type { Inhabitant } from './inhabitant';

/** What a device remembers: its functions share one memory, each under names of its own. */
export type Memory = Readonly<Record<string, number | boolean | string>>;

export type Alarm = 'forced' | 'held-open' | 'tamper';

/** What reaches a device. */
export type Signal =
  | { readonly kind: 'timer'; readonly name: string }
  | {
      readonly kind: 'input';
      readonly input: string;
      readonly reading: InputReading;
      readonly before: InputReading;
    }
  | { readonly kind: 'power'; readonly on: boolean }
  /** `who` tells one card from another; `inner` that it came to the reader on the inside. */
  | {
      readonly kind: 'credential';
      readonly channel: number;
      readonly valid: boolean;
      readonly who?: number;
      readonly inner?: boolean;
    }
  /** The hours of free passage begin or end, by the clock of whoever keeps them. */
  | { readonly kind: 'hours'; readonly on: boolean }
  /** `held`: how long a hand stays at it, ms, where that is longer than a short press. */
  | { readonly kind: 'press'; readonly key?: string; readonly held?: number }
  /** Somebody turns the lever or pushes the bar from inside. */
  | { readonly kind: 'lever' }
  | { readonly kind: 'break' }
  | { readonly kind: 'reset' }
  | { readonly kind: 'fire' }
  | { readonly kind: 'fireGone' }
  | { readonly kind: 'fireReset' }
  | { readonly kind: 'network'; readonly on: boolean }
  /** A lockdown of the site is called over the network, or is over. */
  | { readonly kind: 'lockdown'; readonly on: boolean };

/** What a device does about it. Nothing is executed here: the step does that. */
export interface Reaction {
  /** Own states to set, by their short name. */
  readonly set?: Readonly<Record<string, boolean>>;
  readonly timers?: readonly { readonly name: string; readonly after: number }[];
  readonly cancel?: readonly string[];
  readonly memory?: Memory;
  readonly alarms?: Readonly<Partial<Record<Alarm, boolean>>>;
  /** What a door operator does with the leaf. */
  readonly door?: 'open' | 'close';
  readonly answer?: 'accepted' | 'refused';
  /** A card came from the side on which its person is not believed to be. */
  readonly passback?: true;
}

/** How one kind of device answers: pure, from what it remembers and what reaches it. */
export type React = (self: Inhabitant, memory: Memory, signal: Signal) => Reaction;

export const NOTHING: Reaction = {};
