import { messages } from '../../messages';

export const say = messages({
  outOfRange: 'out of range',
  checkPlanNoLonger: 'a check that the plan no longer asks for',
  testSheet: 'Test sheet',
  check: 'Check',
  shouldRead: 'Should read',
  reading: 'Reading',
  result: 'Result',
  dateName: 'Date, name',
  withdrawn: (nameOf: string, slice: string, by: string, reason: string) =>
    `Withdrawn: ${nameOf}, ${slice}, ${by}. ${reason}`,
  installer: 'Installer',
  receivedBy: 'Received by',
  nameDateSignature: (who: string) => `${who}: name, date, signature`,
  no: (serial: string) => `no. ${serial}`,
});
