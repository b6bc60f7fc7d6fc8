import { messages } from '../../../messages';

export const say = messages({
  bench: 'Bench',
  letTimeRun: 'Let time run',
  stopTime: 'Stop time',
  howFastTimeRuns: 'How fast time runs',
  speedTimes: (speed: number) => `Speed: ${speed} times`,
  skipToTheNextEvent: 'Skip to the next event',
  backToRest: 'Back to rest',
  doneTime: 'What was done, with its time',
  journalOfTheBench: 'Journal of the bench',
  somebody: 'Somebody…',
  cutOrMendAWire: 'Cut or repair a wire',
  cut: (count: number) => `${count} cut`,
  cutAWire: 'Cut a wire…',
  mend: 'Repair',
  cut2: 'Cut',
  closeTheBench: 'Close the bench',
  broken: (broken: string) => `Broken: ${broken}`,
  doneSinceDoorRest:
    "What was done since the door was at rest, and what came of it. Time is the bench's own.",
  journal: 'Journal',
});
