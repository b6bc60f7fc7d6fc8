import { messages } from '../../../messages';

export const say = messages({
  name: 'Name',
  address: 'Address',
  jobNumber: 'Job number',
  whichYouCustomerKnow: 'By which you and the customer know it.',
  company: 'Company',
  whoPlansInstallsHead: 'Who plans and installs: at the head of every pack.',
  telephoneOrEMail: 'Telephone or e-mail',
  notes: 'Notes',
  thisSite: 'This site',
  region: 'Region',
  namesStandardsPackPoints:
    'What is asked of a door, and the standards that a pack points to. Local code decides in every case.',
  changeTheRegion: 'change the region',
  change: (label: string) => `change: ${label}`,
  changeTheTimeZone: 'change the time zone',
  timeZone: 'Time zone',
  suchEuropeBerlinWhen: 'Such as Europe/Berlin: when the clocks change is shown in the week of a door.',
  noSuchTimeZone: 'No such time zone. It was not kept.',
});
