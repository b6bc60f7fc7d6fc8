import { factsUnder } from '../facts';

/** What a drive remembers of its leaf. What it has never heard of is not so. */
type DriveMemory = {
  /** On its way open, or standing there. */
  readonly open: boolean;
  readonly opening: boolean;
  readonly closing: boolean;
  /** A stop button has cut its loop. */
  readonly stopped: boolean;
  /** Something is in the way. */
  readonly blocked: boolean;
  /** A fire alarm has cut its loop. */
  readonly alarm: boolean;
};

export const drive = factsUnder<DriveMemory>('drive');
