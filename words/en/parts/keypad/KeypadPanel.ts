import { messages } from '../../../messages';

export const say = messages({
  ready: 'ready',
  programming: 'programming',
  theMasterCardThatAdds: 'The master card that adds',
  theMasterCardThatRemoves: 'The master card that removes',
  simulatedKeypad: 'Simulated keypad',
  sLeft: (seconds: number) => `${seconds} s left`,
  keysPressed: (count: number) => `${count} keys pressed`,
  screenOfTheSimulatedTerminal: 'Screen of the simulated terminal',
  cards: 'Cards',
  presentACard: 'Present a card',
  anUnknownCard: 'An unknown card',
  fingers: 'Fingers',
  layAFingerOnIt: 'Lay a finger on it',
  fingerNobodyList: 'A finger of nobody on the list',
  simulatedKeypadPressKeys: (timeoutMs: number) =>
    `Simulated keypad: press its keys, or type while it has the focus. After ${timeoutMs} s of silence it drops out.`,
});
