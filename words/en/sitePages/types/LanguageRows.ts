import { messages } from '../../../messages';

export const say = messages({
  thisCannotBeRead: 'This cannot be read.',
  keysOfExample: (index: number) => `Keys of example ${index}`,
  answerOfExample: (index: number) => `Answer of example ${index}`,
  whatIsHeldAfterExample: (index: number) => `What is held after example ${index}`,
  comesOut: '✓ comes out',
  otherwise: '✕ otherwise',
  removeExample: (index: number) => `Remove example ${index}`,
  beeps: (name: string) => `Beeps: ${name}`,
  howItBeeps: (name: string) => `How it beeps: ${name}`,
  short: 'short',
  long: 'long',
  light: (name: string) => `Light: ${name}`,
});
