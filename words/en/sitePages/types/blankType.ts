import { messages } from '../../../messages';

export const say = messages({
  ownDevice: 'Own device',
  ownDevice2: 'own device',
});
