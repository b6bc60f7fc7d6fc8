import { num, type Words } from '../text';

const counted = (n: number | string, one: string, many: string) => (n === 1 ? `One ${one}` : `${n} ${many}`);

export const wiresAssumed: Words = {
  title: (v) => {
    const [lengths, sizes] = [num(v, 'lengths'), num(v, 'sizes')];
    const total = lengths + sizes;
    if (sizes === 0) return `${counted(lengths, 'length is', 'lengths are')} assumed`;
    if (lengths === 0) return `${counted(sizes, 'conductor size is', 'conductor sizes are')} assumed`;
    return `${Number.isFinite(total) ? total : `‹count›`} lengths and conductor sizes are assumed`;
  },
  reason: () =>
    'Nobody has entered them, here or at a door connected to this one. Voltages, voltage drop and battery time depend on them: a longer run leaves the lock less. Press “Assumed” at Wire and enter what was measured.',
};
