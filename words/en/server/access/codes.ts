import { messages } from '../../../messages';

export const say = messages({
  yourPassphraseDoesNot:
    'Your passphrase does not show codes, cards and what keypads hold, and changes none of them. Sign in with the one that does.',
});
