import type { ReplyId } from './language';
import type { ScreenText } from './screenText';

/** What somebody saw after keying a line: the answer on the sheet, another one, or none but that programming was over. */
export type CardSeen = 'so' | 'refused' | 'dropped-out' | 'something-else';

/** What somebody saw, by what a keypad answered, and by what stands on its screen where it has one. */
export const cardAsReadBy = (
  answer: ReplyId,
  wanted: ReplyId,
  screen: ScreenText | null = null,
  reads: ScreenText | null = null,
): CardSeen =>
  answer === wanted
    ? JSON.stringify(screen) === JSON.stringify(reads)
      ? 'so'
      : 'something-else'
    : answer === 'refused'
      ? 'refused'
      : answer === 'timed-out' || answer === 'locked-out'
        ? 'dropped-out'
        : 'something-else';
