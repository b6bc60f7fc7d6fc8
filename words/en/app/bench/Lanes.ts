import { messages } from '../../../messages';

export const say = messages({
  sounds: 'sounds',
  quiet: 'quiet',
  relay: 'Relay',
  pulledIn: 'pulled in',
  atRest: 'at rest',
  alarm: 'Alarm',
  lock: 'Lock',
  door: 'Door',
  from: (s: string, clockWords: string) => `${s} from ${clockWords}`,
});
