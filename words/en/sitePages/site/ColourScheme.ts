import { messages } from '../../../messages';

export const say = messages({
  coloursOfWires: 'Colours of wires',
  aldabaLaysNowTakes:
    'Wires that Aldaba adds from now on take these colours (codes of IEC 60757). Wire a door again to give its wires the new ones; wires added by hand stay as they are.',
  changeAColour: 'change a colour',
  usual: ', usual',
  usualColours: 'usual colours',
  backToTheUsualColours: 'Back to the usual colours',
});
