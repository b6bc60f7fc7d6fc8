import { messages } from '../../messages';

export const say = messages({
  noBackupWrittenMb: (round: number, round2: number) =>
    `No backup was written: ${round} MB are free, and ${round2} MB are wanted.`,
  noBackupWasWritten: (message: string) => `No backup was written: ${message}`,
});
