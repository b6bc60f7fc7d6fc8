import { messages } from '../../../messages';

export const say = messages({
  serverDoesNotAnswer: 'The server does not answer. Nobody was signed out.',
  whoIsSignedIn: 'Who is signed in',
  whoeverSignedOutHere:
    'Whoever is signed out here has to sign in again before anything is shown or saved. What they have typed stays in their browser.',
  oneMoment: 'One moment…',
  signedIn: (current: boolean, device: string, address: string, time: string) =>
    `${current ? 'This browser' : `A ${device} at ${address}`}, signed in ${time}`,
  lastSeen: (time: string) => `, last seen ${time}`,
  signOutAt: (one: string, device: string, address: string) => `Sign out ${one}, ${device} at ${address}`,
  signOut: 'Sign out',
});
