import { messages } from '../../../messages';

export const say = messages({
  singleFaultsOfTheSite: 'Single faults of the site',
  tryEverySingleFault: 'Try every single fault of the site',
  doorsThatWereTried: 'Doors that were tried',
  stop: 'Stop',
  goOn: 'Go on',
  oneMoment: 'One moment…',
  faultsTriedDoorsTrap: (tried: number, of: number, count: number, count2: number) =>
    `${tried} faults tried at ${of} doors: ${count} trap somebody, ${count2} open what is protected`,
  ofDoorsFaults: (done: number, of: number, tried: number) => `${done} of ${of} doors, ${tried} faults`,
  oneThingBreaksAnywhere:
    'One thing breaks anywhere; then every situation, and from every room the way to safe ground, and from the street the way to what is protected.',
  somebodyIsTrapped: 'Somebody is trapped',
  whatIsProtectedStandsOpen: 'What is protected stands open',
  andMore: (slice: string, count: number) => `${slice} and ${count} more`,
});
