import { messages } from '../../../messages';

export const say = messages({
  findDoorDeviceWire: 'Find a door, device, wire or person',
  previousNextDoor: 'Previous, next door',
  station: 'Station',
  newWire: 'New wire',
  nextFinding: 'Next finding',
  showOrHideTheBench: 'Show or hide the bench',
  ctrlZ: 'Ctrl Z',
  undo: 'Undo',
  ctrlZ2: 'Ctrl ⇧ Z',
  redo: 'Redo',
  removeTheChosenWire: 'Remove the chosen wire',
  thisList: 'This list',
});
