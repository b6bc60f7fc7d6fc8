import { situationName } from '../../situationNames';
import type { Words } from '../text';

const isAlways = (v: Parameters<Words['title']>[0]): boolean => v['situation'] === 'rest';

export const operatorUnminded: Words = {
  title: (v) =>
    isAlways(v)
      ? `${v['tag']} shuts on whoever stands there`
      : `${v['tag']} shuts on whoever stands there: ${situationName(String(v['situation']))}`,
  reason: (v) =>
    (v['force'] === 'unsaid'
      ? `It takes neither a safety edge nor a presence sensor, and its type does not say that it is low energy.`
      : v['force'] === 'full'
        ? `It takes neither a safety edge nor a presence sensor, and it is no low-energy drive: one with a safety loop is needed.`
        : isAlways(v)
          ? `Nothing in the plan works ${v['tag']}.${v['terminal']}: give it a safety edge or a presence sensor, in a closed loop.`
          : `Then nothing opens the loop at ${v['tag']}.${v['terminal']}, and the drive still shuts: feed its sensor from what feeds the drive, by a contact that opens without power.`) +
    ' How much force a drive may use is for the rules of your place.',
};
