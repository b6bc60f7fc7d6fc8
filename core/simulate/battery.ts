import type { Feed, ResolvedBattery } from '../circuit/index';

/**
 * Open-circuit voltage of a sealed lead-acid battery by the charge left: a straight line from full to
 * cut-off. Real ones stay higher for longer, so this errs towards too little voltage.
 */
export function batteryVolts(battery: ResolvedBattery, ampHoursLeft: number): number {
  const share = Math.max(0, Math.min(1, ampHoursLeft / battery.ampHours));
  return battery.cutOffVolts + (battery.fullVolts - battery.cutOffVolts) * share;
}

/** The feed a battery gives: nothing once it is empty. */
export const batteryFeed = (battery: ResolvedBattery, ampHoursLeft: number): Feed =>
  ampHoursLeft <= 0 ? { kind: 'off' } : { kind: 'battery', volts: batteryVolts(battery, ampHoursLeft) };
