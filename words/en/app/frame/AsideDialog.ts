import { messages } from '../../../messages';

export const say = messages({
  changesCouldNotSaved: 'Changes that could not be saved',
  eachKeptTabUntil:
    'Each is kept in this tab until you try it again or let it go. Everything else was saved.',
  whatWasTyped: 'What was typed',
  siteStandsWouldRefused:
    'As the site stands it would be refused again. Settle what it names first, or note the text down and let it go.',
  tryAgain: 'Try again',
  letItGo: 'Let it go',
});
