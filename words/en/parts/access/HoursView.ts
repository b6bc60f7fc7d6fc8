import { messages } from '../../../messages';

export const say = messages({
  workingHours: 'Working hours',
  hours: (count: number) => `Schedule ${count}`,
  addHours: 'add a schedule',
  noHoursYet: 'No schedules yet',
  hours2: 'Schedule',
  hoursSayWhenLevels:
    'A schedule says when: access levels open doors by it, doors are unlocked by it. On holidays other hours apply.',
});
