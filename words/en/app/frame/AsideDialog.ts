import { messages } from '../../../messages';

export const say = messages({
  changesCouldNotSaved: 'Changes that could not be saved',
  eachKeptTabUntil:
    'Each is kept in this tab until you try it again or discard it. Everything else was saved.',
  whatWasTyped: 'What was typed',
  siteStandsWouldRefused:
    'As the site stands it would be refused again. Fix what it names first, or copy the text and discard it.',
  tryAgain: 'Try again',
  letItGo: 'Discard it',
});
