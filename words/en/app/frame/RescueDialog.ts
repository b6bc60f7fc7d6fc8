import { messages } from '../../../messages';

export const say = messages({
  theDatabaseFileIsDamaged: 'The database file is damaged',
  siteCanReadNot:
    'This site can be read, and not changed. What you type stays in this browser and is sent when the server can write again.',
  doorsNotJudgedMeanwhile:
    ' Doors are not judged meanwhile: a pass of what is left of them would prove nothing.',
  whole: 'Complete',
  notWhole: 'Incomplete',
  doors: 'Doors',
  fileNoLongerSays: 'The file no longer says which doors are complete. Trust none of them without a look.',
  lost: 'Lost',
  exportWhatCanBeRead: 'Export what can be read',
  aSiteFileWithoutCodes: ': a site file, without codes.',
  putNewestBack: (at: string) => `Put the newest backup back (${at}).`,
  putABackupBack: 'Put a backup back.',
  inFolderOfAldaba: 'On the server, in the folder of Aldaba:',
  importYouExportedBeside:
    'Import what you exported beside it where the backup is older, and compare the two.',
});
