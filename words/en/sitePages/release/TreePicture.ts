import { messages } from '../../../messages';

export const say = messages({
  releasesPicture: 'What releases what, as a picture',
  fireZonesRelaysThey: 'Fire zones, relays, what they work on, and doors',
});
