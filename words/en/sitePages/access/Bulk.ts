import { messages } from '../../../messages';

export const say = messages({
  changePeople: (count: number) => `change ${count} people`,
  changeAllShown: 'Change all shown…',
  changeOnePerson: 'Change one person',
  changePeople2: (count: number) => `Change ${count} people`,
  what: 'What',
  giveALevel: 'Give a level',
  takeALevel: 'Take an access level',
  putIntoAGroup: 'Put into a group',
  setTheLastDay: 'Set the last day',
  noLevelYetMake: 'There is no access level yet: make one under Access levels.',
  level: 'Level',
  group: 'Group',
  emptyInNoGroup: 'Empty: in no group.',
  lastDay: 'Last day',
  emptyNoLastDay: 'Empty: no last day.',
  thisChangesNobody: 'This changes nobody.',
  changesUndoTakesBack: (count: number, count2: number) =>
    `This changes ${count} of ${count2}; one undo reverses it.`,
  change: (count: number) => `Change ${count}`,
});
