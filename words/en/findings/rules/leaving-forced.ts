import type { Words } from '../text';

export const leavingForced: Words = {
  title: () => `Everybody who leaves raises the door forced alarm`,
  reason: (v) =>
    `${v['tag']} sees the door open without a request to exit. Give the lever a contact on the exit input, set to report only.`,
};
