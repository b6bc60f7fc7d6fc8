import { messages } from '../../../messages';

export const say = messages({
  keepsNoListPeople: (tag: string) =>
    `${tag} keeps no list of people and hours, or waits for a card format that nobody knows: there is nothing to send.`,
  whatHolds: (tag: string) => `What ${tag} holds`,
  simulated: (tag: string) => `${tag}, simulated`,
  noDeviceRealSite: (decidedBy: string) =>
    `No device of a real site is behind this: a stand-in takes what is sent, keeps it, and decides from it. It serves ${decidedBy}.`,
  itIsBeingAsked: 'It is being asked.',
  networkLostNotReached: 'Its network is lost: it is not reached, and goes on with what it holds.',
  nothingBeenSentYet: 'Nothing has been sent to it yet.',
  holdsHoldPeopleLevels: (count: number, count2: number) =>
    `It holds what it is to hold: ${count} people, ${count2} levels.`,
  itHoldsSomethingElseIn: (count: number) =>
    `It holds something else in ${count === 1 ? 'one thing' : `${count} things`}.`,
  andMore: (count: number) => `And ${count} more.`,
  sendTheList: 'Send the list',
  readBackAndCompare: 'Read back and compare',
  putItsNetworkBack: 'Put its network back',
  cutItsNetwork: 'Cut its network',
  ask: (tag: string) => `Ask ${tag}`,
  somebodyComes: 'Somebody comes',
  askIt: 'Ask it',
  neitherCardNorCode: (person: string) => `${person} has neither a card nor a code.`,
  holdsNothingNobodyLet: 'It holds nothing: nobody is let in.',
});
