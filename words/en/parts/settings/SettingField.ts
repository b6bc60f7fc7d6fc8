import { messages } from '../../../messages';

export const say = messages({
  notKnown: (value: string) => `${value}, not known`,
  like: (example: string) => `Like ${example}.`,
  aNumberFromTo: (min: number, max: number) => `A number from ${min} to ${max}.`,
});
