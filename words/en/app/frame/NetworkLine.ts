import { messages } from '../../../messages';

export const say = messages({
  signedWithoutCodesKeypads:
    'Signed in without codes: keypads are not judged, and who opens what is not changed here.',
  noNetworkKeptSent: (device: string) => `No network. Kept on this ${device}; sent when the network is back.`,
  codesNotKeptHere: ' Codes are not kept here: keypads are not judged.',
});
