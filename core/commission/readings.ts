import type { Plan, Reading } from '../plan/index';
import type { CheckItem } from './checkItem';

/** Whether a reading passes. A yes/no check passes on yes, which is recorded as 1. */
export function judgeReading(item: CheckItem, value: number): boolean {
  if (item.unit === 'yes') return value === 1;
  return (item.low === null || value >= item.low) && (item.high === null || value <= item.high);
}

/** The newest reading of each check of a door. What was withdrawn stays in the plan and does not count. */
export function latestReadings(plan: Plan, door: string): Map<string, Reading> {
  const latest = new Map<string, Reading>();
  for (const reading of Object.values(plan.readings)) {
    if (reading.door !== door || reading.withdrawn) continue;
    const known = latest.get(reading.check);
    if (!known || known.at < reading.at || (known.at === reading.at && known.id < reading.id)) {
      latest.set(reading.check, reading);
    }
  }
  return latest;
}

/** Every reading of a check, newest first, those that were withdrawn among them. */
export const readingsOf = (plan: Plan, door: string, check: string): Reading[] =>
  Object.values(plan.readings)
    .filter((reading) => reading.door === door && reading.check === check)
    .sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : a.id < b.id ? 1 : -1));

/** True where what was expected when a reading was taken is no longer what the plan expects. */
export const isStale = (item: CheckItem, reading: Reading): boolean =>
  Math.abs((reading.low ?? 0) - (item.low ?? 0)) > 0.02 ||
  Math.abs((reading.high ?? 0) - (item.high ?? 0)) > 0.02;
