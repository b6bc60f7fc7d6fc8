import { messages } from '../../../messages';

export const say = messages({
  workingHours: 'Working hours',
  hours: (count: number) => `Hours ${count}`,
  addHours: 'add hours',
  noHoursYet: 'No hours yet',
  hours2: 'Hours',
  hoursSayWhenLevels:
    'Hours say when: levels open doors by them, doors stand unlocked by them. On days off others hold.',
});
