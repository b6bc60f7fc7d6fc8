import { messages } from '../../../messages';

export const say = messages({
  everyOrderOfEvents: 'Every order of events',
  stop: 'Stop',
  tryAgain: 'Try again',
  tryEveryOrder: 'Try every order',
  cardsExitsLeafPower:
    'Cards, exits, the leaf, power, fire, glass, a controller that hangs, the network: in every order, from rest, with time passing to the next timer. What must hold whatever happens:',
  stumbledTryAgainRest: 'It stopped unexpectedly. Try again; the rest of the site is untouched.',
  brokenBy: (count: number) =>
    `broken by ${count === 0 ? 'the door at rest' : `${count} ${count === 1 ? 'event' : 'events'}`}`,
  notAsked: (why: string) => `not asked: ${why}`,
  keptInEveryState: 'kept in every state',
  keptFarLooked: 'kept as far as was looked',
  statesEventsTried: (count: string, count2: string) => `${count} states, ${count2} events tried`,
  allThemRowsAny: (seen: string) => `${seen}: all of them, rows of any length`,
  everyRowOfUpTo: (depth: number) => `every row of up to ${depth} ${depth === 1 ? 'event' : 'events'}`,
  soFar: (seen: string, far: string) => `${seen}; ${far} so far`,
  notBeyond: (seen: string, far: string) => `${seen}; ${far}, not beyond`,
  broken: (promise: string) => `Broken: ${promise}`,
  broken2: (promise: string) => `${promise}: broken`,
  doorRestNothingHappened: 'The door is at rest; nothing has happened.',
  playItOnTheBench: 'Play it on the bench',
  keepStoryScenario: 'keep a story as a scenario',
  keptUnderTiming: 'Kept under Timing',
  keepItAsAScenario: 'Keep it as a scenario',
});
