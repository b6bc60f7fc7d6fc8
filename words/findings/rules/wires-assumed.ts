import { num, type Words } from '../text';

const counted = (n: number, one: string, many: string) => (n === 1 ? `one ${one}` : `${n} ${many}`);

export const wiresAssumed: Words = {
  title: (v) => {
    const parts = [
      num(v, 'lengths') > 0 ? counted(num(v, 'lengths'), 'length', 'lengths') : '',
      num(v, 'sizes') > 0 ? counted(num(v, 'sizes'), 'conductor size', 'conductor sizes') : '',
    ].filter(Boolean);
    const text = `${parts.join(' and ')} ${num(v, 'lengths') + num(v, 'sizes') === 1 ? 'is' : 'are'} assumed`;
    return text.charAt(0).toUpperCase() + text.slice(1);
  },
  reason: () =>
    'Nobody has entered them, here or at a door that is joined to this one. The voltages, the drop along the cable and the battery rest on them: a longer run gives the lock less. Press “Assumed” at Wire and enter what was measured.',
};
