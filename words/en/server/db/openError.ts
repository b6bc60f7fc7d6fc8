import { messages } from '../../../messages';

export const say = messages({
  folderFileMayNot: 'the folder or file may not be written by this user',
  liesDiskReadOnly: 'it lies on a disk that is read-only',
  partPathFileNot: 'a part of the path is a file, not a folder',
  folderNotFile: 'it is a folder, not a file',
  theDiskIsFull: 'the disk is full',
  itIsReadOnly: 'it is read-only',
  itsFolderIsReadOnly: 'its folder is read-only',
  cannotOpenedPathLeads: 'it cannot be opened: the path leads nowhere, or this user may not',
  itIsNotADatabase: 'it is not a database',
  itIsDamaged: 'it is damaged',
  anotherProgramHoldsIt: 'another program holds it',
  chooseAnotherFileAldaba: 'Choose another file with ALDABA_DATA, or restore a backup.',
  restoreBackupNpmRun: 'Restore a backup: npm run -s aldaba -- restore FILE.',
  aldabaDataNamesTheFile: 'ALDABA_DATA names the file.',
  theDatabaseCannotBeUsed: (resolve: string, reason: string, advice: string) =>
    `The database ${resolve} cannot be used: ${reason}. ${advice}`,
});
