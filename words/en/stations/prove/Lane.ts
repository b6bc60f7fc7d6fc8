import { messages } from '../../../messages';

export const say = messages({
  from: (holdName: string, formatSeconds: string) => `${holdName} from ${formatSeconds}`,
  theLockFromHereOn: 'The lock from here on',
  theLock: (told: string) => `The lock: ${told}`,
});
