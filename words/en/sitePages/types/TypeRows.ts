import { messages } from '../../../messages';

export const say = messages({
  terminal: (terminal: string) => `Terminal ${terminal}`,
  name: 'name',
  conductors: 'conductors',
  mayStayEmpty: 'may stay empty',
  holdsBy: 'holds by',
  fromMm: 'from mm²',
  toMm: 'to mm²',
  carries: 'carries',
  removeTerminal: (terminal: string) => `Remove terminal ${terminal}`,
  setting: (setting: string) => `Setting ${setting}`,
  setting2: (setting: string) => `setting ${setting}`,
  valuesByComma: 'values, by comma',
  removeSetting: (setting: string) => `Remove setting ${setting}`,
});
