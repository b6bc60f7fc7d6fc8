import { situationName } from '../../situationNames';
import type { Words } from '../text';

export const fireDoorUnlatched: Words = {
  title: (v) => `Fire door: nothing latches it (${situationName(String(v['situation'])).toLowerCase()})`,
  reason: (v) =>
    v['strike'] === 'strike'
      ? `${v['tag']} releases the latch, and the fire pushes the leaf open. A fire door needs a fail-secure strike, or a lock that keeps its latch, and a lever for those who leave.`
      : `${v['tag']} is not a latch, and by the brief the door has none of its own: the fire pushes the leaf open.`,
};
