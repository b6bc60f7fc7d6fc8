import type { CheckContext } from '../checks/index';
import { type TerminalId, terminalLabel } from '../plan/index';

export type Phase = 'before-power' | 'power-up' | 'function';
export type CheckUnit = 'Ω' | 'V' | 'A' | 's' | 'yes';

/** What to do, worded in the interface from its code and values. */
export type CheckTask =
  | 'supply-not-shorted'
  | 'leg-continuity'
  | 'contact-open'
  | 'supply-volts'
  | 'device-volts'
  | 'lock-volts-rest'
  | 'lock-amps-rest'
  | 'lock-volts-credential'
  | 'relock-seconds'
  | 'operator-opens'
  | 'wrong-credential'
  | 'lock-volts-entry'
  | 'forced-alarm'
  | 'held-seconds'
  | 'tamper-alarm'
  | 'lockdown'
  | 'lockdown-exit'
  | 'lockdown-site'
  | 'lockdown-site-exit'
  | 'interlock'
  | 'passage'
  | 'passage-first'
  | 'passage-over'
  | 'passback'
  | 'passback-out'
  | 'network-lost'
  | 'phone-range'
  | 'alarm-sounder-volts'
  | 'line-normal'
  | 'line-alarm'
  | 'line-trouble'
  | 'lock-volts-exit'
  | 'delay-seconds'
  | 'delay-alarm'
  | 'delay-rearmed'
  | 'door-contact'
  | 'lock-volts-call'
  | 'sounder-volts'
  | 'lock-volts-break'
  | 'reset-break'
  | 'lock-volts-fire'
  | 'fire-stays'
  | 'reset-fire'
  | 'lock-volts-battery'
  | 'all-dead'
  | 'lever-dead';

/** One line of a check sheet. Its id is stable while the wiring it speaks of stays. */
export interface CheckItem {
  readonly id: string;
  readonly phase: Phase;
  readonly task: CheckTask;
  readonly unit: CheckUnit;
  /** Where the probes go: one or two terminals, in labels of the door. */
  readonly where: readonly string[];
  readonly values: Readonly<Record<string, string | number>>;
  /** What the engine expects, null for a yes/no check. Infinity is an open circuit. */
  readonly expected: number | null;
  readonly low: number | null;
  readonly high: number | null;
}

/** Tolerances of a reading against the engine's figure. Source: practice with a hand-held meter. */
export const TOLERANCE = {
  volts: (v: number) => Math.max(0.3, Math.abs(v) * 0.05),
  amps: (a: number) => Math.max(0.02, Math.abs(a) * 0.15),
  ohms: (r: number) => 0.5 + r * 0.25,
  seconds: (s: number) => Math.max(0.5, s * 0.1),
} as const;
/** Above this an open contact or a supply without short may read, ohms. */
export const OPEN_OHMS = 100_000;
/** A lock that is let go may still show this much, volts. */
const RELEASED_VOLTS = 0.5;

/** How the door writes a terminal. */
export const label = ({ plan, door }: CheckContext, terminal: TerminalId) =>
  terminalLabel(plan, terminal, door.id);

/** A voltage between two terminals: within the meter’s tolerance, or as good as none. */
export function voltsItem(
  context: CheckContext,
  id: string,
  phase: Phase,
  task: CheckTask,
  volts: number,
  where: readonly TerminalId[],
  values: CheckItem['values'],
): CheckItem {
  const released = Math.abs(volts) < RELEASED_VOLTS;
  return {
    id,
    phase,
    task,
    unit: 'V',
    where: where.map((end) => label(context, end)),
    values,
    expected: volts,
    low: released ? -RELEASED_VOLTS : volts - TOLERANCE.volts(volts),
    high: released ? RELEASED_VOLTS : volts + TOLERANCE.volts(volts),
  };
}

/** Something to see or hear, answered by yes. */
export const yes = (id: string, task: CheckTask, values: CheckItem['values']): CheckItem => ({
  id,
  phase: 'function',
  task,
  unit: 'yes',
  where: [],
  values,
  expected: null,
  low: null,
  high: null,
});
