import { messages } from '../../messages';

export const say = messages({
  dipSwitchesFor: (value: number) => `DIP switches for ${value}`,
  on: (said: string) => `${said} on`,
  allOff: 'all off',
});
