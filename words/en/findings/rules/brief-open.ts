import { num, type Words } from '../text';

export const briefOpen: Words = {
  title: (v) =>
    num(v, 'count') === 1
      ? 'One question of the brief is unanswered'
      : `${v['count']} questions of the brief are unanswered`,
  reason: () => 'What depends on them is not proven until they are answered.',
};
