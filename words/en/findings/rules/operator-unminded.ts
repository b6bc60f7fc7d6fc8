import { situationName } from '../../situationNames';
import type { Words } from '../text';

const isAlways = (v: Parameters<Words['title']>[0]): boolean => v['situation'] === 'rest';

export const operatorUnminded: Words = {
  title: (v) =>
    isAlways(v)
      ? `${v['tag']} closes on anybody standing there`
      : `${v['tag']} closes on anybody standing there: ${situationName(String(v['situation']))}`,
  reason: (v) =>
    (v['force'] === 'unsaid'
      ? `It has no input for a safety edge or presence sensor, and its type does not say that it is low energy.`
      : v['force'] === 'full'
        ? `It has no input for a safety edge or presence sensor, and it is not a low-energy drive: use one with a safety loop.`
        : isAlways(v)
          ? `Nothing in the plan works ${v['tag']}.${v['terminal']}: fit a safety edge or a presence sensor, normally closed.`
          : `Then nothing opens the loop at ${v['tag']}.${v['terminal']}, and the drive still closes: feed its sensor from the drive’s own supply, with a contact that opens without power.`) +
    ' How much force a drive may use is for the local code.',
};
