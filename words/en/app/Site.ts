import { messages } from '../../messages';

export const say = messages({
  fetchingRestSite: 'Fetching the rest of the site',
  pageBroughtDoorAsked: 'The page brought the door that was asked for. The others are on their way.',
  thisPage: 'This page',
  close: 'Close',
});
