import { messages } from '../../messages';

export const say = messages({
  serverDoesNotAnswer: 'The server does not answer: no pack was made.',
  makingThePack: 'Making the pack',
});
