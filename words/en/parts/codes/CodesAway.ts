import { messages } from '../../../messages';

export const say = messages({
  codesCardsStandNo: 'Codes and cards stand in no page: they are being fetched.',
  codesCardsKeypadsHold:
    'Codes, cards and what keypads hold are not shown with your passphrase. Sign in with the one that shows them.',
});
