import { messages } from '../../../messages';

export const say = messages({
  overwrittenCodeNobodyGets: 'overwritten with a code nobody gets',
  itsScreen: (screenSays: string) => `Its screen: ${screenSays}`,
});
