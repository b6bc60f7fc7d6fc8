import { list, REASONS, type Words } from '../text';

export const notProven: Words = {
  title: () => 'Some situations are not proven',
  reason: (v) =>
    `${list(v['reasons'])
      .map((r) => REASONS[r] ?? r)
      .join('; ')}.`,
};
