import { messages } from '../../../messages';

export const say = messages({
  noSetsBusesNetwork: 'No sets, buses or network devices yet',
  theyAppearHereSoon:
    'They appear here as soon as a door has a door station, a controller with a reader bus, or a device with a network address.',
});
