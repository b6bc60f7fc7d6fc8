import type { Differs } from '#core/scenarios/index';
import { differsHere } from '../../scenarioDiffers';
import { num, type Words } from '../text';

export const scenarioDiffers: Words = {
  title: (v) => `“${v['name']}” does not go as expected`,
  reason: (v) => {
    const more = num(v, 'count') - 1;
    const first = differsHere({ ...v, kind: v['differs'] } as unknown as Differs);
    return more > 0 ? `${first} ${more} more ${more === 1 ? 'thing differs' : 'things differ'}.` : first;
  },
};
