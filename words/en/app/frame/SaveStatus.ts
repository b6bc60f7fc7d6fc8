import { messages } from '../../../messages';

export const say = messages({
  saved: 'Saved',
  saving: 'Saving…',
  notSentYet: 'Not sent yet',
  notSavedTroubleThere: 'Not saved: trouble there',
  notSavedSignIn: 'Not saved: sign in',
  notSavedSiteGone: 'Not saved: site gone',
  signIn: 'Sign in',
  notSaved: (count: number) => `Not saved: ${count}`,
});
