import { kindOf } from '../shape';

/**
 * Keeps the time of day, and the hours that it is sent: of people, and of free passage. What it does with them at each of its doors say
 * settings by role, channel by channel: `free`, `passback`, `forgive`.
 */
export const clock = kindOf('clock', {});
