import type { Words } from '../text';

export const leavingForced: Words = {
  title: () => `Everybody who leaves raises the forced alarm`,
  reason: (v) =>
    `${v['tag']} sees the door open and nothing says that it is wanted. Give the lever a contact on the exit input, set to report.`,
};
