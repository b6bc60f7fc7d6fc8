import { messages } from '../../../messages';

export const say = messages({
  keepTheScenario: 'keep the scenario',
  scenario: (count: number) => `Scenario ${count}`,
  writeAScenario: 'write a scenario',
  scenarios: 'Scenarios',
  nothingLocksMovesDoor: 'Nothing locks or moves this door yet. Wire it, and its day can be played.',
  happensOverDayPlayed: 'What happens over a day, played with the times above.',
  writeOne: 'Write one',
  scenario2: 'Scenario',
  scenariosOfThisDoor: 'Scenarios of this door',
  kept: 'kept',
  otherwiseThanExpected: 'otherwise than expected',
  asExpected: 'as expected',
});
