import type { FaultResult } from './result';

/**
 * What a single fault comes to, worst first: somebody is locked in; out only by an act where the door should be free; open, and
 * nobody is told; open, with an alarm; whoever may come in does not; no longer proven; nothing but an alarm; nothing at all.
 */
export const FAULT_GROUPS = [
  'trapped',
  'act-only',
  'open-unnoticed',
  'open-told',
  'locked-out',
  'unproven',
  'told',
  'harmless',
] as const;
export type FaultGroup = (typeof FAULT_GROUPS)[number];

/** The group of a fault; `before` are the alarms that stand at the sound door already. */
export function groupOf({ worst, alarms }: FaultResult, before: readonly string[]): FaultGroup {
  const told = alarms.some((alarm) => !before.includes(alarm));
  switch (worst) {
    case 'locked-in':
      return 'trapped';
    case 'out-by-act-only':
      return 'act-only';
    case 'open':
      return told ? 'open-told' : 'open-unnoticed';
    case 'locked-out':
      return 'locked-out';
    case 'not-proven':
      return 'unproven';
    case 'alarm':
      return 'told';
    case 'same':
      return told ? 'told' : 'harmless';
  }
}

/** True where one group is worse than another. */
export const isWorseGroup = (one: FaultGroup, other: FaultGroup): boolean =>
  FAULT_GROUPS.indexOf(one) < FAULT_GROUPS.indexOf(other);
