import { messages } from '../../../messages';

export const say = messages({
  takenBackSettingSheet: 'Unchecked on the setting sheet',
  takeBackACheck: 'uncheck a setting',
  checkOffASetting: 'check off a setting',
  nothingToSet: 'Nothing to set',
  noDeviceDoorJumper: 'No device of this door has a jumper, a switch, a dial or a menu.',
  setCheckedSetDevice: (done: number, count: number) =>
    `${done} of ${count} set and checked. Set a device before it is closed up: an address is easier to read on the bench than over a ceiling.`,
  checkedBy: 'Checked by',
  whoChecks: 'Who checks?',
  printTheSheet: 'Print the sheet',
  setADevice: 'set a device',
  rowsTo: (rows: undefined | number, rows2: undefined | number) => `rows ${rows} to ${rows2}`,
  row: (rows: undefined | number) => `row ${rows}`,
  is: (tag: string, setting: string, valueOf: string) => `${tag}: ${setting} is ${valueOf}`,
  settingsOf: (tag: string) => `Settings of ${tag}`,
  upIsOn: 'up is on',
  switchesStandSo: (tag: string, bank: string) => `${tag}: switches ${bank} stand so`,
  setting: 'Setting',
  value: 'Value',
  set: 'Set',
});
