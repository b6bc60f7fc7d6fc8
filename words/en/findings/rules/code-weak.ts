import type { Weakness } from '#core/keypads/index';
import { WEAKNESSES } from '../../weakness';
import type { Words } from '../text';

export const codeWeak: Words = {
  title: (v) => `${v['name']}’s code is too easy to guess`,
  reason: (v) =>
    `Whoever tries a few tries it first: ${WEAKNESSES[v['why'] as Weakness] ?? ''}. Choose another.`,
};
