import { messages } from '../../messages';

export const say = messages({
  title: 'Sign in · Aldaba',
  thisServerAsksWho: 'This server is reached from other machines, so it asks who you are.',
  wrongPassphrase: 'That is not the passphrase.',
  nameMissing: 'Say who you are: the log keeps the name with every change.',
  yourName: 'Your name',
  passphrase: 'Passphrase',
  signIn: 'Sign in',
});
