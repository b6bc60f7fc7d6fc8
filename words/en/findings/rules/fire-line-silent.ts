import type { Words } from '../text';

export const fireLineSilent: Words = {
  title: (v) =>
    v['coil'] === 'idle'
      ? `${v['tag']} releases nothing when its cable is cut`
      : `Not said: what ${v['tag']} does when its cable is cut`,
  reason: (v) =>
    v['coil'] === 'idle'
      ? 'Its coil is energised by an alarm: with its cable cut or the panel dead, the fire never arrives, and nobody knows before. Have the panel keep the coil energised until an alarm, or have it monitor the cable. Ask whoever decides there.'
      : 'A coil that the panel keeps energised until an alarm releases the door when the cable is cut or the panel is dead; one that an alarm energises does not. Ask who installs the fire alarm, and set it at the relay. Test it: take the cable off, and the door must unlock.',
};
