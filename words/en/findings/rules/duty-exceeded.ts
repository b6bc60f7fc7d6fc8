import type { Words } from '../text';

const HOLDS: Readonly<Record<string, (by: string) => string>> = {
  rest: () => 'It is fed at rest, all day.',
  hours: () => 'The unlock schedule keeps it fed for hours.',
  fire: () => 'A fire alarm keeps it fed until somebody resets it.',
  act: (by) => `${by === '' ? 'An act at the door' : by} keeps it fed for longer.`,
  open: (by) => `After ${by === '' ? 'an entry' : by} it stays fed for as long as the door stands open.`,
};

export const dutyExceeded: Words = {
  title: (v) =>
    Number(v['limit']) > 0
      ? `${v['tag']} is fed for more than ${v['limit']} s at a stretch`
      : `${v['tag']} is fed for long, and nothing says that it may be`,
  reason: (v) =>
    `${HOLDS[String(v['why'])]?.(String(v['by'])) ?? ''} ${
      Number(v['limit']) > 0
        ? 'This lock is made for a short release: its coil gets hot and burns. Use one rated for continuous duty, or end the release sooner.'
        : 'Check the maker’s sheet for continuous duty.'
    }`,
};
