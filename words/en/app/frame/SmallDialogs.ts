import { messages } from '../../../messages';

export const say = messages({
  keyboardShortcuts: 'Keyboard shortcuts',
  yourName: 'Your name',
  keptBrowserStandsBeside: 'It is kept in this browser and stands beside your changes and readings.',
  name: 'Name',
  keep: 'Keep',
});
