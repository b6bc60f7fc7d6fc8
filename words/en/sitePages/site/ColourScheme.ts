import { messages } from '../../../messages';

export const say = messages({
  coloursOfWires: 'Colours of wires',
  aldabaLaysNowTakes:
    'What Aldaba lays from now on takes these colours (codes of IEC 60757). Wire a door again to give its wires the new ones; wires laid by hand stay as they are.',
  changeAColour: 'change a colour',
  usual: ', usual',
  usualColours: 'usual colours',
  backToTheUsualColours: 'Back to the usual colours',
});
