import { messages } from '../../../messages';

export const say = messages({
  singleFaults: 'Single faults',
  eachWireOffEach:
    'Each wire off, each pair of neighbouring terminals touching, each contact welded or dead, each device dead: one at a time, in every situation.',
  whatEachPartIsWorth: 'What each part is worth',
  takeEachOutInTurn: 'Remove each in turn',
  atIt: 'At it…',
  done: 'Done',
  eachExitReleaseContact:
    'Each exit, release and contact is held still in turn, and every other fault is tried again: so many come to more without it.',
  coversNoSingleFault: 'covers for no single fault of something else',
  coversWhichWouldLock: (count: number, count2: number) =>
    `covers for ${count} ${count === 1 ? 'fault' : 'faults'}, ${count2} of which would lock somebody in`,
  whatWouldHelp: 'What would help',
  tryWhatWouldHelp: 'Try what would help',
  latchSecondPoleContact:
    'A latch, a second pole, a contact that opens, a watched line, a pair of its own: each is made on a copy, and every fault is tried again.',
  noneThemMakesFewer: 'None of them makes fewer faults come to the worst at this door.',
  doIt: 'Do it',
  pairsOfFaults: 'Pairs of faults',
  tryPairs: 'Try pairs',
  nobodyNoticesStaysUntil:
    'What nobody notices stays, until a second thing breaks. A first fault that raises an alarm is repaired first.',
  howFarItIs: 'How far it is',
  stumbledShownFoundBefore: 'It stopped unexpectedly: what is shown was found before.',
  oneMoment: 'One moment…',
  ofTried: (done: number, of: number) => `${done} of ${of} tried`,
  stop: 'Stop',
  goOn: 'Go on',
  showThem: 'Show them',
  showAll: (count: number) => `Show all ${count}`,
  andMore: (slice: string, count: number) => `${slice} and ${count} more`,
  showOnTheBench: (words: string) => `${words}: show on the bench`,
  onTheBench: 'On the bench',
  noPairComesMore: 'No pair comes to more than its faults alone.',
  then: (faultWords: string, faultWords2: string) => `${faultWords}, then ${faultWords2}`,
});
