import { list, type Words } from '../text';

const ANSWERS: Readonly<Record<string, string>> = {
  outdoors: 'it is not exposed to weather',
  slowWalkers: 'nobody walks slowly',
  readerDistance: 'the reader is 1.5 m from the handle',
};

export const briefAssumed: Words = {
  title: (v) =>
    list(v['answers']).length > 1
      ? 'Some answers of the brief are assumed'
      : 'One answer of the brief is assumed',
  reason: (v) =>
    `Not answered; Aldaba assumes that ${list(v['answers'])
      .map((one) => ANSWERS[one] ?? one)
      .join(', ')}. The unlock time and the devices outside depend on it.`,
  remedy: () => 'That is right',
};
