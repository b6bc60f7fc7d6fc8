import { messages } from '../../../messages';

export const say = messages({
  from: (label: string) => `${label} from`,
  to: (label: string) => `${label} to`,
  mustEndAfterBegins: 'It must end after it begins.',
  nextDay: 'next day',
  remove: (label: string, index: number) => `Remove ${label}, ${index}`,
  hours: 'Hours',
});
